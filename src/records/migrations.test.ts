import { describe, expect, test } from '@jest/globals';
import { SCHEMA_VERSION } from './envelope';
import { MIGRATIONS, migrated } from './migrations';

/** A revision of each older version, with what it must become; one for every migration. */
const EXERCISED: Readonly<Record<number, { before: object; after: object }>> = {};

describe('migrations', () => {
  test('there is one for every version before the present one, and each is exercised here', () => {
    const versions = Array.from({ length: SCHEMA_VERSION - 1 }, (_, at) => String(at + 1));
    expect(Object.keys(MIGRATIONS)).toEqual(versions);
    expect(Object.keys(EXERCISED)).toEqual(versions);
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
