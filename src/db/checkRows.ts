import { RECORD_KINDS, checkedRecord, setAsideOf, type RecordKind } from '../records';
import type { RipenumDatabase } from './database';

/**
 * How strict the schemas are; raise it whenever they begin to refuse what they took before, so that
 * every row is checked again.
 */
export const STRICTNESS = 1;

/** Rows that are checked at one go; photographs are large. */
const ROWS_AT_ONCE: Partial<Record<RecordKind, number>> = { photo: 10, proof: 10, 'air-log': 50 };
const USUAL_AT_ONCE = 1000;

async function checkKind(database: RipenumDatabase, kind: RecordKind): Promise<void> {
  const table = database.tableOf(kind);
  const ids = await table.toCollection().primaryKeys();
  const step = ROWS_AT_ONCE[kind] ?? USUAL_AT_ONCE;
  for (let from = 0; from < ids.length; from += step) {
    const rows = await table.bulkGet(ids.slice(from, from + step));
    const aside = rows.flatMap((row) => {
      if (!row) return [];
      const checked = checkedRecord(row);
      return checked.ok ? [] : [setAsideOf(row, checked.troubles)];
    });
    if (aside.length > 0) await database.setAside.bulkPut(aside);
  }
}

/**
 * Checks every row against the present schemas, once after they became stricter: what no longer keeps
 * to them is set aside, so that no page computes from it, and waits for a correction.
 */
export async function checkRows(database: RipenumDatabase): Promise<void> {
  const done = await database.settings.get('checked');
  if (done?.key === 'checked' && done.value >= STRICTNESS) return;
  // a fresh database has nothing to look at; to ask every table of it costs a small phone a second
  const kinds = (await database.journal.count()) === 0 ? [] : RECORD_KINDS;
  for (const kind of kinds) await checkKind(database, kind);
  await database.settings.put({ key: 'checked', value: STRICTNESS });
}
