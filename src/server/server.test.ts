import { once } from 'node:events';
import { mkdtempSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import type { AddressInfo } from 'node:net';
import path from 'node:path';
import { serve } from '@hono/node-server';
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

  test('the policy that docs/hosting.md gives to other hosts is this one', async () => {
    const policy = (await get('/')).headers.get('content-security-policy');
    const [, written] = /Content-Security-Policy "([^"]+)"/.exec(
      readFileSync('docs/hosting.md', 'utf8'),
    ) ?? ['', ''];
    expect(written).toBe(policy);
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

describe('names under which it is reached', () => {
  const asked = async (host: string, names: string[] = []): Promise<number> => {
    const app = createServerApp({ clientFolder, demo: false, names });
    return (await app.request('/api/health', { headers: { host } })).status;
  };

  test.each(['localhost', 'LOCALHOST:4170', '127.0.0.1:4170', '192.168.1.20', '[::1]:4170'])(
    '%s is one of them',
    async (host) => expect(await asked(host)).toBe(200),
  );

  test.each(['honey.example', 'localhost.honey.example:4170', '127.0.0.1.honey.example', ''])(
    '“%s” is none unless it was said',
    async (host) => expect(await asked(host)).toBe(421),
  );

  test('a name that was said is one, whatever its letters', async () => {
    expect(await asked('Honey.example:443', ['honey.Example'])).toBe(200);
  });
});

test('it takes nothing: whatever is sent is refused unread', async () => {
  const app = createServerApp({ clientFolder, demo: false });
  for (const method of ['POST', 'PUT', 'DELETE', 'PATCH', 'OPTIONS']) {
    const answer = await app.request('/api/health', { method });
    expect([method, answer.status, answer.headers.get('allow')]).toEqual([
      method,
      405,
      'GET, HEAD',
    ]);
  }
  expect((await app.request('/', { method: 'HEAD' })).status).toBe(200);
});

/**
 * Opens streams and drops them again, until as many are taken as were hoped for. Those dropped
 * before are found gone at their next line, on a busy machine later than on a quiet one; one that
 * is never found gone fails this.
 */
async function openedAndDropped(port: number, count: number, hoped: number): Promise<Response[]> {
  for (let tries = 0; tries < 100; tries += 1) {
    const ends = new AbortController();
    const address = `http://localhost:${port}/api/meter/stream?pace=50`;
    const answers = await Promise.all(
      Array.from({ length: count }, () => fetch(address, { signal: ends.signal })),
    );
    const refused = answers.find(({ status }) => status !== 200)?.clone();
    const body: unknown = await refused?.json();
    ends.abort();
    if (refused !== undefined) expect(body).toMatchObject({ error: { code: 'busy' } });
    if (answers.filter(({ status }) => status === 200).length === hoped) return answers;
    await new Promise((resolve) => setTimeout(resolve, 60));
  }
  throw new Error('streams that were dropped still take their places');
}

test('five hundred streams opened and dropped leave nothing behind; too many at once are refused', async () => {
  const app = createServerApp({ clientFolder, demo: false });
  const server = serve({ fetch: app.fetch, port: 0 });
  await once(server, 'listening');
  const { port } = server.address() as AddressInfo;
  try {
    for (let round = 0; round < 20; round += 1) await openedAndDropped(port, 25, 25);
    const many = await openedAndDropped(port, 60, 40);
    expect(many.filter(({ status }) => status === 503)).toHaveLength(20);
  } finally {
    server.close();
    if ('closeAllConnections' in server) server.closeAllConnections();
  }
});

describe('command line', () => {
  test('options, environment, and what is taken otherwise', () => {
    expect(readCommandLine([], {})).toEqual({
      port: 4170,
      host: 'localhost',
      demo: false,
      lan: false,
      names: ['localhost'],
    });
    expect(readCommandLine(['--lan'], {}).lan).toBe(true);
    expect(readCommandLine(['--name', 'honey.example', '--name', 'b'], {}).names).toEqual([
      'localhost',
      'honey.example',
      'b',
    ]);
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
