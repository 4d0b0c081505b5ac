import { useMemo } from 'react';
import { openHoneyCourse } from '../../../core';
import { selectPreferences, useAppSelector } from '../../../store';
import {
  freshOpenHoney,
  readOpenHoneyForm,
  type OpenHoneyForm,
  type OpenHoneyKind,
  type Standing,
} from '../../forms/room/openHoneyForm';
import { useDraftForm } from '../../forms/useDraftForm';

/** Honey that stands open: what is typed of it, and its course; null while something is wrong. */
export function useOpenHoneyController(kind: OpenHoneyKind) {
  const preferences = useAppSelector(selectPreferences);
  const defaults = useMemo(() => freshOpenHoney(kind, preferences), [kind, preferences]);
  const { form, frame, parsed, start } = useDraftForm({
    formKey: `standing:${kind}`,
    defaults,
    parse: (typed: OpenHoneyForm) => readOpenHoneyForm(typed, preferences),
  });
  const openHoney = parsed.ok ? parsed.content : null;
  const key = JSON.stringify(openHoney);
  const course = useMemo(() => {
    const task = JSON.parse(key) as Standing | null;
    return task && openHoneyCourse(task);
  }, [key]);
  return { kind, form, frame, openHoney, course, reset: () => start(defaults) };
}
