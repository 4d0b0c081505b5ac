import type { ReactElement } from 'react';
import { useFieldArray, useFormContext } from 'react-hook-form';
import { LAB_QUANTITIES, type LabQuantity } from '../../../../core';
import type { LotFile } from '../../../../model';
import type { LabReport, LabReportContent, Preferences } from '../../../../records';
import type { FormOf } from '../../../entry/codec';
import { Field } from '../../../entry/Field';
import { Fields } from '../../../entry/Fields';
import { labEntry } from '../../../forms/bench/qualityForms';
import { LAB_WORDS } from '../../../words/labWords';
import { formatDay } from '../../../format/dates';
import { Button } from '../../../ui/Button';
import { EntrySheet } from '../../../ui/forms/EntrySheet';
import { PlainTable } from '../../../ui/PlainTable';
import { SheetSection } from '../../../ui/page/SheetSection';
import { useQualityEntry } from '../useQualityEntry';
import { commonWords } from '../../../words/english/common';
import { qualityWords } from '../../../words/english/quality';

type LabForm = FormOf<typeof labEntry.fields>;

function ValueFields({ quantity }: { quantity: LabQuantity }): ReactElement {
  return (
    <div className="grid grid-cols-[minmax(0,2fr)_minmax(0,1fr)] items-start gap-3">
      <Field of={labEntry} at={`values.${quantity}.value`} />
      <Field
        of={labEntry}
        at={`values.${quantity}.expanded`}
        label={
          <>
            ±
            <span className="sr-only">
              {' '}
              {qualityWords.ofExpanded({ name: LAB_WORDS[quantity].name })}
            </span>
          </>
        }
      />
    </div>
  );
}

function PollenFields(): ReactElement {
  const { control } = useFormContext<LabForm>();
  const { fields, append, remove } = useFieldArray({ control, name: 'pollen' });
  return (
    <fieldset className="space-y-3">
      <legend className="text-base font-semibold">{qualityWords.sharesOfPollen()}</legend>
      {fields.map((field, at) => (
        <div
          key={field.id}
          className="grid grid-cols-[minmax(0,1fr)_7rem_auto] items-end gap-3"
          role="group"
          aria-label={qualityWords.pollen({ at: at + 1 })}
        >
          <Field of={labEntry} at={`pollen.${at}.plant`} />
          <Field of={labEntry} at={`pollen.${at}.percent`} />
          <Button tone="quiet" onClick={() => remove(at)}>
            {commonWords.remove()}
          </Button>
        </div>
      ))}
      <Button onClick={() => append({ plant: '', percent: '' })}>{qualityWords.addAPlant()}</Button>
    </fieldset>
  );
}

function LabFields(): ReactElement {
  return (
    <div className="space-y-5">
      <Field of={labEntry} at="laboratory" />
      <div className="grid gap-5 sm:grid-cols-2">
        <Fields of={labEntry} at={['day', 'reportNumber']} />
      </div>
      <p className="text-base">{qualityWords.typeWhatTheReportHas()}</p>
      {LAB_QUANTITIES.map((labQuantity) => (
        <ValueFields key={labQuantity} quantity={labQuantity} />
      ))}
      <PollenFields />
      <Field of={labEntry} at="remark" />
    </div>
  );
}

function ReportRows({ report }: { report: LabReport }): ReactElement {
  const { values, pollen } = report.content;
  const rows = LAB_QUANTITIES.flatMap((quantity) => {
    const known = values[quantity];
    if (!known) return [];
    const { name, unit, about } = LAB_WORDS[quantity];
    const doubt = known.expanded === null ? '' : ` ± ${known.expanded}`;
    return [[name, <strong key={quantity}>{`${known.value}${doubt} ${unit}`}</strong>, about]];
  });
  return (
    <>
      {rows.length > 0 && (
        <PlainTable
          label={qualityWords.valuesOf({ laboratory: report.content.laboratory })}
          head={[qualityWords.value(), commonWords.found(), qualityWords.askedFor()]}
          rows={rows}
        />
      )}
      {pollen.length > 0 && (
        <p className="mt-1 text-base">
          {qualityWords.pollen2({
            pollen: pollen.map(({ plant, percent }) => `${plant} ${percent} %`).join(', '),
          })}
        </p>
      )}
    </>
  );
}

const formOf = (content: LabReportContent | null, day: string, preferences: Preferences): LabForm =>
  labEntry.fill(content ?? { day }, preferences);

/** Reports of laboratories; they enter the ruling with their day. */
export function LabSection({ file }: { file: LotFile }): ReactElement {
  const entry = useQualityEntry<LabReport, LabForm>(formOf);
  return (
    <SheetSection
      id="laboratory"
      title={qualityWords.laboratory()}
      aside={<Button onClick={entry.add}>{qualityWords.addAReport()}</Button>}
    >
      {file.labReports.length === 0 && (
        <p className="text-lg">{qualityWords.noReportOnlyALaboratory()}</p>
      )}
      <div className="space-y-5">
        {file.labReports.map((labReport) => (
          <div key={labReport.entityId}>
            <div className="flex flex-wrap items-center justify-between gap-3">
              <h3 className="text-xl font-bold">
                {labReport.content.laboratory}, {formatDay(labReport.content.day)}
              </h3>
              <Button tone="quiet" onClick={() => entry.edit(labReport)}>
                {commonWords.change()}
                <span className="sr-only">
                  {' '}
                  {qualityWords.theReportOf({ laboratory: labReport.content.laboratory })}
                </span>
              </Button>
            </div>
            <ReportRows report={labReport} />
          </div>
        ))}
      </div>
      <EntrySheet
        {...entry.sheet}
        kind="lab-report"
        ownerId={file.lot.entityId}
        what={qualityWords.theReport()}
        title={qualityWords.reportOfALaboratory()}
        description={qualityWords.itsValuesCountInThe()}
        parse={(form) => labEntry.read(form, entry.context.preferences)}
      >
        <LabFields />
      </EntrySheet>
    </SheetSection>
  );
}
