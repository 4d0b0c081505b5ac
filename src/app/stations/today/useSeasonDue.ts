import type { SeasonSources } from '../../../model';
import { useSeasonSources } from '../../data/useSeasonSources';
import { isoDay } from '../../format/dates';
import type { DueItem } from './dueItem';
import { useLaterDue, type LaterPart } from './useLaterDue';

const SEASON: LaterPart<SeasonSources> = {
  load: async () => (await import('./seasonDue')).seasonDue,
  id: 'season',
  station: 'hives',
  to: 'season/when',
};

/** What the season asks for; its part of the application comes after the first paint. */
export function useSeasonDue(nowMs: number): readonly DueItem[] {
  return useLaterDue(SEASON, useSeasonSources(isoDay(new Date(nowMs))), nowMs);
}
