import { useEffect, type ReactElement } from 'react';
import type { Ruling } from '../../../../core';
import { firstRevision, vesselsOf, type LotFile, type ReadingContent } from '../../../../records';
import { perform, selectPreferences, useAppDispatch, useAppSelector } from '../../../../store';
import { belongsToField } from '../../../commands/useKeyboard';
import { useCommands } from '../../../commands/useCommands';
import {
  FRESH_READING,
  nextReadingForm,
  readReadingForm,
  type ReadingForm,
} from '../../../forms/readingForm';
import { useDraftForm } from '../../../forms/useDraftForm';
import { formatDial } from '../../../format/moisture';
import { Button } from '../../../ui/Button';
import { FormFrame } from '../../../ui/FormFrame';
import { RestoredNote } from '../../../ui/RestoredNote';
import { DIAL_INPUT_ID, ReadingFields } from './ReadingFields';
import { ReadingPreview } from './ReadingPreview';

/** Under which key the reading being typed for a lot is kept. */
export const readingFormKey = (lotId: string): string => `reading:${lotId}`;

/** The first vessel without a reading, so that the next one is at hand. */
function nextVessel(file: LotFile, alsoTested: string): string {
  const vessels = vesselsOf(file.containers);
  const tested = new Set(
    file.readings.map(({ content }) => `${content.containerId ?? ''}#${content.item ?? 1}`),
  );
  tested.add(alsoTested);
  return vessels.find((one) => !tested.has(one.id))?.id ?? vessels[0]?.id ?? '';
}

/** An empty form with the meter of the last reading. */
export function freshReadingForm(
  file: LotFile,
  last: ReadingContent | undefined,
  preferences: Parameters<typeof nextReadingForm>[1],
): ReadingForm {
  const meter = last ? nextReadingForm(last, preferences) : FRESH_READING;
  const alsoTested = last ? `${last.containerId ?? ''}#${last.item ?? 1}` : '';
  return { ...meter, vessel: nextVessel(file, alsoTested) };
}

function focusDial(): void {
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

interface ReadingEntryProps {
  file: LotFile;
  /** the answer with what is being typed */
  ruling: Ruling;
}

/** Type a reading; the answer beside it changes with every digit, and Enter keeps it. */
export function ReadingEntry({ file, ruling }: ReadingEntryProps): ReactElement {
  const dispatch = useAppDispatch();
  const preferences = useAppSelector(selectPreferences);
  const lotId = file.lot.entityId;
  const defaults = freshReadingForm(file, file.readings.at(-1)?.content, preferences);
  const parse = (form: ReadingForm) => readReadingForm(form, preferences);
  const { form, parsed, restored, start, submit } = useDraftForm({
    formKey: readingFormKey(lotId),
    defaults,
    parse,
  });
  useStrayDigits(preferences.singleKeys);
  useCommands([{ id: 'reading', title: 'Take a reading', key: 'r', run: focusDial }]);

  const keep = submit(async (content) => {
    const label = `Reading ${formatDial(content.scale, content.dialValue)} kept`;
    const done = await dispatch(
      perform(label, (scribe) => [firstRevision(scribe, 'reading', content, lotId)]),
    );
    if (!done.ok) return;
    start(freshReadingForm(file, content, preferences));
    focusDial();
  });

  return (
    <FormFrame
      form={form}
      live={parsed.ok ? {} : parsed.errors}
      onSubmit={keep}
      label="Take a reading"
    >
      <div className="space-y-5">
        {restored && <RestoredNote onDiscard={() => start(defaults)} />}
        <ReadingFields vessels={vesselsOf(file.containers)} ownsDigits>
          <ReadingPreview content={parsed.ok ? parsed.content : null} ruling={ruling} />
        </ReadingFields>
        <Button type="submit" tone="ink">
          Keep this reading
        </Button>
      </div>
    </FormFrame>
  );
}
