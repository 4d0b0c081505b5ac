import { saveReading } from '../acts/readingActs';
import { Camera } from 'lucide-react';
import { Suspense, useEffect, useMemo, useState, type ReactElement, type ReactNode } from 'react';
import { type Ruling } from '../../core';
import { meteredReading, repeatabilityFor, vesselsOf, type LotFile } from '../../model';
import { vesselIdOf, type ReadingContent } from '../../records';
import { selectPreferences, useAppDispatch, useAppSelector } from '../../store';
import { useCommands } from '../commands/useCommands';
import { belongsToField } from '../commands/useKeyboard';
import { USUAL_DIVISION, type ReadingForm } from '../forms/bench/readingForm';
import { Button } from '../ui/Button';
import { FileButton } from '../ui/fields/FileButton';
import { Waiting } from '../ui/page/Waiting';
import { lazyPart } from '../ui/page/lazyPart';
import { FormFrame } from '../ui/forms/FormFrame';
import { freshReadingForm, type ReadingFormState } from './useReadingForm';
import { DIAL_INPUT_ID, ReadingFields } from './ReadingFields';
import { ReadingPreview } from './ReadingPreview';
import { readingWarnings, replicatesOf } from './readingWarnings';
import { useMeters, useLedger } from '../data/useWorkspaceModel';
import type { LineRead } from './EyepiecePhoto';
import type { Preview } from '../../workers/protocol';
import { photoWords } from '../words/english/photo';
import { lotWords } from '../words/english/lot';

const EyepiecePhoto = lazyPart(
  () => import('./EyepiecePhoto'),
  (module) => module.EyepiecePhoto,
);

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
  const { replicates } = useLedger();
  return useMemo(() => {
    if (!content) return [];
    const { read } = meteredReading(content, meters);
    if (read.status !== 'read') return [];
    const lotId = file.lot.entityId;
    const repeatability = repeatabilityFor({ lotId, readers: [content.reader] }, replicates);
    return readingWarnings(content, read, { others: file.readings, meters, repeatability });
  }, [file, content, meters, replicates]);
}

/** What a page around the entry may add to it. */
export interface ReadingEntryParts {
  /** stands above the dial: eyepiece, meter */
  readonly above?: ReactNode;
  readonly vesselElsewhere?: boolean;
  /** called once a reading was kept */
  readonly onKept?: (content: ReadingContent) => void;
}

interface ReadingEntryProps extends ReadingEntryParts {
  file: LotFile;
  /** the form, held by the page since the whole page answers to what is typed */
  entry: ReadingFormState;
  /** the answer with what is being typed */
  ruling: Ruling;
}

/** Type a reading; the answer beside it changes with every digit, and Enter keeps it. */
export function ReadingEntry(props: ReadingEntryProps): ReactElement {
  const { file, entry, ruling, above, vesselElsewhere = false, onKept } = props;
  const dispatch = useAppDispatch();
  const preferences = useAppSelector(selectPreferences);
  const { form, frame, start, submit, context } = entry;
  const [kept, setKept] = useState<readonly string[]>([]);
  const [photo, setPhoto] = useState<File | null>(null);
  const [pictured, setPictured] = useState<{ text: string; proof: Preview } | null>(null);
  const scale = form.watch('scale');
  const { typed } = entry;
  const warnings = useWarnings(file, typed);
  useStrayDigits(preferences.singleKeys);
  useCommands([{ id: 'reading', title: lotWords.takeAReading(), key: 'r', run: focusDial }]);

  /** Keeps what was typed; where that fails, it is put back unless the next one is being typed already. */
  const write = async (content: ReadingContent, typedForm: ReadingForm): Promise<void> => {
    // a value that was typed over is no longer what the picture shows
    const shown = pictured?.text === typedForm.dialValue ? pictured.proof : null;
    const done = await dispatch(saveReading(content, file.lot.entityId, shown));
    if (done.ok) {
      setPictured(null);
      onKept?.(content);
    } else if (form.getValues('dialValue') === '')
      form.reset(typedForm, { keepDefaultValues: true });
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

  const takeLine = ({ text, spread }: LineRead, proof: Preview): void => {
    form.setValue('dialValue', text, { shouldDirty: true });
    if (form.getValues('remark') === '')
      form.setValue('remark', photoWords.fromPhoto({ spread }), { shouldDirty: true });
    setPictured({ text, proof });
    setPhoto(null);
    focusDial();
  };

  return (
    <FormFrame {...frame} onSubmit={keep} label={lotWords.takeAReading()}>
      <div className="space-y-5">
        {above}
        <FileButton
          label={photoWords.pictureOfEyepiece()}
          accept="image/*"
          camera
          onFile={setPhoto}
        >
          <Camera aria-hidden className="size-5" /> {photoWords.line()}
        </FileButton>
        {photo && (
          <Suspense fallback={<Waiting />}>
            <EyepiecePhoto
              file={photo}
              digits={scale === 'nD' ? 4 : 2}
              division={typed?.resolution ?? Number(USUAL_DIVISION[scale])}
              onUse={takeLine}
              onClose={() => setPhoto(null)}
            />
          </Suspense>
        )}
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
          {lotWords.saveThisReading()}
        </Button>
      </div>
    </FormFrame>
  );
}
