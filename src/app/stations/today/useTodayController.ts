import { bySeverity } from '../../../model';
import { selectWorkspace, useAppSelector } from '../../../store';
import { useRound } from '../../data/useRound';
import { useMoment } from '../../data/useMoment';
import { useLedger, useRuledLots } from '../../data/useWorkspaceModel';
import { useCopyNote } from './useCopyNote';
import { useHouseDue } from './useHouseDue';
import { useHivesDue } from './useHivesDue';
import { useLineDue } from './useLineDue';
import { useMetersDue } from './useMetersDue';
import { useRivalsDue } from './useRivalsDue';
import { useRoomsDue } from './useRoomsDue';
import { useSeasonDue } from './useSeasonDue';
import { useNotesDue, useStoreDue } from './useStoreDue';

/** What waits at every station, and all lots, those that wait for a decision first. */
export function useTodayController() {
  const workspace = useAppSelector(selectWorkspace);
  const { files } = useLedger();
  const { ruled, unruled } = useRuledLots();
  const moment = useMoment();
  const { judgeFrame, lookAgain } = useRound();
  const nowMs = Date.parse(moment);
  const due = [
    ...useHivesDue(),
    ...useSeasonDue(nowMs),
    ...useRoomsDue(nowMs),
    ...useLineDue(nowMs),
    ...useMetersDue(moment),
    ...useStoreDue(nowMs),
    ...useHouseDue(nowMs),
    ...useNotesDue(nowMs),
    ...useRivalsDue(),
  ];
  return {
    workspace,
    judgeFrame: () => void judgeFrame(),
    lookAgain: (boxId: string, slot: number) => void lookAgain(boxId, slot),
    isEmpty: files.length === 0,
    unruled,
    due,
    nowMs,
    copy: useCopyNote(nowMs),
    open: ruled.filter((lot) => !lot.settled).sort(bySeverity),
    signed: ruled.filter((lot) => lot.settled),
  };
}
