import type { Occasion } from '../../../records';
import { selectPreferences, useAppDispatch, useAppSelector, type RecordAct } from '../../../store';
import { useEditing } from '../../data/useEditing';
import { useJarBoard } from '../../data/useJarBoard';
import { isoToday } from '../../format/dates';

/** Jars by age, what is wanted of them, and what is kept back. */
export function useJarsController() {
  const dispatch = useAppDispatch();
  const preferences = useAppSelector(selectPreferences);
  const editing = useEditing<Occasion>();
  return {
    ...useJarBoard(),
    editing,
    preferences,
    today: isoToday(),
    press: (act: RecordAct) => void dispatch(act),
  };
}
