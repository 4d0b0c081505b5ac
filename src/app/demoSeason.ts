import { differenceInCalendarDays } from 'date-fns';
import { createDexieRecordStore, databaseOf, saveClock, throwAway } from '../db';
import { clockNow, setClock } from '../store';
import { isoToday } from './format/dates';
import { tell } from './words/tell';

/** The day of the year at which the made-up season stands: 21 August, when sea lavender flowers. */
const MONTH = 7;
const DAY = 21;

/** Days since the demo's day came last, whatever the season is outside. */
export function daysSinceDemoDay(now: Date): number {
  const ofThisYear = new Date(now.getFullYear(), MONTH, DAY);
  const last = ofThisYear <= now ? ofThisYear : new Date(now.getFullYear() - 1, MONTH, DAY);
  return differenceInCalendarDays(now, last);
}

/** Fills the demo workspace with the made-up season, unless it is filled already. */
export async function fillDemoSeason(): Promise<void> {
  const database = databaseOf('demo');
  const store = createDexieRecordStore(database);
  if ((await store.journal()).length > 0) return;
  const { demoSeason } = await import('../../demo/season');
  const behind = daysSinceDemoDay(new Date());
  await saveClock(database, behind);
  setClock(behind);
  const filled = await store.append(demoSeason(isoToday(), clockNow().getTime()), { as: 'merge' });
  if (!filled.ok) throw new Error(tell(filled.error.message));
}

/** Throws the demo season away with everything added to it, and fills it anew. */
export async function resetDemoSeason(): Promise<void> {
  await throwAway('demo');
  await fillDemoSeason();
}
