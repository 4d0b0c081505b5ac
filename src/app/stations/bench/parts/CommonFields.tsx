import type { ReactElement } from 'react';
import { useFormContext } from 'react-hook-form';
import { SAMPLE_STATES, SPOTS, type Spot } from '../../../../core';
import { selectPreferences, useAppSelector } from '../../../../store';
import { SAMPLE_ADVICE, SAMPLE_NAMES, SPOT_NAMES } from '../../../words/reading';
import { unitOf } from '../../../format/units';
import { MeterFields } from '../../../lot/ReadingFields';
import { SelectField } from '../../../ui/fields/SelectField';
import { TextField } from '../../../ui/fields/TextField';
import type { BulkForm } from '../bulk';
import { benchWords } from '../../../words/english/bench';

/** Spots for a whole table: none is chosen beforehand, and that is what the list shows. */
const NOT_SAID_FIRST: readonly Spot[] = [
  'not-said',
  ...SPOTS.filter((spot) => spot !== 'not-said'),
];

/** What all rows share: meter, temperature, spot, sample. */
export function CommonFields(): ReactElement {
  const { watch } = useFormContext<BulkForm>();
  const degrees = unitOf('temperature', useAppSelector(selectPreferences)).name;
  return (
    <div className="grid gap-5 sm:grid-cols-2 wide:grid-cols-4">
      <MeterFields />
      <TextField
        name="temperature"
        label={benchWords.temperatureForAll()}
        unit={degrees}
        inputMode="decimal"
        hint={benchWords.aRowMayHaveIts()}
      />
      <SelectField
        name="spot"
        label={benchWords.whereInTheContainerFor()}
        options={NOT_SAID_FIRST.map((value) => {
          return { value, label: SPOT_NAMES[value] };
        })}
      />
      <SelectField
        name="sample"
        label={benchWords.theHoneyIs()}
        options={SAMPLE_STATES.map((value) => ({ value, label: SAMPLE_NAMES[value] }))}
        hint={SAMPLE_ADVICE[watch('sample')] || undefined}
      />
    </div>
  );
}
