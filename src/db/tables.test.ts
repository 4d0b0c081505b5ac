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

/** Tables and indexes in the order of their names: the order of kinds is no part of what is stored. */
function storesOf(database: Dexie): string {
  const versions = (database as unknown as Asked)._versions.map(({ _cfg }) => {
    const stores = Object.entries(_cfg.storesSource).sort(([a], [b]) => (a < b ? -1 : 1));
    return [_cfg.version, stores];
  });
  return JSON.stringify(versions.sort());
}

test('tables and indexes of every version are those that are out there in browsers', () => {
  expect(sha256(storesOf(new RipenumDatabase('tables')))).toMatchInlineSnapshot(
    `"85b971965c41f3521200e6768e7e291588ba3fed8f272ccbbfa9db264a8b5922"`,
  );
});

test('the published schema is the one that files were written by', () => {
  const schema = readFileSync('public/schema/ripenum-record-5.schema.json', 'utf8');
  expect(sha256(schema)).toBe('941ac850975199efe1ea0152adb19d1db53cfee4dfb74ad3cf154478ebed5d43');
});
