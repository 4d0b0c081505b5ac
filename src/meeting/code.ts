import { bytesToHex } from '@noble/hashes/utils.js';

/** Bytes of the secret that a code carries: nobody guesses it. */
const SECRET_BYTES = 16;

/** A secret that was never used before. */
export const newSecret = (): Uint8Array<ArrayBuffer> =>
  crypto.getRandomValues(new Uint8Array(SECRET_BYTES));

/** The code to be read and typed: eight groups of four signs. */
export const codeText = (secret: Uint8Array): string =>
  (bytesToHex(secret).match(/.{4}/g) ?? []).join('-');

/** The secret of a code as it is typed, or of an address that ends with one; null where it is none. */
export function secretOf(text: string): Uint8Array<ArrayBuffer> | null {
  const code = text.slice(text.lastIndexOf('#') + 1).replace(/[\s-]/g, '');
  if (!/^[0-9a-f]{32}$/i.test(code)) return null;
  return Uint8Array.from(code.match(/../g) ?? [], (pair) => Number.parseInt(pair, 16));
}

/** What both devices make of the secret; the letter box learns only the name of the box. */
export interface MeetingKeys {
  /** name of the letter box, 32 hexadecimal digits */
  readonly box: string;
  readonly key: CryptoKey;
}

const SALT = new TextEncoder().encode('ripenum-meeting-1');

/**
 * @throws TypeError where the page came without encryption: then the browser lends no keys
 */
export async function keysOf(secret: Uint8Array<ArrayBuffer>): Promise<MeetingKeys> {
  const material = await crypto.subtle.importKey('raw', secret, 'HKDF', false, [
    'deriveBits',
    'deriveKey',
  ]);
  const from = (info: string): HkdfParams => ({
    name: 'HKDF',
    hash: 'SHA-256',
    salt: SALT,
    info: new TextEncoder().encode(info),
  });
  const box = await crypto.subtle.deriveBits(from('box'), material, 128);
  const kind = { name: 'AES-GCM', length: 256 };
  const key = await crypto.subtle.deriveKey(from('key'), material, kind, false, [
    'encrypt',
    'decrypt',
  ]);
  return { box: bytesToHex(new Uint8Array(box)), key };
}
