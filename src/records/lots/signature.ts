import { recordKind, type RevisionOf } from '../recordKind';
import { z } from '../zod';

const base64 = (length: number) => z.base64().length(length);

/** A lot as it stood, signed by a device: whoever has the device’s key did it. */
export const signatureContentSchema = z.object({
  /** of the lot with all that its ruling rests on, as it stood before this, 64 hexadecimal digits */
  digest: z.string().regex(/^[0-9a-f]{64}$/),
  /** of the device, ECDSA on P-256: the point, uncompressed, 65 bytes as base64 */
  publicKey: base64(88),
  /** over the lot and its digest, with SHA-256: r and s, 64 bytes as base64 */
  value: base64(88),
});
export type SignatureContent = z.infer<typeof signatureContentSchema>;

export const signatureKind = recordKind({
  kind: 'signature',
  table: 'signatures',
  since: 8,
  owner: 'lot',
  part: 'lot',
  content: signatureContentSchema,
});
export type SignatureRecord = RevisionOf<typeof signatureKind>;
