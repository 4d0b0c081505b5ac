import type { LotFile } from '../../../model';
import type { LabelDesign, LabelDesignContent, Packing } from '../../../records';
import { noticeShown, selectPreferences, useAppDispatch, useAppSelector } from '../../../store';
import { labelFormOf, readLabelForm } from '../../forms/store/labelForm';
import { useDraftForm } from '../../forms/useDraftForm';
import { jarQrText, labelText } from '../../pdf/labelText';
import { usePdfFile } from '../../pdf/usePdfFile';
import { saveLabel } from './storeActs';
import { jarsWords } from '../../words/english/jars';

const TOO_SMALL = jarsWords.someWordsAreTooSmall();
const CANNOT = jarsWords.theLabelsCouldNotBe();

/** A run of jars with the label that was used last. */
export interface LabelTask {
  readonly file: LotFile;
  readonly packing: Packing;
  readonly design: LabelDesign | null;
}

/** The label being typed; saving it makes the sheets to print. */
export function useLabelForm({ file, packing, design }: LabelTask) {
  const dispatch = useAppDispatch();
  const preferences = useAppSelector(selectPreferences);
  const { busy, save } = usePdfFile(CANNOT);
  const { form, parsed, frame, start, submit, baseOf, draft } = useDraftForm({
    formKey: `label:${design?.entityId ?? 'new'}`,
    defaults: labelFormOf(design?.content ?? null, preferences),
    base: design?.id ?? null,
    parse: (values) => readLabelForm(values, preferences),
  });
  const { content } = packing;
  const make = async (label: LabelDesignContent): Promise<void> => {
    let made = '';
    const isMade = await save(async (fonts) => {
      const { labelsPdf } = await import('../../pdf/labelsPdf');
      const labels = Array.from({ length: content.count }, (_, at) => ({
        text: labelText(label, file.lot.content, { ...content, number: at + 1 }),
        qr: label.showQr ? jarQrText(content.code, at + 1) : '',
      }));
      const { bytes, missing, pages, tooSmall } = await labelsPdf(label, labels, fonts);
      made = jarsWords.sheetsOfLabelsMade({ pages, tooSmall: tooSmall ? TOO_SMALL : '' });
      return { name: `ripenum-labels-${content.code}.pdf`, bytes, missing };
    });
    if (isMade) dispatch(noticeShown({ text: made, tone: 'info' }));
  };
  const print = submit(async (label) => {
    const former = design && { ...design, id: baseOf() ?? design.id };
    const done = await dispatch(saveLabel(label, former, { draft }));
    if (!done.ok) return;
    start(form.getValues(), done.value[0]?.id);
    await make(label);
  });
  return { frame, busy, print, label: parsed.ok ? parsed.content : null };
}
