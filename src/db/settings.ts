import { DEFAULT_PREFERENCES, preferencesSchema, type Preferences } from '../records';
import type { RipenumDatabase } from './database';

/** The keeper's preferences; the shipped ones where there are none or they cannot be read. */
export async function loadPreferences(database: RipenumDatabase): Promise<Preferences> {
  const row = await database.settings.get('preferences');
  const kept = row?.key === 'preferences' ? row.value : {};
  const parsed = preferencesSchema.safeParse({ ...DEFAULT_PREFERENCES, ...kept });
  return parsed.success ? parsed.data : DEFAULT_PREFERENCES;
}

/** Days that the clock of a workspace is behind that of the device; none but in the demo season. */
export async function loadClock(database: RipenumDatabase): Promise<number> {
  const row = await database.settings.get('clock');
  return row?.key === 'clock' ? row.value : 0;
}

/** Keeps how far the clock of a workspace is behind [d]. */
export async function saveClock(database: RipenumDatabase, value: number): Promise<void> {
  await database.settings.put({ key: 'clock', value });
}

/** @param draftKey - the draft that they come from: it is forgotten with the same stroke */
export async function savePreferences(
  database: RipenumDatabase,
  value: Preferences,
  draftKey?: string,
): Promise<void> {
  await database.transaction('rw', [database.settings, database.drafts], async () => {
    await database.settings.put({ key: 'preferences', value });
    if (draftKey !== undefined) await database.drafts.delete(draftKey);
  });
}
