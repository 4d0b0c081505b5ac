import { utf8ToBytes } from '@noble/hashes/utils.js';
import type { SignatureRecord } from '../lots/signature';
import type { AnyRecord } from '../record';
import { bytesOf } from './base64';
import { digestOfBytes } from './digest';
import { checkLotDigest } from './lotDigest';

/** Keys of devices: ECDSA on P-256. */
export const DEVICE_KEYS = { name: 'ECDSA', namedCurve: 'P-256' } as const;

/** How devices sign. */
export const SIGNING = { name: 'ECDSA', hash: 'SHA-256' } as const;

/** What is signed of a lot. */
export const signedBytes = (lotId: string, digest: string): Uint8Array<ArrayBuffer> =>
  new Uint8Array(utf8ToBytes(`ripenum-signature-1 ${lotId} ${digest}`));

/** A device's key as short as people compare it: eight groups of four, of the digest of the key. */
export const printOf = (publicKey: string): string =>
  (
    digestOfBytes(bytesOf(publicKey) ?? new Uint8Array())
      .slice(0, 32)
      .toUpperCase()
      .match(/.{4}/g) ?? []
  ).join(' ');

/** Whether a signature was made with the key that it names, for the lot that it belongs to. */
export async function isGenuine({ ownerId, content }: SignatureRecord): Promise<boolean> {
  const [key, value] = [bytesOf(content.publicKey), bytesOf(content.value)];
  if (!key || !value) return false;
  try {
    const publicKey = await crypto.subtle.importKey('raw', key, DEVICE_KEYS, false, ['verify']);
    const bytes = signedBytes(ownerId, content.digest);
    return await crypto.subtle.verify(SIGNING, publicKey, value, bytes);
  } catch {
    return false; // no point of the curve
  }
}

/** What is found of a signature. */
export interface SignatureFound {
  readonly code: string;
  readonly signedAt: string;
  /** of the device, to be compared with what the keeper gave */
  readonly print: string;
  /** `changed`: the records are not those that were signed; `false`: not made with this key */
  readonly status: 'genuine' | 'changed' | 'false';
  /** records of the lot that came later, the signature itself not counted */
  readonly later: number;
}

/**
 * Holds a signature against the lot as it stands.
 *
 * @param records - in the order in which they were appended
 */
export async function checkSignature(
  records: readonly AnyRecord[],
  signature: SignatureRecord,
): Promise<SignatureFound> {
  const { ownerId, content, recordedAt } = signature;
  const check = checkLotDigest(records, ownerId, content.digest);
  const lot = records.findLast((row) => row.kind === 'lot' && row.entityId === ownerId);
  const isWhole = check.status === 'whole';
  const status = isWhole ? 'genuine' : 'changed';
  return {
    code: lot?.kind === 'lot' ? lot.content.code : '',
    signedAt: recordedAt,
    print: printOf(content.publicKey),
    status: (await isGenuine(signature)) ? status : 'false',
    later: isWhole ? Math.max(0, check.later - 1) : 0,
  };
}
