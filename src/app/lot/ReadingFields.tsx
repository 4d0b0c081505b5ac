import { useEffect, useRef, type ReactElement, type ReactNode } from 'react';
import { useFormContext } from 'react-hook-form';
import {
  SAMPLE_STATES,
  SCALES,
  SPOTS,
  type SampleState,
  type Scale,
  type VesselEvidence,
} from '../../core';
import type { InstrumentContent } from '../../records';
import { selectPreferences, useAppSelector } from '../../store';
import { useBook } from '../data/useBook';
import { useMeters } from '../data/useMeters';
import { USUAL_DIVISION } from '../forms/readingForm';
import { SCALE_NAMES } from '../format/moisture';
import { SAMPLE_ADVICE, SAMPLE_NAMES, SPOT_NAMES } from '../format/reading';
import { unitOf } from '../format/units';
import { AtcField } from '../ui/AtcField';
import { ChoiceField } from '../ui/ChoiceField';
import { SelectField } from '../ui/SelectField';
import { TextField } from '../ui/TextField';
import { VesselField } from './VesselField';

/** Where a digit typed anywhere on the page lands. */
export const DIAL_INPUT_ID = 'dial';

const SCALE_UNITS: Readonly<Record<Scale, string>> = { water: '%', brix: '°Bx', nD: 'nD' };

const DIAL_EXAMPLES: Readonly<Record<Scale, string>> = {
  water: 'such as 17.4',
  brix: 'such as 80.8',
  nD: 'such as 1.4930',
};

interface ReadingFieldsProps {
  vessels: readonly VesselEvidence[];
  /** only one form on the page owns the target of stray digits */
  ownsDigits: boolean;
  /** the vessel is chosen elsewhere on the page */
  vesselElsewhere?: boolean;
  /** stands right under the dial */
  children?: ReactNode;
}

/** Scale, division, compensation and zero of a meter that is not one's own. */
function OtherMeterFields(): ReactElement {
  const { watch, setValue } = useFormContext();
  const scale = watch('scale') as Scale;
  return (
    <>
      <ChoiceField
        name="scale"
        label="Scale of the dial"
        choices={SCALES.map((value) => ({ value, label: SCALE_NAMES[value] }))}
        onChosen={(value) =>
          setValue('resolution', USUAL_DIVISION[value as Scale], { shouldDirty: true })
        }
      />
      <ChoiceField
        name="zeroCheck"
        label="Zero of the meter"
        choices={[
          { value: 'checked', label: 'Checked lately' },
          { value: 'unchecked', label: 'Not checked' },
        ]}
      />
      <TextField
        name="resolution"
        label="One division of the dial"
        unit={SCALE_UNITS[scale]}
        inputMode="decimal"
      />
    </>
  );
}

/** What one's own meter is, in a line. */
function meterWords({ scale, resolution, atc }: InstrumentContent): string {
  const compensation =
    atc === null
      ? 'not known whether it corrects temperature itself'
      : atc
        ? 'corrects temperature itself'
        : 'no temperature correction of its own';
  return `${SCALE_NAMES[scale]}, divisions of ${resolution}, ${compensation}`;
}

/** Which meter; one's own brings its scale, its division and its checks. */
export function MeterFields({ atcElsewhere = false }: { atcElsewhere?: boolean }): ReactElement {
  const { watch } = useFormContext();
  const instruments = useBook()?.instruments ?? [];
  const own = useMeters().get(String(watch('instrument')))?.instrument.content;
  return (
    <>
      {instruments.length > 0 && (
        <SelectField
          name="instrument"
          label="Meter"
          options={[
            ...instruments.map((one) => ({ value: one.entityId, label: one.content.name })),
            { value: '', label: 'Another meter' },
          ]}
          hint={own ? meterWords(own) : undefined}
        />
      )}
      {!own && !atcElsewhere && <AtcField chosen={String(watch('atc'))} />}
      {!own && <OtherMeterFields />}
    </>
  );
}

/** What was said of one vessel says nothing of the next. */
function useSpotByVessel(): void {
  const { watch, setValue } = useFormContext();
  const vessel = watch('vessel') as string;
  const before = useRef(vessel);
  useEffect(() => {
    if (before.current === vessel) return;
    before.current = vessel;
    setValue('spot', 'not-said', { shouldDirty: true });
  }, [vessel, setValue]);
}

/** Spots and states that may be chosen; no spot is chosen beforehand. */
function SampleFields(): ReactElement {
  const { watch } = useFormContext();
  useSpotByVessel();
  const spot = watch('spot') as string;
  const sample = watch('sample') as SampleState;
  const spots = SPOTS.filter((one) => one !== 'not-said');
  return (
    <>
      <ChoiceField
        name="spot"
        label="Taken where in it"
        choices={spots.map((value) => ({ value, label: SPOT_NAMES[value] }))}
        hint={
          spot === 'not-said'
            ? 'If you leave this open, up to a third of a point of doubt is added'
            : undefined
        }
      />
      <SelectField
        name="sample"
        label="What the honey is like"
        options={SAMPLE_STATES.map((value) => ({ value, label: SAMPLE_NAMES[value] }))}
        hint={SAMPLE_ADVICE[sample] || undefined}
      />
    </>
  );
}

/** The dial first: value and temperature; then meter, sample and vessel. */
export function ReadingFields(props: ReadingFieldsProps): ReactElement {
  const { vessels, ownsDigits, vesselElsewhere = false, children } = props;
  const { watch } = useFormContext();
  const preferences = useAppSelector(selectPreferences);
  const own = useMeters().get(String(watch('instrument')))?.instrument.content;
  const scale = own?.scale ?? (watch('scale') as Scale);
  const degrees = unitOf('temperature', preferences).name;
  return (
    <div className="space-y-5">
      <div className="grid gap-5 sm:grid-cols-2">
        <TextField
          name="dial"
          label="The dial shows"
          unit={SCALE_UNITS[scale]}
          inputMode="decimal"
          placeholder={DIAL_EXAMPLES[scale]}
          big
          {...(ownsDigits ? { inputId: DIAL_INPUT_ID } : {})}
        />
        <TextField
          name="temperature"
          label="Temperature of meter and honey"
          unit={degrees}
          inputMode="decimal"
          big
        />
      </div>
      {!own && <AtcField chosen={String(watch('atc'))} />}
      {children}
      <div className="grid gap-5 sm:grid-cols-2">
        <SampleFields />
        <MeterFields atcElsewhere />
        {!vesselElsewhere && <VesselField vessels={vessels} />}
        <TextField
          name="honeyTemperature"
          label="Honey, where it differs from the meter"
          unit={degrees}
          inputMode="decimal"
          hint="Leave empty where both are alike"
        />
        <TextField name="remark" label="Remark" />
      </div>
    </div>
  );
}
