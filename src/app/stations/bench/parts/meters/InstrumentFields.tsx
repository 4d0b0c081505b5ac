import type { ReactElement } from 'react';
import { useFormContext } from 'react-hook-form';
import { type Scale } from '../../../../../core';
import { selectWorkspace, useAppSelector } from '../../../../../store';
import { Field } from '../../../../entry/Field';
import { Fields } from '../../../../entry/Fields';
import { USUAL_RANGES, meterEntry, type MeterForm } from '../../../../forms/bench/instrumentForm';
import { USUAL_DIVISION } from '../../../../forms/bench/readingForm';
import { AtcField } from '../../../../lot/AtcField';
import { meterWords } from '../../../../words/english/meter';

function AtcFields(): ReactElement {
  const { watch } = useFormContext<MeterForm>();
  return (
    <>
      <AtcField of={meterEntry} chosen={watch('atc')} />
      {watch('atc') === 'yes' && (
        <div className="grid gap-5 sm:grid-cols-2">
          <Fields of={meterEntry} at={['atcRangeC.0', 'atcRangeC.1']} />
        </div>
      )}
    </>
  );
}

function ConnectionFields(): ReactElement {
  const { watch } = useFormContext<MeterForm>();
  const workspace = useAppSelector(selectWorkspace);
  const connection = watch('connection');
  const standIn = connection === 'eyepiece' || connection === 'simulated-meter';
  return (
    <>
      <Field
        of={meterEntry}
        at="connection"
        hint={standIn && workspace === 'mine' ? meterWords.readingsOnASimulatedMeter() : undefined}
      />
      {connection === 'serial' && <Field of={meterEntry} at="baudRate" />}
    </>
  );
}

/** What stands on a meter, how it talks, and how often it is to be checked. */
export function InstrumentFields(): ReactElement {
  const { watch, setValue } = useFormContext<MeterForm>();
  const scale = watch('scale');
  const suggest = (value: string): void => {
    const chosen = value as Scale;
    const [low, high] = USUAL_RANGES[chosen];
    setValue('resolution', USUAL_DIVISION[chosen], { shouldDirty: true });
    setValue('range', [String(low), String(high)], { shouldDirty: true });
  };
  return (
    <div className="space-y-5">
      <Fields of={meterEntry} at={['name', 'instrumentKind']} />
      <Field of={meterEntry} at="scale" onChosen={suggest} />
      <div className="grid gap-5 sm:grid-cols-3">
        <Fields of={meterEntry} at={['resolution', 'range.0', 'range.1']} />
      </div>
      <AtcFields />
      {scale !== 'water' && <Field of={meterEntry} at="reachesWater" />}
      <ConnectionFields />
      <div className="grid gap-5 sm:grid-cols-2">
        <Fields of={meterEntry} at={['checkEveryDays', 'checkEveryReadings']} />
      </div>
      <Field of={meterEntry} at="remark" />
    </div>
  );
}
