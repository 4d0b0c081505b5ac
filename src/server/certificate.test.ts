import { X509Certificate, createPrivateKey, createPublicKey } from 'node:crypto';
import { mkdtempSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { describe, expect, test } from '@jest/globals';
import { certificateOf, fingerprintOf } from './certificate';
import { lanOf, lanText } from './lan';

const NAMES = ['192.0.2.7', 'localhost', '127.0.0.1'];
const DAY_MS = 86_400_000;
const folder = (): string => path.join(mkdtempSync(path.join(tmpdir(), 'ripenum-')), 'home');

describe('the certificate of the house', () => {
  test('names every address, vouches for nothing else, and fits its key', async () => {
    const { key, cert } = await certificateOf(NAMES, folder());
    const read = new X509Certificate(cert);
    expect(read.checkIP('192.0.2.7')).toBe('192.0.2.7');
    expect(read.checkHost('localhost')).toBe('localhost');
    expect(read.checkIP('192.0.2.8')).toBeUndefined();
    expect(read.ca).toBe(false);
    expect(read.checkPrivateKey(createPrivateKey(key))).toBe(true);
    expect(createPublicKey(key).asymmetricKeyDetails?.namedCurve).toBe('prime256v1');
    const days = (Date.parse(read.validTo) - Date.parse(read.validFrom)) / DAY_MS;
    expect(days).toBeLessThan(398);
  });

  test('stays the same, so that a phone need not be asked again', async () => {
    const home = folder();
    const first = await certificateOf(NAMES, home);
    expect(await certificateOf(NAMES, home)).toEqual(first);
    expect(statSync(path.join(home, 'certificate.json')).mode & 0o777).toBe(0o600);
    expect(fingerprintOf(first)).toMatch(/^([0-9A-F]{2}:){31}[0-9A-F]{2}$/);
  });

  test('is made anew for another address, before it runs out, or where it cannot be read', async () => {
    const home = folder();
    const first = await certificateOf(NAMES, home);
    const moved = await certificateOf(['192.0.2.9', ...NAMES.slice(1)], home);
    expect(moved.cert).not.toBe(first.cert);
    const later = Date.now() + 380 * DAY_MS;
    expect((await certificateOf(['192.0.2.9'], home, later)).cert).not.toBe(moved.cert);
    writeFileSync(path.join(home, 'certificate.json'), '{"key": 1');
    const again = await certificateOf(NAMES, home);
    expect(JSON.parse(readFileSync(path.join(home, 'certificate.json'), 'utf8'))).toEqual(again);
  });
});

test('what is printed for the phone: addresses, a code, the warning and what to compare', async () => {
  process.env['RIPENUM_HOME'] = folder();
  const lan = await lanOf(4391, ['192.0.2.7', '198.51.100.3']);
  expect(lan.addresses).toEqual(['https://192.0.2.7:4391', 'https://198.51.100.3:4391']);
  const text = await lanText(lan);
  expect(text).toContain('open https://192.0.2.7:4391 or https://198.51.100.3:4391');
  expect(text).toContain('▄');
  expect(text).toContain(fingerprintOf(lan.certificate));
  await expect(lanOf(4391, [])).rejects.toThrow('in no network');
});
