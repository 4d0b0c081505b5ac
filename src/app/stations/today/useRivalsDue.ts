import { KIND_FACTS } from '../../../records';
import { useRivalries } from '../../data/useWorkspaceModel';
import type { DueItem } from './dueItem';

/** Things of which two versions stand side by side: to be chosen before what rests on them is decided. */
export function useRivalsDue(): readonly DueItem[] {
  const rivalries = useRivalries();
  return rivalries.map(({ entityId, kind, rivals }): DueItem => ({
    id: `rivals-${entityId}`,
    station: 'season',
    timed: false,
    urgent: true,
    atMs: -Infinity,
    title: `Choose between ${rivals.length} versions`,
    why: `${KIND_FACTS[kind].name}: changed in two places before they were brought together.`,
    to: 'kit',
  }));
}
