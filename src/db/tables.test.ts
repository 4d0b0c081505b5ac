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
    `"2a74c7ec660f30f89ba485868ec9e33639702d6b7c473e64e4ed090e74ff027b"`,
  );
});

test('the published schema is the one that files were written by', () => {
  const schema = readFileSync('public/schema/ripenum-record-5.schema.json', 'utf8');
  expect(sha256(schema)).toBe('54dd271ba8a7dba1ee859c45df1fefd6768f52e1f6792ebfd12a4b050c864229');
});
