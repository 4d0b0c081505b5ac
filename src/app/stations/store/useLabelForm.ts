import { useEffect, useRef, useState } from 'react';
import type { LotFile } from '../../../model';
import type { LabelDesign, Packing } from '../../../records';
import { noticeShown, selectPreferences, useAppDispatch, useAppSelector } from '../../../store';
import {
  labelFormOf,
  readLabelRun,
  type LabelRun,
  type LabelRunForm,
} from '../../forms/store/labelForm';
import { useDraftForm } from '../../forms/useDraftForm';
import { drawLabels } from '../../pdf/labelClient';
import { jarQrText, labelText } from '../../pdf/labelText';
import { usePdfFile } from '../../pdf/usePdfFile';
import { saveLabel } from './storeActs';
import { dossierWords } from '../../words/english/dossier';
import { jarsWords } from '../../words/english/jars';

const TOO_SMALL = jarsWords.someWordsAreTooSmall();
const CANNOT = jarsWords.theLabelsCouldNotBe();

/** A run of jars with the label that was used last. */
export interface LabelTask {
  readonly file: LotFile;
  readonly packing: Packing;
  readonly design: LabelDesign | null;
}

/** Draws the labels in a worker: how far it is [0..1], null while nothing is drawn, and the way to stop it. */
function useDrawing({ file, packing }: LabelTask) {
  const dispatch = useAppDispatch();
  const [progress, setProgress] = useState<number | null>(null);
  const stop = useRef<AbortController | null>(null);
  useEffect(() => () => stop.current?.abort(), []);
  const { save } = usePdfFile(CANNOT);
  const { content } = packing;
  const draw = async ({ design, fromJar, firstPlace }: LabelRun): Promise<void> => {
    let made = '';
    const given = new AbortController();
    stop.current = given;
    setProgress(0);
    const isMade = await save(async (fonts) => {
      const labels = Array.from({ length: content.count - fromJar + 1 }, (_, at) => ({
        text: labelText(design, file.lot.content, { ...content, number: at + fromJar }),
        qr: design.showQr ? jarQrText(content.code, at + fromJar) : '',
      }));
      const title = dossierWords.labels({ name: design.name });
      const { bytes, missing, pages, tooSmall } = await drawLabels(
        { title, design, labels, skip: firstPlace - 1 },
        { fonts, signal: given.signal, onProgress: setProgress },
      );
      made = jarsWords.sheetsOfLabelsMade({ pages, tooSmall: tooSmall ? TOO_SMALL : '' });
      return { name: `ripenum-labels-${content.code}.pdf`, bytes, missing };
    });
    setProgress(null);
    if (isMade) dispatch(noticeShown({ text: made, tone: 'info' }));
  };
  return { draw, progress, stopDrawing: () => stop.current?.abort() };
}

/** The label being typed; saving it makes the sheets to print. */
export function useLabelForm(task: LabelTask) {
  const { packing, design } = task;
  const dispatch = useAppDispatch();
  const preferences = useAppSelector(selectPreferences);
  const { draw, progress, stopDrawing } = useDrawing(task);
  const { form, parsed, frame, start, submit, baseOf, draft } = useDraftForm({
    formKey: `label:${design?.entityId ?? 'new'}`,
    defaults: {
      ...labelFormOf(design?.content ?? null, preferences),
      start: { fromJar: '1', firstPlace: '1' },
    },
    base: design?.id ?? null,
    parse: (values: LabelRunForm) => readLabelRun(values, preferences, packing.content.count),
  });
  const print = submit(async (run) => {
    const former = design && { ...design, id: baseOf() ?? design.id };
    const done = await dispatch(saveLabel(run.design, former, { draft }));
    if (!done.ok) return;
    start(form.getValues(), done.value[0]?.id);
    await draw(run);
  });
  return { frame, progress, stopDrawing, print, run: parsed.ok ? parsed.content : null };
}
