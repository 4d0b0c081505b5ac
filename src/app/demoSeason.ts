import { createDexieRecordStore, databaseOf, throwAway } from '../db';
import { isoToday } from './format/dates';
import { tell } from './words/tell';

/** Fills the demo workspace with the made-up season, unless it is filled already. */
export async function fillDemoSeason(): Promise<void> {
  const store = createDexieRecordStore(databaseOf('demo'));
  if ((await store.journal()).length > 0) return;
  const { demoSeason } = await import('../../demo/season');
  const filled = await store.append(demoSeason(isoToday(), Date.now()), { as: 'merge' });
  if (!filled.ok) throw new Error(tell(filled.error.message));
}

/** Throws the demo season away with everything added to it, and fills it anew. */
export async function resetDemoSeason(): Promise<void> {
  await throwAway('demo');
  await fillDemoSeason();
}
