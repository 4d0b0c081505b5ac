import { describe, expect, test } from '@jest/globals';
import { SCHEMA_VERSION } from './envelope';
import { MIGRATIONS, migrated } from './migrations';
import { parseRecordFile, recordFileOf } from './exchange/recordFile';
import { fromOlder, olderRevision } from './test/olderRecords';
import { withoutSeal } from './test/withoutSeal';
import { sampleLot } from './test/sampleLot';

const reading = sampleLot().find((record) => record.kind === 'reading')!;

/** A revision of each older version, with what it must become; one for every migration. */
const EXERCISED: Readonly<Record<number, { before: object; after: object }>> = {
  1: {
    before: { id: 'r', entityId: 'c', lotId: 'l', schemaVersion: 1, kind: 'container' },
    after: { id: 'r', entityId: 'c', ownerId: 'l', schemaVersion: 2, kind: 'container' },
  },
  2: {
    before: olderRevision(reading, 2),
    after: { ...fromOlder(reading), schemaVersion: 3 },
  },
  3: {
    before: olderRevision(reading, 3),
    after: { ...reading, schemaVersion: 4 },
  },
  4: {
    before: olderRevision(reading, 4),
    after: reading,
  },
};

describe('migrations', () => {
  test('there is one for every version before the present one, and each is exercised here', () => {
    const versions = Array.from({ length: SCHEMA_VERSION - 1 }, (_, at) => String(at + 1));
    expect(Object.keys(MIGRATIONS)).toEqual(versions);
    expect(Object.keys(EXERCISED)).toEqual(versions);
    for (const [version, { before, after }] of Object.entries(EXERCISED)) {
      expect(migrated(before, MIGRATIONS, Number(version) + 1)).toEqual(after);
    }
  });

  test.each([1, 2, 3, 4] as const)('a file of version %d is read whole', (version) => {
    const file = {
      ...withoutSeal(recordFileOf([], '2026-08-02T10:00:00.000Z')),
      formatVersion: version,
      records: sampleLot().map((record) => olderRevision(record, version)),
    };
    const read = parseRecordFile(JSON.stringify(file));
    const expected = version >= 3 ? sampleLot() : sampleLot().map(fromOlder);
    expect(read.ok && read.value.records).toEqual(expected);
  });

  test('lots, containers and records that did not change are brought along', () => {
    for (const record of sampleLot()) {
      expect(migrated(olderRevision(record, 2))).toEqual(fromOlder(record));
    }
  });

  test('steps are taken one after the other up to the target', () => {
    const steps = {
      1: (old: Record<string, unknown>) => ({ ...old, plant: old['flower'] }),
      2: (old: Record<string, unknown>) => ({ ...old, plant: [old['plant']] }),
    };
    expect(migrated({ schemaVersion: 1, flower: 'borage' }, steps, 3)).toEqual({
      schemaVersion: 3,
      flower: 'borage',
      plant: ['borage'],
    });
  });

  test('a version without a migration, or no revision at all, is left for the schema to refuse', () => {
    expect(migrated({ schemaVersion: 0 }, {}, 1)).toEqual({ schemaVersion: 0 });
    expect(migrated('text')).toBe('text');
    expect(migrated(null)).toBeNull();
  });
});
