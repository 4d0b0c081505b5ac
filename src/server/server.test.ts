import { mkdtempSync, mkdirSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { beforeAll, describe, expect, test } from '@jest/globals';
import { createServerApp } from './app';
import { readCommandLine } from './options';

let clientFolder: string;

beforeAll(() => {
  const folder = mkdtempSync(path.join(tmpdir(), 'ripenum-server-'));
  mkdirSync(path.join(folder, 'assets'));
  writeFileSync(path.join(folder, 'index.html'), '<title>Ripenum</title>');
  writeFileSync(path.join(folder, 'assets/a.js'), '1;');
  clientFolder = path.relative(process.cwd(), folder);
});

const get = async (address: string, demo = false): Promise<Response> =>
  createServerApp({ clientFolder, demo }).request(address);

describe('server', () => {
  test('every page carries a policy that allows this host only', async () => {
    const policy = (await get('/')).headers.get('content-security-policy');
    expect(policy).toContain("default-src 'none'");
    expect(policy).toContain("style-src 'self';");
    expect(policy).not.toMatch(/unsafe-inline|unsafe-eval'(?<!wasm-unsafe-eval')|https?:|\*/);
  });

  test('an address of the application gets the application, a missing file does not', async () => {
    expect(await (await get('/mine/lots/abc')).text()).toContain('Ripenum');
    expect((await get('/assets/none.js')).status).toBe(404);
  });

  test('named assets are kept for ever, the page is asked for', async () => {
    expect((await get('/assets/a.js')).headers.get('cache-control')).toContain('immutable');
    expect((await get('/')).headers.get('cache-control')).toBe('no-cache');
  });

  test('health, unknown api addresses, and the demo door', async () => {
    expect(await (await get('/api/health')).json()).toEqual({ status: 'ok' });
    expect((await get('/api/none')).status).toBe(404);
    expect((await get('/', true)).headers.get('location')).toBe('/demo/today');
  });
});

describe('command line', () => {
  test('options, environment, and what is taken otherwise', () => {
    expect(readCommandLine([], {})).toEqual({ port: 4170, host: 'localhost', demo: false });
    expect(readCommandLine(['--port', '5000', '--demo'], { PORT: '6000' })).toMatchObject({
      port: 5000,
      demo: true,
    });
    expect(readCommandLine([], { PORT: '6000', HOST: '0.0.0.0' })).toMatchObject({
      port: 6000,
      host: '0.0.0.0',
    });
  });

  test.each(['abc', '0', '70000', '80.5'])('port %s is refused with a sentence', (port) => {
    expect(() => readCommandLine(['--port', port], {})).toThrow('whole number from 1 to 65535');
  });
});
