import { groupBy } from '../../core';
import { chainHead, digestChain } from './digest';
import { KIND_FACTS, RECORD_KINDS, type AnyRecord, type RecordKind } from '../record';
import type { Links } from '../recordKind';

const NOWHERE: Links = { anchors: [], follows: [] };

/** What a ruling on a lot rests on, step by step: its meters and their checks, hives, rooms, days, parents. */
function linksOf(record: AnyRecord): Links {
  const { part, chain, follows } = KIND_FACTS[record.kind];
  if (part !== 'lot') return chain?.(record as never) ?? NOWHERE;
  return { anchors: [record.ownerId], follows: follows?.(record.content as never) ?? [] };
}

/** Links of a row that may not keep to its schema: then it stands with its owner only. */
function safeLinks(record: AnyRecord): Links {
  try {
    return linksOf(record);
  } catch {
    return { anchors: [record.ownerId], follows: [] };
  }
}

/** Kinds that the chain of a lot can hold: everything its ruling can rest on. */
export const CHAINED_KINDS: readonly RecordKind[] = RECORD_KINDS.filter(
  (kind) => KIND_FACTS[kind].part === 'lot' || KIND_FACTS[kind].chain !== undefined,
);

/**
 * All revisions that bear on a lot, in the order in which they came to bear on it: as each was
 * appended, or, of a meter or a hive that was there before, when the lot first named it. What is
 * appended later only ever stands at the end, whatever the clock said.
 *
 * @param records - in the order in which they were appended
 */
export function lotChain(records: readonly AnyRecord[], lotId: string): AnyRecord[] {
  const links = new Map(records.map((row) => [row, safeLinks(row)]));
  const waiting = groupBy(
    records.flatMap((record) =>
      (links.get(record)?.anchors ?? []).map((anchor) => ({ record, anchor })),
    ),
    (item) => item.anchor ?? '',
  );
  const place = new Map(records.map((row, at) => [row, at]));
  const followed = new Set([lotId]);
  const chained = new Set<AnyRecord>();
  const take = (record: AnyRecord): void => {
    if (chained.has(record)) return;
    chained.add(record);
    const now = place.get(record) ?? 0;
    for (const id of [record.entityId, ...(links.get(record)?.follows ?? [])]) {
      if (id === null || followed.has(id)) continue;
      followed.add(id);
      // what was there before it was named; what comes later is met in its turn
      for (const item of waiting.get(id) ?? []) {
        if ((place.get(item.record) ?? 0) < now) take(item.record);
      }
    }
  };
  for (const record of records) {
    const anchors = links.get(record)?.anchors ?? [];
    if (anchors.some((anchor) => anchor !== null && followed.has(anchor))) take(record);
  }
  return [...chained];
}

const LOT_START = 'ripenum-lot-2';

/**
 * The digest of a lot as it stands: over every revision of it and of all that its ruling rests on.
 *
 * @param records - in the order in which they were appended
 */
export const lotDigest = (records: readonly AnyRecord[], lotId: string): string =>
  chainHead(LOT_START, lotChain(records, lotId));

/** What a digest on paper says of a lot in a file. */
export type DigestCheck =
  | { readonly status: 'whole'; readonly records: number; readonly later: number }
  | { readonly status: 'other' };

/**
 * Whether a lot in a file still holds all that it rested on when a digest was printed. What came later
 * is counted; anything changed, taken out or put in between gives another digest.
 *
 * @param records - in the order in which they were appended
 * @param digest - 64 hexadecimal digits, or the first 16 and more of them
 */
export function checkLotDigest(
  records: readonly AnyRecord[],
  lotId: string,
  digest: string,
): DigestCheck {
  const wanted = digest.trim().toLowerCase();
  if (!/^[0-9a-f]{16,64}$/.test(wanted)) return { status: 'other' };
  const links = digestChain(LOT_START, lotChain(records, lotId));
  const at = links.findIndex((link) => link.startsWith(wanted));
  return at < 0
    ? { status: 'other' }
    : { status: 'whole', records: at + 1, later: links.length - at - 1 };
}
