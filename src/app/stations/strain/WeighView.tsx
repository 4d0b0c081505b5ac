import type { ReactElement } from 'react';
import { selectPreferences, useAppSelector } from '../../../store';
import { Field } from '../../entry/Field';
import { Fields } from '../../entry/Fields';
import { weighEntry } from '../../forms/line/weighForm';
import { unitOf, formatQuantity } from '../../format/units';
import { FormFrame } from '../../ui/forms/FormFrame';
import { Columns } from '../../ui/page/Columns';
import { FoldSummary } from '../../ui/page/FoldSummary';
import { PageHead } from '../../ui/page/PageHead';
import { weighWords } from '../../words/english/weigh';
import type { Crop, useWeighController } from './useWeighController';

function CropAnswer({ crop }: { crop: Crop }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const unit = unitOf('mass', preferences);
  const { honey, containersKg, frames, loads, jars, jarKg } = crop;
  const half = unit.fromBase(crop.plusMinusKg).toFixed(1);
  const [low, high] = jars;
  return (
    <div role="status" className="on-ink bg-ink p-5 text-linen">
      <p className="text-lg font-semibold">{weighWords.crop()}</p>
      <p className="text-6xl leading-tight font-extrabold min-[24rem]:whitespace-nowrap">
        {unit.fromBase(honey.massKg).toFixed(1)}
        <span className="text-2xl font-bold">
          {' '}
          {weighWords.plusMinus({ half, unit: unit.name })}
        </span>
      </p>
      <p className="text-base">
        {weighWords.boxes({ boxes: honey.boxes, assumed: honey.assumedEmpty })}
      </p>
      <p className="mt-3 text-2xl font-bold">
        {weighWords.jars({ low, high, size: `${Math.round(1000 * jarKg)} g` })}
      </p>
      <p className="text-base">
        {weighWords.intoContainers({ mass: formatQuantity(containersKg, 'mass', preferences) })}
      </p>
      <p className="mt-3 text-2xl font-bold">{weighWords.loads({ frames, loads })}</p>
    </div>
  );
}

/** Boxes weighed full and empty: the crop, the loads, the jars. */
export function WeighView({ frame, crop }: ReturnType<typeof useWeighController>): ReactElement {
  return (
    <>
      <PageHead title={weighWords.weighTheBoxes()} lead={weighWords.lead()} />
      <Columns share="main-first">
        <FormFrame {...frame} onSubmit={() => undefined} label={weighWords.weighTheBoxes()}>
          <div className="space-y-5">
            <Field of={weighEntry} at="fullKg" />
            <Field of={weighEntry} at="emptyKg" />
            <details>
              <FoldSummary>{weighWords.framesLoadsJars()}</FoldSummary>
              <div className="mt-3 grid gap-5 sm:grid-cols-3">
                <Fields of={weighEntry} at={['framesPerBox', 'framesPerLoad', 'jarKg']} />
              </div>
            </details>
          </div>
        </FormFrame>
        <div className="order-first wide:order-none">
          {crop ? (
            <CropAnswer crop={crop} />
          ) : (
            <p className="on-ink bg-ink p-5 text-2xl leading-snug font-bold text-linen">
              {weighWords.typeTheWeights()}
            </p>
          )}
        </div>
      </Columns>
    </>
  );
}
