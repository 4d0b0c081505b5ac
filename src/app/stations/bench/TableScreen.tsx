import { useMemo, type ReactElement } from 'react';
import { vesselsOf, type LotFile } from '../../../model';
import { firstRevision, type ReadingContent } from '../../../records';
import {
  perform,
  selectPreferences,
  selectWorkspace,
  useAppDispatch,
  useAppSelector,
} from '../../../store';
import { useMoment } from '../../data/useMoment';
import type { ReadingContext } from '../../forms/bench/readingForm';
import { useDraftForm } from '../../forms/useDraftForm';
import { isPractice } from '../../lot/standIns';
import { LotGate } from '../../lot/LotGate';
import { Button } from '../../ui/Button';
import { FormFrame } from '../../ui/forms/FormFrame';
import { SheetSection } from '../../ui/page/SheetSection';
import { filledRows, freshBulk, freshRows, readBulk, type BulkForm } from './bulk';
import { BenchHeader } from './parts/BenchHeader';
import { BulkGrid } from './parts/BulkGrid';
import { CommonFields } from './parts/CommonFields';
import { PastePart } from './parts/PastePart';
import { guessColumns, cellsOf } from './pasted';
import { useMeters } from '../../data/useWorkspaceModel';
import { benchWords } from '../../words/english/bench';

/** The meter that was used last on this lot, else the only one there is. */
function usualMeter(file: LotFile, ids: readonly string[]): string {
  const last = file.readings.at(-1)?.content.instrumentId;
  return last ?? (ids.length === 1 ? (ids[0] ?? '') : '');
}

function TableView({ file }: { file: LotFile }): ReactElement {
  const dispatch = useAppDispatch();
  const preferences = useAppSelector(selectPreferences);
  const workspace = useAppSelector(selectWorkspace);
  const meters = useMeters();
  const takenAt = useMoment();
  const vessels = useMemo(() => vesselsOf(file.containers), [file]);
  const lotId = file.lot.entityId;
  const defaults = freshBulk(
    freshRows(vessels, file.plan?.content.plannedIds.flat()),
    usualMeter(file, [...meters.keys()]),
  );
  const contextFor = (form: BulkForm): ReadingContext => ({
    preferences,
    meters,
    takenAt,
    source: 'table',
    practice: isPractice(meters, form.instrumentId, workspace),
  });
  const { form, frame, start, submit } = useDraftForm({
    formKey: `bulk:${lotId}`,
    defaults,
    parse: (typed: BulkForm) => readBulk(typed, contextFor(typed)),
  });
  const typed = form.watch();

  const keepAll = async (contents: readonly ReadingContent[]): Promise<boolean> => {
    const now = new Date().toISOString();
    const label = benchWords.readingsSaved({ contents: contents.length });
    const done = await dispatch(
      perform(label, (scribe) =>
        contents.map((content) =>
          firstRevision(scribe, 'reading', { ...content, takenAt: now }, lotId),
        ),
      ),
    );
    return done.ok;
  };
  const keepRows = submit(async (contents) => {
    if (!(await keepAll(contents))) return;
    const { rows, ...same } = form.getValues();
    start({
      ...same,
      rows: rows.map((row) => ({ ...row, dial: '', temperature: '', remark: '' })),
    });
  });
  const paste = (text: string): void => {
    const scale = meters.get(form.getValues('instrumentId'))?.instrument.content.scale;
    const guessed = guessColumns(cellsOf(text), scale ?? form.getValues('scale'));
    form.setValue('paste', text, { shouldDirty: true });
    form.setValue('heading', guessed.heading, { shouldDirty: true });
    form.setValue('columns', guessed.columns, { shouldDirty: true });
  };
  const filled = filledRows(typed.rows).length;

  return (
    <>
      <BenchHeader file={file} at={1} />
      <FormFrame {...frame} onSubmit={keepRows} label={benchWords.manyReadings()}>
        <div className="mt-4 space-y-8">
          <CommonFields />
          <SheetSection
            id="grid"
            title={benchWords.oneByOne2()}
            aside={
              <Button type="submit" tone="ink" className="min-h-14" disabled={filled === 0}>
                {benchWords.saveReadings({ filled })}
              </Button>
            }
          >
            <BulkGrid vessels={vessels} file={file} contextFor={contextFor} onPasteTable={paste} />
          </SheetSection>
          <PastePart vessels={vessels} contextFor={contextFor} onPaste={paste} onKeep={keepAll} />
        </div>
      </FormFrame>
    </>
  );
}

/** Many readings of one lot at once: typed row by row, pasted, or from a file. */
export function TableScreen(): ReactElement {
  return <LotGate View={TableView} />;
}
