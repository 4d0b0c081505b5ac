import type { ReactElement } from 'react';
import { useFormContext } from 'react-hook-form';
import { REFERENCE_KINDS, type ReferenceKind } from '../../../../../core';
import type { InstrumentContent } from '../../../../../records';
import { Field } from '../../../../entry/Field';
import { Fields } from '../../../../entry/Fields';
import { zeroCheckEntry, type ZeroCheckForm } from '../../../../forms/bench/zeroCheckForm';
import { commonWords } from '../../../../words/english/common';
import { meterWords } from '../../../../words/english/meter';

export const REFERENCE_NAMES: Readonly<Record<ReferenceKind, string>> = {
  'certified-oil': meterWords.oilOfStatedIndex(),
  'olive-oil': meterWords.oliveOilRough(),
  water: commonWords.water(),
};

const ADVICE: Readonly<Record<ReferenceKind, string>> = {
  'certified-oil': meterWords.useADropOfThe(),
  'olive-oil': meterWords.freshExtraVirginOliveOil(),
  water: meterWords.cleanWaterForMetersThat(),
};

/** Reference, looks, temperature, and whether the meter was set right afterwards. */
export function ZeroCheckFields({ meter }: { meter: InstrumentContent }): ReactElement {
  const { watch } = useFormContext<ZeroCheckForm>();
  const reference = watch('reference');
  const looks = watch('dialValues');
  const kinds = REFERENCE_KINDS.filter(
    (referenceKind) => referenceKind !== 'water' || meter.scale !== 'water',
  );
  return (
    <div className="space-y-5">
      <Field
        of={zeroCheckEntry}
        at="reference"
        choices={kinds.map((value) => ({ value, label: REFERENCE_NAMES[value] }))}
        hint={ADVICE[reference]}
      />
      {reference === 'certified-oil' && (
        <div className="grid gap-5 sm:grid-cols-2">
          <Fields of={zeroCheckEntry} at={['statedNd20', 'indexPerC']} />
        </div>
      )}
      <div className="grid grid-cols-3 gap-3">
        {looks.map((_, at) => (
          <Field
            key={at}
            of={zeroCheckEntry}
            at={`dialValues.${at}`}
            {...(at > 0 && { label: meterWords.reading({ at: at + 1 }) })}
          />
        ))}
      </div>
      <Fields of={zeroCheckEntry} at={['temperatureC', 'adjusted', 'remark']} />
    </div>
  );
}
