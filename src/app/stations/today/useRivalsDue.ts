import { useMemo } from 'react';
import { useRecordsOf } from '../../../db';
import { type Workshop } from '../../../model';
import { KIND_FACTS, BOOK_KINDS, rivalriesOf } from '../../../records';
import { selectWorkspace, useAppSelector } from '../../../store';
import type { DueItem } from './dueItem';

/** Things of which two versions stand side by side: to be chosen before what rests on them is decided. */
export function useRivalsDue(workshop: Workshop | undefined): readonly DueItem[] {
  const book = useRecordsOf(useAppSelector(selectWorkspace), BOOK_KINDS);
  return useMemo(() => {
    if (!workshop?.around || !book) return [];
    const ofLots = workshop.files.flatMap((one) => one.history);
    return rivalriesOf([...ofLots, ...book, ...workshop.around.choices]).map(
      ({ entityId, kind, rivals }): DueItem => ({
        id: `rivals-${entityId}`,
        station: 'season',
        timed: false,
        urgent: true,
        atMs: -Infinity,
        title: `Choose between ${rivals.length} versions`,
        why: `${KIND_FACTS[kind].name}: changed in two places before they were brought together.`,
        to: 'kit',
      }),
    );
  }, [workshop, book]);
}
