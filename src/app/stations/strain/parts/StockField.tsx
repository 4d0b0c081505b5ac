import { useState, type ReactElement } from 'react';
import type { KitNeed, StandInCost } from '../../../../core';
import type { ActOptions } from '../../../../store';
import { useDraftText } from '../../../forms/useDraftText';
import { readDecimal } from '../../../format/decimal';
import { KIT_NAMES } from '../../../words/strainWords';
import { durationText } from '../../../format/clock';
import { formatDay } from '../../../format/dates';
import { inUnits } from '../../../words/keepersUnits';
import { INPUT } from '../../../ui/classes';
import { lineWords } from '../../../words/english/line';

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
  const formKey = `stock:${need.item}`;
  const { text, type, drop } = useDraftText(formKey, have === null ? '' : String(have));
  const [wrong, setWrong] = useState('');
  const { name, standIn } = KIT_NAMES[need.item];
  const missing = Math.max(0, need.enough - (have ?? 0));
  const keep = async (): Promise<void> => {
    if (text.trim() === '') return;
    const typed = readDecimal(text);
    const isCount = typed.ok && Number.isInteger(typed.value) && typed.value >= 0;
    if (!isCount || typed.value > 100_000) return setWrong(lineWords.typeAWholeNumberOr());
    setWrong('');
    if (typed.value === have || (await onKeep(typed.value, { draft: formKey }))) drop();
  };
  const id = `have-${need.item}`;
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
      <span>
        <label htmlFor={id} className="block text-base">
          {lineWords.there()}
          <span className="sr-only"> {lineWords.ofName({ name })}</span>
        </label>
        <input
          id={id}
          inputMode="numeric"
          autoComplete="off"
          className={INPUT}
          value={text}
          onChange={(event) => type(event.target.value)}
          onBlur={() => void keep()}
          onKeyDown={(event) => event.key === 'Enter' && void keep()}
          aria-invalid={wrong !== ''}
          aria-describedby={wrong === '' ? undefined : `${id}-error`}
        />
      </span>
      {wrong !== '' && (
        <p id={`${id}-error`} role="alert" className="col-span-full text-base font-semibold">
          {wrong}
        </p>
      )}
    </li>
  );
}
