import { DAY_MS } from '../core';
import type { RipenumDatabase } from './database';
import type { CopyMark } from './settingRows';

/** What would be lost with this device. */
export interface CopyState {
  readonly last: CopyMark | null;
  /** records that are in no copy */
  readonly since: number;
}

/** Remembers that a copy of everything was saved. */
export async function keepCopyMark(database: RipenumDatabase, value: CopyMark): Promise<void> {
  await database.settings.put({ key: 'copied', value });
}

/** When everything was copied last, and how much was written since. */
export async function copyState(database: RipenumDatabase): Promise<CopyState> {
  const row = await database.settings.get('copied');
  const last = row?.key === 'copied' ? row.value : null;
  const records = await database.journal.count();
  return { last, since: Math.max(0, records - (last?.records ?? 0)) };
}

/** Days after which records that are in no copy are one's own risk (a usual week, no source). */
const DAYS_WITHOUT = 7;

/** Records after which the first copy is due. */
const RECORDS_WITHOUT = 20;

/** Whether a copy is due: something new, and no copy for a week or none at all. */
export function isCopyDue({ last, since }: CopyState, nowMs: number): boolean {
  if (!last) return since >= RECORDS_WITHOUT;
  return since > 0 && nowMs - Date.parse(last.at) >= DAYS_WITHOUT * DAY_MS;
}
