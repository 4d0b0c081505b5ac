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
    `"b733ce9ba50fbbc8fdd27dd1c37f50221a0a08d896b0dca97da5637f0709de82"`,
  );
});

test('the published schema is the one that files were written by', () => {
  const schema = readFileSync('public/schema/ripenum-record-5.schema.json', 'utf8');
  expect(sha256(schema)).toBe('a757dc63d7791d5615101ae1aee21a43f835f1655c65efda771815fb43bdd7de');
});
