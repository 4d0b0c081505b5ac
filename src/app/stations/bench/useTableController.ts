import { saveReadings } from './benchActs';
import { useMemo } from 'react';
import { vesselsOf, type LotFile } from '../../../model';
import { type ReadingContent } from '../../../records';
import { selectPreferences, selectWorkspace, useAppDispatch, useAppSelector } from '../../../store';
import { useMoment } from '../../data/useMoment';
import type { ReadingContext } from '../../forms/bench/readingForm';
import { useDraftForm } from '../../forms/useDraftForm';
import { isPractice } from '../../lot/standIns';
import { filledRows, freshBulk, freshRows, readBulk, type BulkForm } from './bulk';
import { guessColumns, cellsOf } from './pasted';
import { useMeters } from '../../data/useWorkspaceModel';

/** The meter that was used last on this lot, else the only one there is. */
function usualMeter(file: LotFile, ids: readonly string[]): string {
  const last = file.readings.at(-1)?.content.instrumentId;
  return last ?? (ids.length === 1 ? (ids[0] ?? '') : '');
}

/** Many readings of a lot, typed or pasted, as they are read and kept. */
export function useTableController(file: LotFile) {
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
    const done = await dispatch(saveReadings(contents, lotId));
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
  return { file, vessels, frame, contextFor, filled, keepRows, keepAll, paste };
}
