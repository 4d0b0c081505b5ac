import { useMemo } from 'react';
import type { ReadingContent } from '../../records';
import { selectDraft, selectPreferences, useAppSelector } from '../../store';
import { useMeters, useMoment } from '../data/useMeters';
import { readReadingForm, type ReadingForm } from '../forms/readingForm';
import { readingFormKey } from './ReadingEntry';

/** The reading now being typed for a lot, once it can be read. */
export function useProvisional(lotId: string, practice = false): ReadingContent | null {
  const draft = useAppSelector((state) => selectDraft(state, readingFormKey(lotId)));
  const preferences = useAppSelector(selectPreferences);
  const meters = useMeters();
  const takenAt = useMoment();
  return useMemo(() => {
    if (!draft || !('spot' in draft)) return null;
    const context = { preferences, meters, takenAt, practice };
    const parsed = readReadingForm(draft as unknown as ReadingForm, context);
    return parsed.ok ? parsed.content : null;
  }, [draft, preferences, meters, takenAt, practice]);
}
