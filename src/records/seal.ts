import { chainHead, digestChain } from './digest';
import { inOrder } from './heads';
import { isLotRecord, type AnyRecord } from './record';
import { z } from './zod';

/** The seal of an exported file: it breaks at any later change. */
export const sealSchema = z.object({
  algorithm: z.literal('sha-256-chain'),
  records: z.number().int().min(0),
  head: z.string().regex(/^[0-9a-f]{64}$/),
});
export type Seal = z.infer<typeof sealSchema>;

/** What a file is besides its records; bound into the chain as its start. */
const startOf = (format: unknown, formatVersion: unknown, exportedAt: unknown): string =>
  JSON.stringify([format, formatVersion, exportedAt]);

/** What of a file is sealed. */
interface FileToSeal {
  readonly format: string;
  readonly formatVersion: number;
  readonly exportedAt: string;
  readonly records: readonly AnyRecord[];
}

/** The seal of a file. */
export function sealOf(file: FileToSeal): Seal {
  const start = startOf(file.format, file.formatVersion, file.exportedAt);
  return {
    algorithm: 'sha-256-chain',
    records: file.records.length,
    head: chainHead(start, file.records),
  };
}

/** Whether a file that was read as JSON, and not brought to a newer version yet, keeps to its seal. */
export function isSealWhole(raw: Record<string, unknown>): boolean {
  const { format, formatVersion, exportedAt, records, seal } = raw;
  const parsed = sealSchema.safeParse(seal);
  if (!parsed.success || !Array.isArray(records)) return false;
  return (
    parsed.data.records === records.length &&
    parsed.data.head === chainHead(startOf(format, formatVersion, exportedAt), records)
  );
}

const LOT_START = 'ripenum-lot';

/** A lot's revisions in order, as its chain takes them. */
const chainRecords = (history: readonly AnyRecord[], lotId: string): AnyRecord[] =>
  inOrder(history.filter((one) => one.ownerId === lotId && isLotRecord(one)));

/** The digest of a lot as it stands: over every revision of it and what belongs to it. */
export function lotDigest(history: readonly AnyRecord[], lotId: string): string {
  return chainHead(LOT_START, chainRecords(history, lotId));
}

/** What a digest on paper says of a lot in a file. */
export type DigestCheck =
  | { readonly status: 'whole'; readonly records: number; readonly later: number }
  | { readonly status: 'other' };

/**
 * Whether a lot in a file still holds all that it held when a digest was printed. What came later is
 * counted; anything changed, taken out or put in between gives another digest.
 *
 * @param digest - 64 hexadecimal digits, or the first 16 and more of them
 */
export function checkLotDigest(
  records: readonly AnyRecord[],
  lotId: string,
  digest: string,
): DigestCheck {
  const wanted = digest.trim().toLowerCase();
  if (!/^[0-9a-f]{16,64}$/.test(wanted)) return { status: 'other' };
  const links = digestChain(LOT_START, chainRecords(records, lotId));
  const at = links.findIndex((one) => one.startsWith(wanted));
  return at < 0
    ? { status: 'other' }
    : { status: 'whole', records: at + 1, later: links.length - at - 1 };
}
