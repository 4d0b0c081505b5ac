import type { AnyRecord } from '../record';

/** Fields that came with version 3, by kind. */
const NEW_IN_3: Readonly<Record<string, readonly string[]>> = {
  lot: ['category', 'claims'],
  container: ['suspects'],
  reading: [
    'spot',
    'instrumentId',
    'atcRangeC',
    'honeyTemperatureC',
    'sample',
    'takenAt',
    'reader',
    'source',
    'settledStandard',
    'practice',
  ],
};

/** A revision as an earlier version of the application had written it. */
export function olderRevision(record: AnyRecord, version: 1 | 2 | 3 | 4): Record<string, unknown> {
  const gone = version < 3 ? (NEW_IN_3[record.kind] ?? []) : [];
  const content = Object.fromEntries(
    Object.entries(record.content).filter(([name]) => !gone.includes(name)),
  );
  const { ownerId, ...rest } = record;
  const owner = version === 1 ? { lotId: ownerId } : { ownerId };
  return { ...rest, ...owner, content, schemaVersion: version };
}

/** What such a revision becomes: what was not asked for then is not said. */
export function fromOlder(record: AnyRecord): AnyRecord {
  if (record.kind !== 'reading') return record;
  const unsaid = { spot: 'not-said', takenAt: record.recordedAt, reader: record.author } as const;
  return { ...record, content: { ...record.content, ...unsaid } };
}
