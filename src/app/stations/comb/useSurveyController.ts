import { useState } from 'react';
import { useNavigate } from 'react-router';
import { verdictOfSurvey, type HarvestDay } from '../../../model';
import { selectPreferences, selectWorkspace, useAppSelector } from '../../../store';
import { freshSurvey, readSurveyForm, surveySize } from '../../forms/hives/surveyForm';
import { useOwnEye } from '../../data/useOwnEye';
import { useRecordForm } from '../../forms/useRecordForm';
import { saveSurvey } from './combActs';

/** Where the sample starts: drawn once, kept with the judgement. */
const randomStart = (): number => Math.random();

/** A box, a stack or a yard being judged at once, and what its sample says about the rest. */
export function useSurveyController(day: HarvestDay) {
  const navigate = useNavigate();
  const preferences = useAppSelector(selectPreferences);
  const workspace = useAppSelector(selectWorkspace);
  const eye = useOwnEye();
  const { entityId: harvestId } = day.harvest;
  const [defaults] = useState(() => freshSurvey(randomStart(), preferences));
  const { form, parsed, frame, keep } = useRecordForm({
    formKey: `stroke:${harvestId}`,
    defaults,
    parse: (values) => {
      const read = readSurveyForm(values, preferences, day.book);
      return read.ok && eye ? { ok: true, content: { ...read.content, eye } } : read;
    },
    act: (content, options) => saveSurvey(content, harvestId, options),
    next: () => freshSurvey(randomStart(), preferences),
    onKept: () => navigate(`/${workspace}/comb/${harvestId}`),
  });
  const { school } = day.judging;
  const content = parsed.ok ? parsed.content : null;
  const verdict = content && verdictOfSurvey(content, school.id, day.book);
  return {
    day,
    frame,
    keep,
    size: surveySize(form.watch(), preferences),
    school,
    /** null until enough was looked at closely */
    found: content && verdict ? { content, verdict } : null,
  };
}
