import { FileDown } from 'lucide-react';
import { type ReactElement } from 'react';
import { useFormContext, useWatch } from 'react-hook-form';
import { useParams } from 'react-router';
import { type LotFile } from '../../../model';
import {
  entryRevision,
  vesselId,
  type LabelDesign,
  type LabelDesignContent,
  type Packing,
} from '../../../records';
import {
  noticeShown,
  perform,
  selectPreferences,
  useAppDispatch,
  useAppSelector,
} from '../../../store';
import { Field } from '../../entry/Field';
import { Fields } from '../../entry/Fields';
import { labelEntry, labelFormOf, readLabelForm, sheetFields } from '../../forms/store/labelForm';
import { useDraftForm } from '../../forms/useDraftForm';
import { RELEASE_NAMES } from '../../words/storeWords';
import { GateNote } from '../../gate/GateNote';
import { gateOf } from '../../gate/gate';
import { LABEL_SHEETS, labelsOnSheet } from '../../pdf/labelSheets';
import { jarQrText, labelText } from '../../pdf/labelText';
import { usePdfFile } from '../../pdf/usePdfFile';
import { Button } from '../../ui/Button';
import { FormFrame } from '../../ui/forms/FormFrame';
import { NothingHere } from '../../ui/page/NothingHere';
import { ColourField } from './parts/ColourField';
import { LabelPreview } from './parts/LabelPreview';
import { FoldSummary } from '../../ui/page/FoldSummary';
import { useCurrent, useRuledLots, useLedger } from '../../data/useWorkspaceModel';
import { jarsWords } from '../../words/english/jars';

const { id: _id, ...MEASURE_FIELDS } = sheetFields.fields;
const MEASURES = Object.keys(MEASURE_FIELDS) as (keyof typeof MEASURE_FIELDS)[];

function LabelFields(): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const { setValue } = useFormContext();
  const sheetId = useWatch({ name: 'sheet.id' }) as string;
  const take = (id: string): void => {
    const found = LABEL_SHEETS.find((labelSheet) => labelSheet.sheet.id === id);
    if (!found) return;
    const sheet = sheetFields.fill(found.sheet, preferences);
    setValue('sheet', sheet, { shouldDirty: true, shouldValidate: true });
  };
  return (
    <>
      <div className="grid gap-5 sm:grid-cols-2">
        <Fields of={labelEntry} at={['title', 'producer', 'origin', 'moreText']} />
        <ColourField name="ink" label={jarsWords.colourOfTheLetters()} />
        <ColourField name="paper" label={jarsWords.colourOfThePaper()} />
      </div>
      <Fields of={labelEntry} at={['weightUnits', 'showQr']} />
      <Field
        of={labelEntry}
        at="sheet.id"
        choices={[
          ...LABEL_SHEETS.map((labelSheet) => ({
            value: labelSheet.sheet.id,
            label: labelSheet.name,
          })),
          { value: 'own', label: jarsWords.aSheetOfMyOwn() },
        ]}
        onChosen={take}
      />
      <details open={sheetId === 'own'}>
        <FoldSummary>{jarsWords.sheetMeasurements()}</FoldSummary>
        <div className="grid grid-cols-2 gap-5 sm:grid-cols-3">
          {MEASURES.map((measure) => (
            <Field key={measure} of={labelEntry} at={`sheet.${measure}`} />
          ))}
        </div>
      </details>
      <Field of={labelEntry} at="name" />
    </>
  );
}

const TOO_SMALL = jarsWords.someWordsAreTooSmall();
const CANNOT = jarsWords.theLabelsCouldNotBe();

interface LabelsViewProps {
  file: LotFile;
  packing: Packing;
  design: LabelDesign | null;
}

function LabelsView({ file, packing, design }: LabelsViewProps): ReactElement {
  const dispatch = useAppDispatch();
  const preferences = useAppSelector(selectPreferences);
  const { busy, save } = usePdfFile(CANNOT);
  const defaults = labelFormOf(design?.content ?? null, preferences);
  const { form, parsed, frame, start, submit, baseOf, draft } = useDraftForm({
    formKey: `label:${design?.entityId ?? 'new'}`,
    defaults,
    base: design?.id ?? null,
    parse: (values) => readLabelForm(values, preferences),
  });
  const { content } = packing;
  const make = async (labelDesign: LabelDesignContent): Promise<void> => {
    let made = '';
    const isMade = await save(async (fonts) => {
      const { labelsPdf } = await import('../../pdf/labelsPdf');
      const labels = Array.from({ length: content.count }, (_, at) => ({
        text: labelText(labelDesign, file.lot.content, { ...content, number: at + 1 }),
        qr: labelDesign.showQr ? jarQrText(content.code, at + 1) : '',
      }));
      const { bytes, missing, pages, tooSmall } = await labelsPdf(labelDesign, labels, fonts);
      made = jarsWords.sheetsOfLabelsMade({ pages, tooSmall: tooSmall ? TOO_SMALL : '' });
      return { name: `ripenum-labels-${content.code}.pdf`, bytes, missing };
    });
    if (isMade) dispatch(noticeShown({ text: made, tone: 'info' }));
  };
  const print = submit(async (labelDesign) => {
    const former = design && { ...design, id: baseOf() ?? design.id };
    const done = await dispatch(
      perform(
        jarsWords.labelSaved(),
        (scribe) => [entryRevision(scribe, { kind: 'label-design', former }, labelDesign)],
        { draft },
      ),
    );
    if (!done.ok) return;
    start(form.getValues(), done.value[0]?.id);
    await make(labelDesign);
  });
  return (
    <div className="mt-5 grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-8 wide:grid-cols-2">
      <FormFrame {...frame} onSubmit={print} label={jarsWords.theLabel()}>
        <div className="space-y-5">
          <LabelFields />
          <Button type="submit" tone="ink" className="min-h-14 text-lg" disabled={busy}>
            <FileDown aria-hidden className="size-5" />{' '}
            {jarsWords.saveLabelsAsPdf({ count: content.count })}
          </Button>
        </div>
      </FormFrame>
      <div className="space-y-4">
        {parsed.ok && (
          <>
            <LabelPreview design={parsed.content} lot={file.lot.content} packing={content} />
            <p className="text-lg">
              {jarsWords.labelsOnSheets({
                count: content.count,
                count2: Math.ceil(content.count / labelsOnSheet(parsed.content.sheet)),
              })}
            </p>
          </>
        )}
        <ul className="list-disc space-y-1 pl-5 text-base">
          <li>{jarsWords.printAtFullSizeWithout()}</li>
          <li>{jarsWords.whatALabelMustSay()}</li>
          <li>{jarsWords.aFlowersNameNeedsPollen()}</li>
        </ul>
      </div>
    </div>
  );
}

/** Labels of a run of jars: words, colours, sheet, and the PDF to print. */
export function LabelsScreen(): ReactElement {
  const { packingId = '' } = useParams();
  const ledger = useLedger();
  const design = useCurrent('label-design').at(-1) ?? null;
  const lots = useRuledLots().ruled;
  const file = ledger.files.find((one) => one.packings.some((each) => each.entityId === packingId));
  const packing = file?.packings.find((one) => one.entityId === packingId);
  const lot = lots.find((one) => one.file === file);
  if (!file || !packing || !lot) return <NothingHere />;
  const gate = gateOf(
    lot,
    packing.content.from.map((one) => vesselId(one.containerId, one.item)),
  );
  const { release } = packing.content;
  const isHeld = gate.status === 'shut' || (gate.status === 'reason' && !release);
  return (
    <>
      <p className="pt-5 text-base font-semibold">{jarsWords.storeLabels()}</p>
      <h1 className="text-4xl font-bold">{jarsWords.jars({ code: packing.content.code })}</h1>
      <div className="mt-3 space-y-2">
        <GateNote gate={gate} />
        {gate.status === 'reason' && (
          <p className="text-lg">
            {release
              ? jarsWords.filledAnyway({
                  release: RELEASE_NAMES[release.use],
                  reason: release.reason,
                })
              : jarsWords.labelsCanBeMadeOnce()}
          </p>
        )}
      </div>
      {!isHeld && (
        <LabelsView key={design?.id ?? 'new'} file={file} packing={packing} design={design} />
      )}
    </>
  );
}
