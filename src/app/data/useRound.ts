import { useNavigate } from 'react-router';
import { boxOf, harvestOf } from '../../model';
import { selectPreferences, selectWorkspace, useAppDispatch, useAppSelector } from '../../store';
import { startRound } from '../acts/roundActs';
import { formatDay, isoToday } from '../format/dates';
import { momentWords } from '../words/english/moment';
import { useCombPlace, type CombPlace } from './useCombPlace';
import { useBook } from './useWorkspaceModel';

/** Judging frames at once: on with today's round, or a new one that asks for nothing. */
export function useRound() {
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const workspace = useAppSelector(selectWorkspace);
  const preferences = useAppSelector(selectPreferences);
  const book = useBook();
  const [place, stand] = useCombPlace();
  const open = async (at: CombPlace): Promise<void> => {
    stand(at);
    await navigate(`/${workspace}/comb/${at.harvestId}/box/${at.boxId}`);
  };
  const begin = async (boxId: string | null, slot: number): Promise<void> => {
    const today = isoToday();
    const box = boxOf(book, boxId);
    const name = box
      ? momentWords.lookAgainOn({ day: formatDay(today) })
      : momentWords.framesOn({ day: formatDay(today) });
    const done = await dispatch(startRound({ today, preferences, name, box: box ?? null }));
    if (!done.ok) return;
    const harvest = done.value.find(({ kind }) => kind === 'harvest');
    const made = done.value.find(({ kind }) => kind === 'box');
    const opened = boxId ?? made?.entityId;
    if (harvest && opened !== undefined)
      await open({ harvestId: harvest.entityId, boxId: opened, slot });
  };
  /** A round of today that is under way, at the frame last in hand. */
  const underWay = (): CombPlace | null => {
    const harvest = harvestOf(book, place?.harvestId ?? null);
    const isToday = harvest?.content.day === isoToday();
    return place && isToday && boxOf(book, place.boxId) ? place : null;
  };
  return {
    judgeFrame: (): Promise<void> => {
      const here = underWay();
      return here ? open(here) : begin(null, 1);
    },
    /** opens a box anew at one of its frames, on the day that is under way or on a new one */
    lookAgain: (boxId: string, slot: number): Promise<void> => {
      const today = isoToday();
      const harvest = book.harvests.find(({ content }) => content.day === today);
      return harvest ? open({ harvestId: harvest.entityId, boxId, slot }) : begin(boxId, slot);
    },
  };
}
