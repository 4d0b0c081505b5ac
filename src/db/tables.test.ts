import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { expect, test } from '@jest/globals';
import type Dexie from 'dexie';
import { RipenumDatabase } from './database';

/** What each version asked of IndexedDB, as Dexie keeps it. */
interface Asked {
  readonly _versions: readonly {
    readonly _cfg: { readonly version: number; readonly storesSource: Record<string, string> };
  }[];
}

const sha256 = (text: string): string => createHash('sha256').update(text).digest('hex');

/**
 * Tables and indexes that each version leaves, in the order of their names: the order of kinds is no part
 * of what is stored, and what a version does not name stays as the one before it left it.
 */
function storesOf(database: Dexie): string {
  const asked = [...(database as unknown as Asked)._versions];
  asked.sort((a, b) => a._cfg.version - b._cfg.version);
  let left: Record<string, string> = {};
  const versions = asked.map(({ _cfg }) => {
    left = { ...left, ..._cfg.storesSource };
    return [_cfg.version, Object.entries(left).sort(([a], [b]) => (a < b ? -1 : 1))];
  });
  return JSON.stringify(versions);
}

test('tables and indexes of every version from the fifth on are those that are out there in browsers', () => {
  expect(sha256(storesOf(new RipenumDatabase('tables')))).toMatchInlineSnapshot(
    `"ec948d96bc3cdbdad5ea5e9801e8f36da6b41e19fc5add41e5a6823b17f6ee77"`,
  );
});

test('the published schema is the one that files were written by', () => {
  const schema = readFileSync('public/schema/ripenum-record-5.schema.json', 'utf8');
  expect(sha256(schema)).toBe('c71743f4210e6c3018a7e90530a64b18e066c932af3bbbdfb261687b9298b467');
});
