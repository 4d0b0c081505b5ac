import { useEffect, useMemo, useState, type ReactElement, type ReactNode } from 'react';
import { type Ruling, type SampleState } from '../../core';
import { meteredReading, repeatabilityFor, vesselsOf, type LotFile } from '../../model';
import { firstRevision, vesselIdOf, type ReadingContent } from '../../records';
import {
  perform,
  selectPreferences,
  selectWorkspace,
  useAppDispatch,
  useAppSelector,
} from '../../store';
import { useCommands } from '../commands/useCommands';
import { belongsToField } from '../commands/useKeyboard';
import { useMeters, useMoment } from '../data/useMeters';
import { EMPTY_WORKSHOP, useWorkshop } from '../data/useWorkshop';
import {
  FRESH_READING,
  nextReadingForm,
  readReadingForm,
  type ReadingContext,
  type ReadingForm,
} from '../forms/readingForm';
import { useDraftForm } from '../forms/useDraftForm';
import { formatDial } from '../format/moisture';
import { Button } from '../ui/Button';
import { FormFrame } from '../ui/FormFrame';
import { DIAL_INPUT_ID, ReadingFields } from './ReadingFields';
import { ReadingPreview } from './ReadingPreview';
import { readingWarnings, replicatesOf } from './readingWarnings';
import { isPractice } from './standIns';

/** Under which key the reading being typed for a lot is kept. */
export const readingFormKey = (lotId: string): string => `reading:${lotId}`;

/** The first vessel without a reading, those of the plan first, so that the next one is at hand. */
export function nextVessel(file: LotFile, alsoTested: Iterable<string> = []): string {
  const vessels = vesselsOf(file.containers);
  const tested = new Set(file.readings.map(({ content }) => vesselIdOf(content) ?? ''));
  for (const one of alsoTested) tested.add(one);
  const planned = file.plan?.content.plannedIds.flat() ?? [];
  const inOrder = [...planned, ...vessels.map((one) => one.id)];
  return inOrder.find((one) => !tested.has(one)) ?? vessels[0]?.id ?? '';
}

/** Ling comes as a gel: until somebody says that it was stirred, it was not. */
const firstSample = ({ lot }: LotFile): SampleState =>
  lot.content.honeyKind === 'heather' ? 'gel' : 'clear';

/** An empty form with the meter of the last reading. */
function freshReadingForm(
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

export function focusDial(): void {
  document.getElementById(DIAL_INPUT_ID)?.focus();
}

/** A digit typed while nothing has the focus goes to the dial. */
function useStrayDigits(singleKeys: boolean): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (!singleKeys || !/^\d$/.test(event.key) || event.ctrlKey || event.metaKey || event.altKey)
        return;
      if (!belongsToField(event)) focusDial();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [singleKeys]);
}

/** What the person at the prism must know beside the marks of the reading. */
function useWarnings(file: LotFile, content: ReadingContent | null): string[] {
  const meters = useMeters();
  const { replicates } = useWorkshop() ?? EMPTY_WORKSHOP;
  return useMemo(() => {
    if (!content) return [];
    const { read } = meteredReading(content, meters);
    if (read.status !== 'read') return [];
    const lotId = file.lot.entityId;
    const repeatability = repeatabilityFor({ lotId, readers: [content.reader] }, replicates);
    return readingWarnings(content, read, { others: file.readings, meters, repeatability });
  }, [file, content, meters, replicates]);
}

type Coming = Pick<ReadingContext, 'source' | 'settledStandard'>;

/** What a page around the entry may add to it. */
export interface ReadingEntryParts {
  /** stands above the dial: eyepiece, meter */
  readonly above?: (form: ReturnType<typeof useReadingForm>) => ReactNode;
  readonly vesselElsewhere?: boolean;
  /** how the value in the form comes in; typed where not said */
  readonly comingFor?: (form: ReadingForm) => Coming;
  /** called once a reading was kept */
  readonly onKept?: (content: ReadingContent) => void;
}

interface ReadingEntryProps extends ReadingEntryParts {
  file: LotFile;
  /** the answer with what is being typed */
  ruling: Ruling;
}

const TYPED = (): Coming => ({});

function useReadingForm(file: LotFile, comingFor: (form: ReadingForm) => Coming) {
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
  return { ...entry, defaults, context };
}

/** Type a reading; the answer beside it changes with every digit, and Enter keeps it. */
export function ReadingEntry(props: ReadingEntryProps): ReactElement {
  const { file, ruling, above, vesselElsewhere = false, onKept } = props;
  const dispatch = useAppDispatch();
  const preferences = useAppSelector(selectPreferences);
  const entry = useReadingForm(file, props.comingFor ?? TYPED);
  const { form, parsed, restored, start, submit, defaults, context } = entry;
  const [kept, setKept] = useState<readonly string[]>([]);
  const typed = parsed.ok ? parsed.content : null;
  const warnings = useWarnings(file, typed);
  useStrayDigits(preferences.singleKeys);
  useCommands([{ id: 'reading', title: 'Take a reading', key: 'r', run: focusDial }]);

  /** Keeps what was typed; where that fails, it is put back unless the next one is being typed already. */
  const write = async (content: ReadingContent, typedForm: ReadingForm): Promise<void> => {
    const label = `Reading ${formatDial(content.scale, content.dialValue)} kept`;
    const now = { ...content, takenAt: new Date().toISOString() };
    const done = await dispatch(
      perform(label, (scribe) => [firstRevision(scribe, 'reading', now, file.lot.entityId)]),
    );
    if (done.ok) onKept?.(content);
    else if (form.getValues('dialValue') === '') form.reset(typedForm, { keepDefaultValues: true });
  };

  const keep = submit((content) => {
    const typedForm = form.getValues();
    const vessel = vesselIdOf(content);
    const now = vessel === null ? kept : [...kept, vessel];
    setKept(now);
    // The next reading begins at once: keys may come faster than the last one is written.
    start(freshReadingForm(file, content, { ...context, kept: now }));
    focusDial();
    void write(content, typedForm);
    return Promise.resolve();
  });

  return (
    <FormFrame
      form={form}
      restored={restored}
      onDiscard={() => start(defaults)}
      live={parsed.ok ? {} : parsed.errors}
      onSubmit={keep}
      label="Take a reading"
    >
      <div className="space-y-5">
        {above?.(entry)}
        <ReadingFields
          vessels={vesselsOf(file.containers)}
          ownsDigits
          vesselElsewhere={vesselElsewhere}
        >
          <ReadingPreview
            content={typed}
            ruling={ruling}
            warnings={warnings}
            replicates={typed ? replicatesOf(typed, file.readings).length : 0}
          />
        </ReadingFields>
        <Button type="submit" tone="ink" className="min-h-14">
          Keep this reading
        </Button>
      </div>
    </FormFrame>
  );
}
