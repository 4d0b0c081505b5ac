import { useMemo } from 'react';
import { useNavigate } from 'react-router';
import { freshLotContent, type ReadingContent } from '../../../records';
import { selectPreferences, selectWorkspace, useAppDispatch, useAppSelector } from '../../../store';
import { keepAsLot } from '../../acts/readingActs';
import { useMoment } from '../../data/useMoment';
import { useLedger, useMeters, useTakenCodes } from '../../data/useWorkspaceModel';
import { isoToday } from '../../format/dates';
import {
  FRESH_READING,
  nextReadingForm,
  readReadingForm,
  type ReadingForm,
} from '../../forms/bench/readingForm';
import { nextCode } from '../../forms/lots/lotCode';
import { useDraftForm } from '../../forms/useDraftForm';
import { useAnswer } from '../../lot/useLot';
import { isPractice } from '../../lot/standIns';

/** Honey of which nothing is known but what is typed. */
const lotOf = (ruleSetId: string, code = '') => ({
  ...freshLotContent(code, isoToday()),
  ruleSetId,
});

/** A reading without a lot: what it means at once, with the meter that was used last. */
export function useQuickReadingController() {
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const preferences = useAppSelector(selectPreferences);
  const workspace = useAppSelector(selectWorkspace);
  const meters = useMeters();
  const takenAt = useMoment();
  const taken = useTakenCodes();
  const { files } = useLedger();
  const defaults = useMemo((): ReadingForm => {
    const readings = files.flatMap((file) => file.readings);
    const [last] = readings.sort((a, b) => b.content.takenAt.localeCompare(a.content.takenAt));
    const meter = last ? nextReadingForm(last.content, preferences) : FRESH_READING;
    // the meter is the same as last time; how warm it is, is not
    return { ...meter, vessel: '', spot: 'not-said', temperatureC: '' };
  }, [files, preferences]);
  const { form, frame, parsed, start, submit, draft } = useDraftForm({
    formKey: 'reading:quick',
    defaults,
    parse: (typed: ReadingForm) =>
      readReadingForm(typed, {
        preferences,
        meters,
        takenAt,
        practice: isPractice(meters, typed.instrumentId, workspace),
      }),
  });
  const text = parsed.ok ? JSON.stringify(parsed.content) : null;
  const { ruleSetId } = preferences;
  const contents = useMemo(() => {
    const typed = text === null ? null : (JSON.parse(text) as ReadingContent);
    const readings = typed ? [{ entityId: 'typed', content: typed }] : [];
    return { lot: lotOf(ruleSetId), containers: [], comb: null, frames: null, readings };
  }, [text, ruleSetId]);
  const answer = useAnswer(contents);
  const keep = submit(async (content) => {
    const lot = lotOf(ruleSetId, nextCode(isoToday(), taken));
    const done = await dispatch(keepAsLot(content, lot, { draft }));
    if (!done.ok) return;
    start(defaults);
    await navigate(`/${workspace}/lots/${done.value[0]?.entityId ?? ''}`);
  });
  const own = meters.get(form.watch('instrumentId'))?.instrument.content ?? null;
  return { form, frame, answer, isTyped: text !== null, hasOwnMeter: own !== null, keep };
}
