import { useMemo } from 'react';
import { useFieldArray } from 'react-hook-form';
import { useNavigate } from 'react-router';
import { selectPreferences, selectWorkspace, useAppSelector } from '../../../store';
import { useOwnEye } from '../../data/useOwnEye';
import { useBook, useTakenCodes } from '../../data/useWorkspaceModel';
import { isoToday } from '../../format/dates';
import { nextCode } from '../../forms/lots/lotCode';
import { useRecordForm } from '../../forms/useRecordForm';
import { makeQuickTake } from './combActs';
import {
  MOST_FEW,
  freshFewFrame,
  freshQuickTake,
  isJudged,
  previewLooks,
  readQuickTake,
  takenFrames,
  type QuickTake,
  type QuickTakeForm,
} from './quickTake';

/** A few frames and a bucket: each frame with how it is judged so far, and the lot that they make. */
export function useQuickTakeController() {
  const navigate = useNavigate();
  const preferences = useAppSelector(selectPreferences);
  const workspace = useAppSelector(selectWorkspace);
  const taken = useTakenCodes();
  const book = useBook();
  const today = isoToday();
  const eye = useOwnEye();
  const defaults = useMemo(() => freshQuickTake(), []);
  const { form, frame, parsed, keep } = useRecordForm<QuickTakeForm, QuickTake>({
    formKey: 'few-frames',
    defaults,
    parse: (values) => readQuickTake(values, preferences, { today, eye }),
    act: (content, options) => {
      const given = { code: nextCode(isoToday(), taken), ruleSets: book.ruleSets };
      return makeQuickTake(content, given, options);
    },
    next: freshQuickTake,
    onKept: async (records) => {
      const lot = records.find(({ kind }) => kind === 'lot');
      await navigate(`/${workspace}/${lot ? `lots/${lot.entityId}` : 'comb'}`);
    },
  });
  const list = useFieldArray({ control: form.control, name: 'frames' });
  const quickTake = parsed.ok ? parsed.content : null;
  const judged = quickTake ? previewLooks(quickTake, book.ruleSets) : [];
  const typed = form.watch('frames');
  const placeOf = (at: number): number => typed.slice(0, at).filter(isJudged).length;
  return {
    frame,
    make: keep,
    book,
    quickTake,
    judged,
    frames: list.fields.map(({ id }, at) => {
      const own = typed[at];
      return { id, judged: own && isJudged(own) ? (judged[placeOf(at)] ?? null) : null };
    }),
    canAdd: list.fields.length < MOST_FEW,
    addFrame: () => list.append(freshFewFrame()),
    removeFrame: (at: number) => list.remove(at),
    /** what is put back makes no lot */
    takesNone: quickTake !== null && takenFrames(quickTake, book.ruleSets) === 0,
  };
}
