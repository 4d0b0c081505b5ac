import type { DraftRow, RipenumDatabase } from './database';

/** What was typed, by form. */
export type Drafts = Record<string, Record<string, unknown>>;

/** What a tab finds typed, and how many forms were typed in a shape that is read no longer. */
export interface DraftsFound {
  readonly drafts: Drafts;
  readonly dropped: number;
}

/** Rises where forms hold their fields under other names. */
const SHAPE = 2;

/** A text alone has no fields that could have been renamed. */
const isText = ({ values }: DraftRow): boolean =>
  Object.keys(values).every((name) => name === 'text');

const isOfToday = (row: DraftRow): boolean => row.shape === SHAPE || isText(row);

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
  const key = draftRowKey(tabId, formKey);
  await database.drafts.put({ key, tabId, formKey, values, savedAt, shape: SHAPE });
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
 * Those of an older shape of the forms are dropped, and counted so that it can be said.
 */
export async function takeOverDrafts(
  database: RipenumDatabase,
  tabId: string,
  liveTabIds: ReadonlySet<string>,
): Promise<DraftsFound> {
  return database.transaction('rw', database.drafts, async () => {
    const all = await database.drafts.toArray();
    const old = all.filter((row) => !isOfToday(row));
    await database.drafts.bulkDelete(old.map((row) => row.key));
    const rows = all.filter(isOfToday);
    const own = rows.filter((row) => row.tabId === tabId);
    const ownKeys = new Set(own.map((row) => row.formKey));
    const orphans = rows.filter(
      (row) => row.tabId !== tabId && !liveTabIds.has(row.tabId) && !ownKeys.has(row.formKey),
    );
    const taken = [...newestOf(orphans).values()];
    await database.drafts.bulkDelete(taken.map((row) => row.key));
    const moved = taken.map((row) => ({ ...row, tabId, key: draftRowKey(tabId, row.formKey) }));
    await database.drafts.bulkPut(moved);
    const drafts = Object.fromEntries([...own, ...moved].map((row) => [row.formKey, row.values]));
    return { drafts, dropped: old.length };
  });
}
