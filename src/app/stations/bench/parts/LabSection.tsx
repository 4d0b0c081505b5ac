import type { ReactElement } from 'react';
import { useFieldArray, useFormContext } from 'react-hook-form';
import { COMPOSITION, LAB_QUANTITIES, type LabQuantity } from '../../../../core';
import type { LabReport, LabReportContent, LotFile } from '../../../../records';
import { freshLab, labFormOf, readLabForm, type LabForm } from '../../../forms/qualityForms';
import { formatDay } from '../../../format/dates';
import { Button } from '../../../ui/Button';
import { EntrySheet } from '../../../ui/EntrySheet';
import { PlainTable } from '../../../ui/PlainTable';
import { SheetSection } from '../../../ui/SheetSection';
import { TextField } from '../../../ui/TextField';
import { useQualityEntry } from '../useQualityEntry';

interface QuantityWords {
  readonly name: string;
  readonly unit: string;
  /** what rules ask for, or what it is for */
  readonly about: string;
}

const QUANTITIES: Readonly<Record<LabQuantity, QuantityWords>> = {
  karlFischerPercent: {
    name: 'Water by Karl Fischer',
    unit: '%',
    about: 'true water; differs from refractometry by some tenths',
  },
  refractometerPercent: {
    name: 'Water by refractometer',
    unit: '%',
    about: 'beside your own readings, it must agree with them',
  },
  yeastPerG: { name: 'Yeast', unit: 'cells/g', about: 'decides whether honey of 17 to 20 % keeps' },
  hmfMgPerKg: {
    name: 'HMF',
    unit: 'mg/kg',
    about: `at most ${COMPOSITION.hmfMgPerKg}, from the tropics ${COMPOSITION.hmfTropicalMgPerKg}`,
  },
  diastaseSchade: {
    name: 'Diastase',
    unit: 'Schade units',
    about: `at least ${COMPOSITION.diastaseSchade}`,
  },
  fructosePercent: { name: 'Fructose', unit: '%', about: 'counts together with glucose' },
  glucosePercent: {
    name: 'Glucose',
    unit: '%',
    about: `with fructose at least ${COMPOSITION.sugarsBlossomPercent}, honeydew ${COMPOSITION.sugarsHoneydewPercent}`,
  },
  sucrosePercent: { name: 'Sucrose', unit: '%', about: `at most ${COMPOSITION.sucrosePercent}` },
  conductivityMsPerCm: {
    name: 'Electrical conductivity',
    unit: 'mS/cm',
    about: `blossom at most ${COMPOSITION.conductivityMsPerCm}, honeydew at least that`,
  },
  insolublePercent: {
    name: 'Water-insoluble matter',
    unit: '%',
    about: `at most ${COMPOSITION.insolublePercent}`,
  },
};

function ValueFields({ quantity }: { quantity: LabQuantity }): ReactElement {
  const { name, unit, about } = QUANTITIES[quantity];
  return (
    <div className="grid grid-cols-[minmax(0,2fr)_minmax(0,1fr)] items-start gap-3">
      <TextField
        name={`values.${quantity}.value`}
        label={name}
        unit={unit}
        inputMode="decimal"
        hint={about}
      />
      <TextField
        name={`values.${quantity}.expanded`}
        label={
          <>
            ±<span className="sr-only"> of {name}, expanded</span>
          </>
        }
        inputMode="decimal"
      />
    </div>
  );
}

function PollenFields(): ReactElement {
  const { control } = useFormContext<LabForm>();
  const { fields, append, remove } = useFieldArray({ control, name: 'pollen' });
  return (
    <fieldset className="space-y-3">
      <legend className="text-base font-semibold">Shares of pollen</legend>
      {fields.map((field, at) => (
        <div
          key={field.id}
          className="grid grid-cols-[minmax(0,1fr)_7rem_auto] items-end gap-3"
          role="group"
          aria-label={`Pollen ${at + 1}`}
        >
          <TextField name={`pollen.${at}.plant`} label="Plant" />
          <TextField name={`pollen.${at}.percent`} label="Share" unit="%" inputMode="decimal" />
          <Button tone="quiet" onClick={() => remove(at)}>
            Remove
          </Button>
        </div>
      ))}
      <Button onClick={() => append({ plant: '', percent: '' })}>Add a plant</Button>
    </fieldset>
  );
}

function LabFields(): ReactElement {
  return (
    <div className="space-y-5">
      <TextField name="laboratory" label="Laboratory" />
      <div className="grid gap-5 sm:grid-cols-2">
        <TextField name="day" label="Day of the report" type="date" />
        <TextField name="reportNumber" label="Its number" hint="Optional" />
      </div>
      <p className="text-base">
        Type what the report has; leave the rest empty. ± is its expanded uncertainty (k = 2) where
        the laboratory states one.
      </p>
      {LAB_QUANTITIES.map((one) => (
        <ValueFields key={one} quantity={one} />
      ))}
      <PollenFields />
      <TextField name="remark" label="Remark" />
    </div>
  );
}

function ReportRows({ report }: { report: LabReport }): ReactElement {
  const { values, pollen } = report.content;
  const rows = LAB_QUANTITIES.flatMap((quantity) => {
    const known = values[quantity];
    if (!known) return [];
    const { name, unit, about } = QUANTITIES[quantity];
    const doubt = known.expanded === null ? '' : ` ± ${known.expanded}`;
    return [[name, <strong key={quantity}>{`${known.value}${doubt} ${unit}`}</strong>, about]];
  });
  return (
    <>
      {rows.length > 0 && (
        <PlainTable
          label={`Values of ${report.content.laboratory}`}
          head={['Value', 'Found', 'Asked for']}
          rows={rows}
        />
      )}
      {pollen.length > 0 && (
        <p className="mt-1 text-base">
          Pollen: {pollen.map(({ plant, percent }) => `${plant} ${percent} %`).join(', ')}.
        </p>
      )}
    </>
  );
}

const formOf = (content: LabReportContent | null, day: string): LabForm =>
  content ? labFormOf(content) : freshLab(day);

/** Reports of laboratories; they enter the ruling with their day. */
export function LabSection({ file }: { file: LotFile }): ReactElement {
  const entry = useQualityEntry<LabReport, LabForm>(formOf);
  return (
    <SheetSection
      id="laboratory"
      title="Laboratory"
      aside={<Button onClick={entry.add}>Add a report</Button>}
    >
      {file.labReports.length === 0 && (
        <p className="text-lg">
          No report. HMF, diastase, yeast and pollen only a laboratory can tell; nothing here
          guesses them.
        </p>
      )}
      <div className="space-y-5">
        {file.labReports.map((one) => (
          <div key={one.entityId}>
            <div className="flex flex-wrap items-center justify-between gap-3">
              <h3 className="text-xl font-bold">
                {one.content.laboratory}, {formatDay(one.content.day)}
              </h3>
              <Button tone="quiet" onClick={() => entry.edit(one)}>
                Change<span className="sr-only"> the report of {one.content.laboratory}</span>
              </Button>
            </div>
            <ReportRows report={one} />
          </div>
        ))}
      </div>
      <EntrySheet
        {...entry.sheet}
        kind="lab-report"
        ownerId={file.lot.entityId}
        what="the report"
        title="Report of a laboratory"
        description="Its values enter the ruling; the laboratory, not this page, certifies."
        parse={(form) => readLabForm(form, entry.context.preferences)}
      >
        <LabFields />
      </EntrySheet>
    </SheetSection>
  );
}
