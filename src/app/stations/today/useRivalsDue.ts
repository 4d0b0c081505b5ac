import { useRivalries } from '../../data/useWorkspaceModel';
import type { DueItem } from './dueItem';
import { todayWords } from '../../words/english/today';
import { kindsWords } from '../../words/english/kinds';

/** Things of which two versions stand side by side: to be chosen before what rests on them is decided. */
export function useRivalsDue(): readonly DueItem[] {
  const rivalries = useRivalries();
  return rivalries.map(({ entityId, kind, rivals }): DueItem => ({
    id: `rivals-${entityId}`,
    station: 'season',
    timed: false,
    urgent: true,
    atMs: -Infinity,
    title: todayWords.chooseBetweenVersions({ rivals: rivals.length }),
    why: todayWords.changedInTwoPlacesBefore({ name: kindsWords[kind]() }),
    to: 'kit',
  }));
}
