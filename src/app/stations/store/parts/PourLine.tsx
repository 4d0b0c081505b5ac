import { pourInto, takePourBack, type PouredMass } from '../storeActs';
import type { TankToPour } from '../usePouringController';
import { useState, type ReactElement } from 'react';
import { type Blend } from '../../../../records';
import {
  selectPreferences,
  useAppDispatch,
  useAppSelector,
  type ActOptions,
} from '../../../../store';
import { useDraftText } from '../../../forms/useDraftText';
import { formatQuantity, unitOf } from '../../../format/units';
import { Button } from '../../../ui/Button';
import { OneMassForm } from '../../../ui/forms/OneMassForm';
import { storeWords } from '../../../words/english/store';

interface PourLineProps {
  blend: Blend;
  tank: number;
  pour: TankToPour['pours'][number];
}

/** One pour: how much of which container, that it was done, or why it must not be. */
export function PourLine({
  blend,
  tank,
  pour: { line, pour, tick, barred },
}: PourLineProps): ReactElement {
  const dispatch = useAppDispatch();
  const preferences = useAppSelector(selectPreferences);
  const [asking, setAsking] = useState<'weight' | 'spilled' | null>(null);
  const isStopped = blend.content.tanks[tank]?.lotId !== null;
  const formKey = `poured:${blend.entityId}:${tank}:${pour}`;
  const { begun } = useDraftText(formKey);
  const spillKey = `spilled:${formKey}`;
  const spillBegun = useDraftText(spillKey).begun;
  const isOpen = !tick && !isStopped && barred === null;
  const unit = unitOf('mass', preferences);
  const keep = async (mass: PouredMass, options: ActOptions = {}): Promise<boolean> => {
    const done = await dispatch(pourInto({ blend, tank, pour }, mass, options));
    if (done.ok) setAsking(null);
    return done.ok;
  };
  const isWeight = (kg: number): string =>
    kg >= 0 && kg < 100_000 ? '' : storeWords.typeAWeightOrMore();
  const isSpill = (kg: number): string =>
    kg > 0 && kg <= line.massKg ? '' : storeWords.noMoreThanThePour();
  const untick = (): void => {
    if (tick) void dispatch(takePourBack(tick, line.label));
  };
  return (
    <li className="flex flex-wrap items-center gap-x-4 gap-y-2 py-2">
      <span className="w-28 text-2xl font-extrabold">
        {formatQuantity(line.massKg, 'mass', preferences)}
      </span>
      <span className="grow basis-48 text-lg">
        <strong>{line.label}</strong> {storeWords.ofLot({ lotCode: line.lotCode })}
        <span className="block text-base">
          {storeWords.water({ meanPercent: line.meanPercent.toFixed(1) })}
        </span>
      </span>
      {tick ? (
        <>
          <span className="text-lg font-bold">
            {storeWords.poured2({
              massKg: formatQuantity(tick.content.massKg, 'mass', preferences),
            })}
            {tick.content.spiltKg !== undefined &&
              storeWords.andSpilled({
                spiltKg: formatQuantity(tick.content.spiltKg, 'mass', preferences),
              })}
          </span>
          <Button tone="quiet" onClick={untick}>
            {storeWords.takeBack()}
            <span className="sr-only"> {line.label}</span>
          </Button>
        </>
      ) : isStopped ? (
        <span className="text-lg">{storeWords.notPoured()}</span>
      ) : barred !== null ? (
        <span role="note" className="basis-full border-l-8 border-ink pl-3 text-lg font-bold">
          {storeWords.doNotPourIt({ barred })}
        </span>
      ) : (
        <>
          <Button
            tone="ink"
            className="min-h-14"
            onClick={() => void keep({ massKg: line.massKg })}
          >
            {storeWords.pouredHeading()}
            <span className="sr-only"> {line.label}</span>
          </Button>
          <Button tone="quiet" onClick={() => setAsking(asking === 'weight' ? null : 'weight')}>
            {storeWords.anotherWeight()}
            <span className="sr-only"> {storeWords.ofLabel({ label: line.label })}</span>
          </Button>
          <Button tone="quiet" onClick={() => setAsking(asking === 'spilled' ? null : 'spilled')}>
            {storeWords.someWasSpilled()}
            <span className="sr-only"> {storeWords.ofLabel({ label: line.label })}</span>
          </Button>
        </>
      )}
      {(asking === 'weight' || begun) && isOpen && (
        <div className="basis-full">
          <OneMassForm
            formKey={formKey}
            label={storeWords.weightOnTheScale({ name: unit.name })}
            button={storeWords.pouredHeading()}
            wrongWith={isWeight}
            onKeep={async (massKg, options) => massKg !== null && keep({ massKg }, options)}
          />
        </div>
      )}
      {(asking === 'spilled' || spillBegun) && isOpen && (
        <div className="basis-full">
          <OneMassForm
            formKey={spillKey}
            label={storeWords.spilledOfIt({ name: unit.name })}
            button={storeWords.theRestIsPoured()}
            wrongWith={isSpill}
            onKeep={async (spiltKg, options) =>
              spiltKg !== null && keep({ massKg: line.massKg - spiltKg, spiltKg }, options)
            }
          />
        </div>
      )}
    </li>
  );
}
