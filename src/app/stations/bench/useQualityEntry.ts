import { useMemo } from 'react';
import { localDayOf } from '../../../model';
import { type Preferences } from '../../../records';
import { selectPreferences, useAppSelector } from '../../../store';
import { useEditing } from '../../data/useEditing';
import { useMoment } from '../../data/useMoment';
import type { QualityContext } from '../../forms/bench/qualityForms';

/** An entry of colour, senses or laboratory being added or changed. */
export interface QualityEntry<R extends { readonly content: unknown }, F> {
  readonly add: () => void;
  readonly edit: (record: R) => void;
  /** what the form is read with */
  readonly context: QualityContext<R['content']>;
  /** for the sheet that it is typed on */
  readonly sheet: {
    readonly open: boolean;
    readonly onOpenChange: (open: boolean) => void;
    readonly record: R | null;
    readonly formOf: F;
  };
}

/** @param formOf - the form of a content, or an empty one; the same function at every rendering */
export function useQualityEntry<R extends { readonly content: unknown }, F>(
  formOf: (content: R['content'] | null, day: string, preferences: Preferences) => F,
): QualityEntry<R, F> {
  const preferences = useAppSelector(selectPreferences);
  const takenAt = useMoment();
  const { open, record, add, edit, onOpenChange } = useEditing<R>();
  const day = localDayOf(takenAt);
  const form = useMemo(
    () => formOf(record?.content ?? null, day, preferences),
    [formOf, record, day, preferences],
  );
  const former = record ? { former: record.content } : {};
  return {
    add: () => add(),
    edit,
    context: { preferences, takenAt, ...former },
    sheet: { open, onOpenChange, record, formOf: form },
  };
}
