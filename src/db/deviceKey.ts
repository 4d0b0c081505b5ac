import type { SignatureContent } from '../records';
import { base64Of } from '../records/exchange/base64';
import { DEVICE_KEYS, SIGNING, signedBytes } from '../records/exchange/signature';
import type { RipenumDatabase } from './database';
import type { DeviceKey } from './settingRows';

async function newKey(): Promise<DeviceKey> {
  const pair = await crypto.subtle.generateKey(DEVICE_KEYS, false, ['sign', 'verify']);
  const point = await crypto.subtle.exportKey('raw', pair.publicKey);
  return { privateKey: pair.privateKey, publicKey: base64Of(new Uint8Array(point)) };
}

/** The key of this device; made when it is first asked for, by whichever tab is first. */
async function deviceKey(database: RipenumDatabase): Promise<DeviceKey> {
  const row = await database.settings.get('device');
  if (row?.key === 'device') return row.value;
  const fresh = await newKey();
  return database.transaction('rw', database.settings, async () => {
    const meanwhile = await database.settings.get('device');
    if (meanwhile?.key === 'device') return meanwhile.value;
    await database.settings.put({ key: 'device', value: fresh });
    return fresh;
  });
}

/**
 * Signs a lot as it stands.
 *
 * @param digest - of the lot, 64 hexadecimal digits
 * @throws TypeError on a page without encryption, where browsers lend no keys
 */
export async function signedBy(
  database: RipenumDatabase,
  { lotId, digest }: { readonly lotId: string; readonly digest: string },
): Promise<SignatureContent> {
  const { privateKey, publicKey } = await deviceKey(database);
  const value = await crypto.subtle.sign(SIGNING, privateKey, signedBytes(lotId, digest));
  return { digest, publicKey, value: base64Of(new Uint8Array(value)) };
}
