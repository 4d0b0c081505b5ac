import type { AnyRecord } from './record';

function byTime(a: AnyRecord, b: AnyRecord): number {
  return a.recordedAt.localeCompare(b.recordedAt) || a.id.localeCompare(b.id);
}

/** All revisions, oldest first. */
export function inOrder<T extends AnyRecord>(records: readonly T[]): T[] {
  return [...records].sort(byTime);
}

/**
 * The revision that holds now for each entity, withdrawn ones included, oldest entity first.
 *
 * Two tabs may supersede the same revision; then the later one holds, and both stay in the history.
 */
export function heads<T extends AnyRecord>(records: readonly T[]): T[] {
  const superseded = new Set(records.map((item) => item.supersedes));
  const byEntity = new Map<string, T>();
  for (const record of inOrder(records)) {
    if (superseded.has(record.id) && byEntity.has(record.entityId)) continue;
    byEntity.set(record.entityId, record);
  }
  return [...byEntity.values()];
}

/** What holds now and still counts. */
export function current<T extends AnyRecord>(records: readonly T[]): T[] {
  return heads(records).filter((head) => !head.withdrawn);
}
