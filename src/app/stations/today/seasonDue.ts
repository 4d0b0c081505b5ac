import { isoDayOf, seasonBoard, type SeasonSources } from '../../../model';
import { seasonActId, seasonActWords } from '../../words/seasonActWords';
import type { DueItem } from './dueItem';

/** How far ahead the season is shown [d]. */
const AHEAD_DAYS = 10;

/** What the season asks for in the coming days. */
export function seasonDue(sources: SeasonSources): DueItem[] {
  const { acts, today } = seasonBoard(sources);
  return acts
    .filter(({ day }) => day <= today + AHEAD_DAYS)
    .map((act) => ({
      id: seasonActId(act),
      station: 'hives',
      timed: false,
      atMs: new Date(`${isoDayOf(act.day)}T12:00`).getTime(),
      ...seasonActWords(act, sources.book),
      to: 'season/when',
    }));
}
