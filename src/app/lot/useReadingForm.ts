import { useMemo } from 'react';
import { type SampleState } from '../../core';
import { vesselsOf, type LotFile } from '../../model';
import { vesselIdOf, type ReadingContent } from '../../records';
import { selectPreferences, selectWorkspace, useAppSelector } from '../../store';
import { useMoment } from '../data/useMoment';
import { useMeters } from '../data/useWorkspaceModel';
import {
  FRESH_READING,
  nextReadingForm,
  readReadingForm,
  type ReadingContext,
  type ReadingForm,
} from '../forms/bench/readingForm';
import { useDraftForm } from '../forms/useDraftForm';
import { isPractice } from './standIns';

/** Under which key the reading being typed for a lot is kept. */
const readingFormKey = (lotId: string): string => `reading:${lotId}`;

/** The first vessel without a reading, those of the plan first, so that the next one is at hand. */
export function nextVessel(file: LotFile, alsoTested: Iterable<string> = []): string {
  const vessels = vesselsOf(file.containers);
  const tested = new Set(file.readings.map(({ content }) => vesselIdOf(content) ?? ''));
  for (const text of alsoTested) tested.add(text);
  const planned = file.plan?.content.plannedIds.flat() ?? [];
  const inOrder = [...planned, ...vessels.map((vessel) => vessel.id)];
  return inOrder.find((text) => !tested.has(text)) ?? vessels[0]?.id ?? '';
}

/** Ling comes as a gel: until somebody says that it was stirred, it was not. */
const firstSample = ({ lot }: LotFile): SampleState =>
  lot.content.honeyKind === 'heather' ? 'gel' : 'clear';

/** An empty form with the meter of the last reading. */
export function freshReadingForm(
  file: LotFile,
  last: ReadingContent | undefined,
  { preferences, meters, kept = [] }: ReadingContext & { readonly kept?: Iterable<string> },
): ReadingForm {
  const only = meters.size === 1 ? ([...meters.keys()][0] ?? '') : '';
  const meter = last
    ? nextReadingForm(last, preferences)
    : { ...FRESH_READING, instrumentId: only, sample: firstSample(file) };
  const alsoTested = last ? (vesselIdOf(last) ?? '') : '';
  const vessel = nextVessel(file, [alsoTested, ...kept]);
  // What was said of one vessel says nothing of the next.
  const spot = last && vessel === alsoTested ? meter.spot : FRESH_READING.spot;
  return { ...meter, vessel, spot };
}

type Coming = Pick<ReadingContext, 'source' | 'settledStandard'>;

const TYPED = (): Coming => ({});

/**
 * The form of the next reading of a lot, and what it says at this moment.
 *
 * @param comingFor - how the value in the form comes in; typed where not said
 */
export function useReadingForm(file: LotFile, comingFor: (form: ReadingForm) => Coming = TYPED) {
  const preferences = useAppSelector(selectPreferences);
  const workspace = useAppSelector(selectWorkspace);
  const meters = useMeters();
  const takenAt = useMoment();
  const context: ReadingContext = { preferences, meters, takenAt };
  const defaults = freshReadingForm(file, file.readings.at(-1)?.content, context);
  const entry = useDraftForm({
    formKey: readingFormKey(file.lot.entityId),
    defaults,
    parse: (form: ReadingForm) => {
      const practice = isPractice(meters, form.instrumentId, workspace);
      return readReadingForm(form, { ...context, ...comingFor(form), practice });
    },
  });
  const { parsed } = entry;
  const text = parsed.ok ? JSON.stringify(parsed.content) : null;
  const typed = useMemo(
    () => (text === null ? null : (JSON.parse(text) as ReadingContent)),
    [text],
  );
  return { ...entry, defaults, context, typed };
}

/** The form of a reading, as a page holds it. */
export type ReadingFormState = ReturnType<typeof useReadingForm>;
