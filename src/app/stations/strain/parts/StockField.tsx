import type { ReactElement } from 'react';
import type { KitNeed, StandInCost } from '../../../../core';
import type { ActOptions } from '../../../../store';
import { KIT_NAMES } from '../../../words/strainWords';
import { durationText } from '../../../format/clock';
import { formatDay } from '../../../format/dates';
import { inUnits } from '../../../words/keepersUnits';
import { lineWords } from '../../../words/english/line';
import { CountField } from './CountField';

/** What a stand-in costs. */
function costWords({ hours, lossKg }: StandInCost): string {
  const time = durationText(Math.max(5, 5 * Math.round(12 * hours)));
  return lossKg > 0
    ? lineWords.takesLongerAndLoses({ time, kg: inUnits(lossKg, 'mass') })
    : lineWords.takesLonger({ time });
}

interface StockFieldProps {
  need: KitNeed & {
    /** ISO day by which it is ordered */
    readonly orderBy: string;
    readonly standInCost: StandInCost | null;
  };
  today: string;
  /** null where nobody counted */
  have: number | null;
  /** whether it was kept */
  onKeep: (have: number, options: ActOptions) => Promise<boolean>;
}

/** One item: how many are needed, how many are there, and what could stand in. */
export function StockField({ need, today, have, onKeep }: StockFieldProps): ReactElement {
  const { name, standIn } = KIT_NAMES[need.item];
  const missing = Math.max(0, need.enough - (have ?? 0));
  return (
    <li className="grid grid-cols-[minmax(0,1fr)_6rem] items-start gap-x-4 gap-y-1 py-3 sm:grid-cols-[minmax(0,1fr)_9rem_6rem]">
      <span>
        <span className="block text-xl font-bold">{name}</span>
        <span className="block text-base">
          {lineWords.likelyAreSurelyEnough({ likely: need.likely, enough: need.enough })}
        </span>
        {missing > 0 && (
          <>
            <span className="block text-base font-semibold">
              {need.orderBy < today
                ? lineWords.orderAtOnce({ day: formatDay(need.orderBy) })
                : lineWords.orderBy({ day: formatDay(need.orderBy) })}
            </span>
            <span className="block text-base text-ink-soft">
              {lineWords.orStandin({ standIn })}
              {need.standInCost && ` ${costWords(need.standInCost)}`}
            </span>
          </>
        )}
      </span>
      <strong className="text-3xl sm:text-right">
        {missing === 0 ? lineWords.thereInside() : `+ ${missing}`}
      </strong>
      <CountField
        item={need.item}
        label={lineWords.there()}
        of={lineWords.ofName({ name })}
        have={have}
        onKeep={onKeep}
      />
    </li>
  );
}
