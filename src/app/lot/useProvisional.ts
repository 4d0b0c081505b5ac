import { useMemo } from 'react';
import type { ReadingContent } from '../../records';
import { selectDraft, selectPreferences, selectWorkspace, useAppSelector } from '../../store';
import { useMeters, useMoment } from '../data/useMeters';
import { mergedDraft } from '../forms/mergedDraft';
import { FRESH_READING, readReadingForm } from '../forms/readingForm';
import { readingFormKey } from './ReadingEntry';
import { isPractice } from './standIns';

/** The reading now being typed for a lot, once it can be read. */
export function useProvisional(lotId: string): ReadingContent | null {
  const draft = useAppSelector((state) => selectDraft(state, readingFormKey(lotId)));
  const preferences = useAppSelector(selectPreferences);
  const workspace = useAppSelector(selectWorkspace);
  const meters = useMeters();
  const takenAt = useMoment();
  return useMemo(() => {
    if (!draft) return null;
    const form = mergedDraft(FRESH_READING, draft);
    const practice = isPractice(meters, form.instrumentId, workspace);
    const parsed = readReadingForm(form, { preferences, meters, takenAt, practice });
    return parsed.ok ? parsed.content : null;
  }, [draft, preferences, meters, takenAt, workspace]);
}
