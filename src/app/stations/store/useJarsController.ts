import { useMemo } from 'react';
import type { Occasion } from '../../../records';
import { selectPreferences, useAppDispatch, useAppSelector, type RecordAct } from '../../../store';
import { useEditing } from '../../data/useEditing';
import { jarsInHouse } from '../../data/jarsInHouse';
import { useCurrent, useStore } from '../../data/useWorkspaceModel';
import { isoToday } from '../../format/dates';

/** Jars by age, what is wanted of them, and what is kept back. */
export function useJarsController() {
  const dispatch = useAppDispatch();
  const preferences = useAppSelector(selectPreferences);
  const editing = useEditing<Occasion>();
  const lots = useStore();
  const occasions = useCurrent('occasion');
  const board = useMemo(() => jarsInHouse(lots, occasions), [lots, occasions]);
  return {
    ...board,
    editing,
    preferences,
    today: isoToday(),
    press: (act: RecordAct) => void dispatch(act),
  };
}
