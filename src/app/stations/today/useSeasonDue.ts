import { useEffect, useMemo, useState } from 'react';
import type { SeasonSources } from '../../../model';
import { useSeasonSources } from '../../data/useSeasonSources';
import { isoDay } from '../../format/dates';
import { sharedWords } from '../../words/english/shared';
import type { DueItem } from './dueItem';

type Make = (sources: SeasonSources) => DueItem[];

const NOTHING: readonly DueItem[] = [];

/** What stands where the part that looks at the season could not be loaded. */
const notLoaded = (nowMs: number): DueItem => ({
  id: 'season-not-loaded',
  station: 'hives',
  timed: false,
  atMs: nowMs,
  title: sharedWords.aPartOfRipenumCouldNot(),
  why: sharedWords.loadThePageAgain(),
  to: 'season/when',
});

/** What the season asks for; its part of the application comes after the first paint. */
export function useSeasonDue(nowMs: number): readonly DueItem[] {
  const [make, setMake] = useState<{ readonly of: Make | null } | null>(null);
  const sources = useSeasonSources(isoDay(new Date(nowMs)));
  useEffect(() => {
    let isHere = true;
    void import('./seasonDue').then(
      ({ seasonDue }) => isHere && setMake({ of: seasonDue }),
      () => isHere && setMake({ of: null }),
    );
    return () => {
      isHere = false;
    };
  }, []);
  return useMemo(() => {
    if (make === null || sources === null) return NOTHING;
    return make.of === null ? [notLoaded(nowMs)] : make.of(sources);
  }, [make, sources, nowMs]);
}
