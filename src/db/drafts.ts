import type { DraftRow, RipenumDatabase } from './database';

/** What was typed, by form. */
export type Drafts = Record<string, Record<string, unknown>>;

/** Identifier of the draft of a form in a tab. */
export const draftRowKey = (tabId: string, formKey: string): string => `${tabId}|${formKey}`;

/** Keeps what is typed into a form of this tab. */
export async function keepDraft(
  database: RipenumDatabase,
  tabId: string,
  formKey: string,
  values: Record<string, unknown>,
): Promise<void> {
  const savedAt = new Date().toISOString();
  await database.drafts.put({ key: draftRowKey(tabId, formKey), tabId, formKey, values, savedAt });
}

/** Forgets the draft of a form: it was saved as a record, or thrown away by the user. */
export async function dropDraft(
  database: RipenumDatabase,
  tabId: string,
  formKey: string,
): Promise<void> {
  await database.drafts.delete(draftRowKey(tabId, formKey));
}

function newestOf(rows: readonly DraftRow[]): Map<string, DraftRow> {
  const newest = new Map<string, DraftRow>();
  for (const row of rows) {
    const known = newest.get(row.formKey);
    if (!known || known.savedAt < row.savedAt) newest.set(row.formKey, row);
  }
  return newest;
}

/**
 * The drafts of this tab, together with those that tabs now closed have left behind.
 *
 * Of several left behind for one form the newest is taken over; the others wait for the next time.
 */
export async function takeOverDrafts(
  database: RipenumDatabase,
  tabId: string,
  liveTabIds: ReadonlySet<string>,
): Promise<Drafts> {
  return database.transaction('rw', database.drafts, async () => {
    const rows = await database.drafts.toArray();
    const own = rows.filter((row) => row.tabId === tabId);
    const ownKeys = new Set(own.map((row) => row.formKey));
    const orphans = rows.filter(
      (row) => row.tabId !== tabId && !liveTabIds.has(row.tabId) && !ownKeys.has(row.formKey),
    );
    const taken = [...newestOf(orphans).values()];
    await database.drafts.bulkDelete(taken.map((row) => row.key));
    const moved = taken.map((row) => ({ ...row, tabId, key: draftRowKey(tabId, row.formKey) }));
    await database.drafts.bulkPut(moved);
    return Object.fromEntries([...own, ...moved].map((row) => [row.formKey, row.values]));
  });
}
