import { useState, type ReactElement } from 'react';
import { WAX_SOFTENS_C, warmEnoughC, type StrainingAdvice } from '../../../../core';
import { selectPreferences, useAppSelector } from '../../../../store';
import { durationText } from '../../../format/clock';
import { formatQuantity, unitOf } from '../../../format/units';
import { SheetSection } from '../../../ui/page/SheetSection';
import { Slider } from '../../../ui/fields/Slider';
import type { AskedStrainer } from '../strainerQuestion';

/** A change in words, by how much. */
function useAdviceWords(): (advice: StrainingAdvice) => string {
  const preferences = useAppSelector(selectPreferences);
  const degrees = unitOf('temperature', preferences);
  const warmer = (kelvin: number): string =>
    `${Math.round(degrees.fromBase(kelvin) - degrees.fromBase(0))} ${degrees.name}`;
  return ({ change, amount }) => {
    switch (change) {
      case 'warmer':
        return `Warm the honey by ${warmer(amount)}`;
      case 'head':
        return `Keep ${formatQuantity(amount, 'length', preferences, 0)} more honey over the mesh`;
      case 'area':
        return 'Twice the mesh: a wider one, or two side by side';
      case 'coarse-first':
        return `A coarse mesh of ${amount} µm above`;
      case 'settled':
        return `Let it stand overnight, skim, then strain: ${Math.round(100 * amount)} % of the wax is up`;
      case 'scraping':
        return `Scrape once it runs at ${Math.round(100 * amount)} % of the clean flow`;
    }
  };
}

/** How warm it must be to be through in time. */
function WarmEnough({ asked }: { asked: AskedStrainer }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const now = asked.minutes / 60;
  const [hours, setHours] = useState(() => Math.max(0.5, Math.round(now * 1.2) / 2));
  const warm = warmEnoughC(asked.task, hours * 60);
  const limit = formatQuantity(WAX_SOFTENS_C, 'temperature', preferences, 0);
  return (
    <div className="mt-4">
      <Slider
        label="Through within"
        value={hours}
        range={[0.5, Math.max(2, Math.ceil(now * 1.5))]}
        step={0.5}
        words={`${hours} h`}
        onChange={setHours}
      />
      <p role="status" className="text-2xl font-bold">
        {warm === null
          ? `Not even at ${limit}: take more mesh, or let it stand first.`
          : warm <= asked.task.honey.temperatureC
            ? 'Warm enough as it is.'
            : `Honey at ${formatQuantity(warm, 'temperature', preferences, 0)} is through in time.`}
      </p>
      <p className="text-base">
        Nothing here is warmed above {limit}: wax softens there and blinds the mesh, and warmth
        spends quality.
      </p>
    </div>
  );
}

/** What would make straining faster, the most first. */
export function StrainerAdvice({ asked }: { asked: AskedStrainer }): ReactElement {
  const words = useAdviceWords();
  return (
    <SheetSection id="advice" title="Faster">
      <ul className="divide-y divide-thread">
        {asked.advice.map((one) => (
          <li key={one.change} className="flex items-baseline justify-between gap-4 py-2 text-lg">
            {words(one)}
            <strong className="text-xl whitespace-nowrap">−{durationText(one.minutesSaved)}</strong>
          </li>
        ))}
      </ul>
      {asked.advice.length === 0 && <p className="text-lg">Nothing here would save minutes.</p>}
      <WarmEnough asked={asked} />
    </SheetSection>
  );
}
