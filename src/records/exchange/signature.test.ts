import { describe, expect, test } from '@jest/globals';
import { createHash, createPublicKey, verify } from 'node:crypto';
import { RipenumDatabase } from '../../db/database';
import { signedBy } from '../../db/deviceKey';
import { firstRevision } from '../revise';
import type { AnyRecord } from '../record';
import { signatureKind, type SignatureRecord } from '../lots/signature';
import { countingScribe, sampleLot } from '../test/sampleLot';
import { lotDigest } from './lotDigest';
import { recordFileOf, recordFileText } from './recordFile';
import { checkSignature, printOf } from './signature';
import { FileVerification } from './verifyFile';

const scribe = countingScribe('signed', 'CD');
const lot = sampleLot();
const lotId = lot[0]?.entityId ?? '';

async function signed(
  records: readonly AnyRecord[],
  database = new RipenumDatabase('signer'),
): Promise<SignatureRecord> {
  const content = await signedBy(database, { lotId, digest: lotDigest(records, lotId) });
  return firstRevision(scribe, 'signature', content, lotId);
}

describe('a signature of a device', () => {
  test('keeps to its schema and is genuine for the lot as it stood; what came later is counted', async () => {
    const signature = await signed(lot);
    expect(signatureKind.schema.safeParse(signature).success).toBe(true);
    const found = await checkSignature([...lot, signature], signature);
    expect(found).toMatchObject({
      status: 'genuine',
      later: 0,
      code: lot[0]?.kind === 'lot' && lot[0].content.code,
    });
    const second = await signed([...lot, signature]);
    expect(await checkSignature([...lot, signature, second], signature)).toMatchObject({
      later: 1,
    });
  });

  test('is one that another program finds good, over the text that is published', async () => {
    const { content } = await signed(lot);
    const point = Buffer.from(content.publicKey, 'base64');
    const key = createPublicKey({
      format: 'jwk',
      key: {
        ...{ kty: 'EC', crv: 'P-256' },
        x: point.subarray(1, 33).toString('base64url'),
        y: point.subarray(33).toString('base64url'),
      },
    });
    const text = Buffer.from(`ripenum-signature-1 ${lotId} ${lotDigest(lot, lotId)}`);
    const value = Buffer.from(content.value, 'base64');
    expect(verify('sha256', text, { key, dsaEncoding: 'ieee-p1363' }, value)).toBe(true);
    const digest = createHash('sha256').update(point).digest('hex').toUpperCase();
    expect(printOf(content.publicKey).replaceAll(' ', '')).toBe(digest.slice(0, 32));
  });

  test('does not fit once a record is changed, and cannot be moved to another lot or key', async () => {
    const signature = await signed(lot);
    const [head, ...rest] = lot;
    if (head?.kind !== 'lot') throw new Error('no lot');
    const forged = [{ ...head, content: { ...head.content, name: 'Finest' } }, ...rest];
    expect(await checkSignature([...forged, signature], signature)).toMatchObject({
      status: 'changed',
    });
    // made anew over the changed records, but without the key
    const other = await signed(forged, new RipenumDatabase('forger'));
    const claimed = {
      ...other,
      content: { ...other.content, publicKey: signature.content.publicKey },
    };
    expect(await checkSignature([...forged, claimed], claimed)).toMatchObject({ status: 'false' });
    const moved = { ...signature, ownerId: 'another-lot' };
    expect(await checkSignature([...lot, moved], moved)).toMatchObject({ status: 'false' });
    const noPoint = {
      ...signature,
      content: { ...signature.content, publicKey: btoa('x'.repeat(65)) },
    };
    expect(await checkSignature([...lot, noPoint], noPoint)).toMatchObject({ status: 'false' });
  });

  test('comes from one key a device, which nobody can read', async () => {
    const database = new RipenumDatabase('one key');
    const [a, b] = await Promise.all([signed(lot, database), signed(lot, database)]);
    expect(a.content.publicKey).toBe(b.content.publicKey);
    const row = await database.settings.get('device');
    if (row?.key !== 'device') throw new Error('no key');
    await expect(crypto.subtle.exportKey('pkcs8', row.value.privateKey)).rejects.toThrow();
  });

  test('is found in a file by the verifier', async () => {
    const signature = await signed(lot);
    const file = recordFileText(recordFileOf([...lot, signature], '2026-11-28T10:00:00.000Z'));
    const verification = new FileVerification();
    verification.feed(file);
    expect(verification.end().status).toBe('whole');
    expect(await verification.signatures()).toMatchObject([
      { status: 'genuine', print: printOf(signature.content.publicKey) },
    ]);
  });
});
