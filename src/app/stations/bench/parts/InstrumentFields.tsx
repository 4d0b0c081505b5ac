import type { ReactElement } from 'react';
import { useFormContext } from 'react-hook-form';
import { SCALES, type Scale } from '../../../../core';
import {
  BAUD_RATES,
  CONNECTIONS,
  INSTRUMENT_KINDS,
  type Connection,
  type InstrumentKind,
} from '../../../../records';
import { selectPreferences, selectWorkspace, useAppSelector } from '../../../../store';
import { USUAL_RANGES, type InstrumentForm } from '../../../forms/instrumentForm';
import { USUAL_DIVISION } from '../../../forms/readingForm';
import { SCALE_NAMES } from '../../../format/moisture';
import { unitOf } from '../../../format/units';
import { AtcField } from '../../../ui/AtcField';
import { ChoiceField } from '../../../ui/ChoiceField';
import { SelectField } from '../../../ui/SelectField';
import { TextField } from '../../../ui/TextField';

const KIND_NAMES: Readonly<Record<InstrumentKind, string>> = {
  hand: 'Hand refractometer',
  digital: 'Digital meter',
  bench: 'Bench refractometer',
};

const CONNECTION_NAMES: Readonly<Record<Connection, string>> = {
  typed: 'I read it and type',
  eyepiece: 'Stand-in: a drawn eyepiece to practise',
  'simulated-meter': 'Stand-in: a simulated digital meter',
  serial: 'It sends lines over a serial cable',
};

const YES_NO = [
  { value: 'no', label: 'No' },
  { value: 'yes', label: 'Yes' },
];

function AtcFields(): ReactElement {
  const { watch } = useFormContext<InstrumentForm>();
  const degrees = unitOf('temperature', useAppSelector(selectPreferences)).name;
  return (
    <>
      <AtcField chosen={watch('atc')} />
      {watch('atc') === 'yes' && (
        <div className="grid gap-5 sm:grid-cols-2">
          <TextField name="atcLow" label="From" unit={degrees} inputMode="decimal" />
          <TextField name="atcHigh" label="To" unit={degrees} inputMode="decimal" />
        </div>
      )}
    </>
  );
}

function ConnectionFields(): ReactElement {
  const { watch } = useFormContext<InstrumentForm>();
  const workspace = useAppSelector(selectWorkspace);
  const connection = watch('connection');
  const standIn = connection === 'eyepiece' || connection === 'simulated-meter';
  return (
    <>
      <SelectField
        name="connection"
        label="How its values come in"
        options={CONNECTIONS.map((value) => ({ value, label: CONNECTION_NAMES[value] }))}
        hint={
          standIn && workspace === 'mine'
            ? 'Readings of a stand-in are practice: they teach how well you read, and never count for a lot.'
            : undefined
        }
      />
      {connection === 'serial' && (
        <SelectField
          name="baudRate"
          label="Speed of the cable"
          options={BAUD_RATES.map((one) => ({ value: String(one), label: `${one} baud` }))}
        />
      )}
    </>
  );
}

/** What stands on a meter, how it talks, and how often it is to be checked. */
export function InstrumentFields(): ReactElement {
  const { watch, setValue } = useFormContext<InstrumentForm>();
  const scale = watch('scale');
  const suggest = (value: string): void => {
    const chosen = value as Scale;
    setValue('resolution', USUAL_DIVISION[chosen], { shouldDirty: true });
    setValue('rangeLow', USUAL_RANGES[chosen][0], { shouldDirty: true });
    setValue('rangeHigh', USUAL_RANGES[chosen][1], { shouldDirty: true });
  };
  return (
    <div className="space-y-5">
      <TextField name="name" label="Name" hint="As you call it, such as “the one by the gate”" />
      <ChoiceField
        name="instrumentKind"
        label="Kind"
        choices={INSTRUMENT_KINDS.map((value) => ({ value, label: KIND_NAMES[value] }))}
      />
      <ChoiceField
        name="scale"
        label="Scale"
        choices={SCALES.map((value) => ({ value, label: SCALE_NAMES[value] }))}
        onChosen={suggest}
      />
      <div className="grid gap-5 sm:grid-cols-3">
        <TextField name="resolution" label="One division" inputMode="decimal" />
        <TextField name="rangeLow" label="Lowest value" inputMode="decimal" />
        <TextField name="rangeHigh" label="Highest value" inputMode="decimal" />
      </div>
      <AtcFields />
      {scale !== 'water' && (
        <ChoiceField
          name="reachesWater"
          label="Its range reaches water"
          choices={YES_NO}
          hint="Then it is zeroed on water; otherwise on an oil of stated index"
        />
      )}
      <ConnectionFields />
      <div className="grid gap-5 sm:grid-cols-2">
        <TextField name="checkEveryDays" label="Check every" unit="days" inputMode="numeric" />
        <TextField name="checkEveryReadings" label="or every" unit="readings" inputMode="numeric" />
      </div>
      <TextField name="remark" label="Remark" />
    </div>
  );
}
