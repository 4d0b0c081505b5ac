import type { ReactElement } from 'react';
import { useFormContext } from 'react-hook-form';
import { REFERENCE_KINDS, type ReferenceKind } from '../../../../core';
import type { InstrumentContent } from '../../../../records';
import { selectPreferences, useAppSelector } from '../../../../store';
import type { ZeroCheckForm } from '../../../forms/zeroCheckForm';
import { unitOf } from '../../../format/units';
import { ChoiceField } from '../../../ui/ChoiceField';
import { TextField } from '../../../ui/TextField';

export const REFERENCE_NAMES: Readonly<Record<ReferenceKind, string>> = {
  'certified-oil': 'Oil of stated index',
  'olive-oil': 'Olive oil, rough',
  water: 'Water',
};

const ADVICE: Readonly<Record<ReferenceKind, string>> = {
  'certified-oil':
    'A drop of the oil that came with the meter; its index at 20 °C stands on the label. A dial for honey alone cannot be zeroed on water.',
  'olive-oil':
    'Fresh extra-virgin olive oil, index about 1.468 to 1.470 (common practice, no source). It differs from bottle to bottle.',
  water: 'Clean water, for meters whose range reaches it.',
};

/** Reference, looks, temperature, and whether the meter was set right afterwards. */
export function ZeroCheckFields({ meter }: { meter: InstrumentContent }): ReactElement {
  const { watch } = useFormContext<ZeroCheckForm>();
  const preferences = useAppSelector(selectPreferences);
  const reference = watch('reference');
  const looks = watch('looks');
  const kinds = REFERENCE_KINDS.filter((one) => one !== 'water' || meter.scale !== 'water');
  return (
    <div className="space-y-5">
      <ChoiceField
        name="reference"
        label="Held against"
        choices={kinds.map((value) => ({ value, label: REFERENCE_NAMES[value] }))}
        hint={ADVICE[reference]}
      />
      {reference === 'certified-oil' && (
        <div className="grid gap-5 sm:grid-cols-2">
          <TextField
            name="stated"
            label="Index at 20 °C on the label"
            unit="nD"
            inputMode="decimal"
            placeholder="such as 1.4870"
          />
          <TextField
            name="perDegree"
            label="Its fall per °C"
            unit="× 10⁻⁵"
            inputMode="decimal"
            hint="Leave empty for the usual 37"
          />
        </div>
      )}
      <div className="grid grid-cols-3 gap-3">
        {looks.map((_, at) => (
          <TextField
            key={at}
            name={`looks.${at}`}
            label={at === 0 ? 'The dial shows' : `Look ${at + 1}`}
            inputMode="decimal"
          />
        ))}
      </div>
      <TextField
        name="temperature"
        label="Temperature of meter and reference"
        unit={unitOf('temperature', preferences).name}
        inputMode="decimal"
      />
      <ChoiceField
        name="adjusted"
        label="Set right afterwards"
        choices={[
          { value: 'no', label: 'No, left as it is' },
          { value: 'yes', label: 'Yes, turned until it was right' },
        ]}
        hint="Left as it is, what it is off by is taken into every reading"
      />
      <TextField name="remark" label="Remark" />
    </div>
  );
}
