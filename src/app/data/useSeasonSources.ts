import { useMemo } from 'react';
import { subDays, parseISO } from 'date-fns';
import { useLooksSince } from '../../db';
import { dayNumber, lastLooks, type SeasonSources } from '../../model';
import { selectWorkspace, useAppSelector } from '../../store';
import { useBook, useCurrent } from './useWorkspaceModel';

/** Looks that are older tell nothing of what hives gain now [d]. */
const LOOKS_DAYS = 60;

/** What the plan of the season is made of, on a day of the calendar; null while looks are read. */
export function useSeasonSources(today: string): SeasonSources | null {
  const workspace = useAppSelector(selectWorkspace);
  const book = useBook();
  const plans = useCurrent('season-plan');
  const weathers = useCurrent('weather');
  const weights = useCurrent('hive-weight');
  const records = useLooksSince(workspace, subDays(parseISO(today), LOOKS_DAYS).toISOString());
  return useMemo(
    () =>
      records
        ? {
            book,
            plans,
            weathers,
            weights,
            looks: lastLooks(records),
            today: dayNumber(today),
          }
        : null,
    [book, plans, weathers, weights, records, today],
  );
}
