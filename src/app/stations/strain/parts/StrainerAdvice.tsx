import { useState, type ReactElement } from 'react';
import { WAX_SOFTENS_C, warmEnoughC, type StrainingAdvice } from '../../../../core';
import { selectPreferences, useAppSelector } from '../../../../store';
import { durationText } from '../../../format/clock';
import { formatQuantity, unitOf } from '../../../format/units';
import { SheetSection } from '../../../ui/page/SheetSection';
import { Slider } from '../../../ui/fields/Slider';
import type { AskedStrainer } from '../strainerQuestion';
import { lineWords } from '../../../words/english/line';

/** A change in words, by how much. */
function useAdviceWords(): (advice: StrainingAdvice) => string {
  const preferences = useAppSelector(selectPreferences);
  const degrees = unitOf('temperature', preferences);
  const warmer = (kelvin: number): string =>
    `${Math.round(degrees.fromBase(kelvin) - degrees.fromBase(0))} ${degrees.name}`;
  return ({ change, amount }) => {
    switch (change) {
      case 'warmer':
        return lineWords.warmTheHoneyBy({ warmer: warmer(amount) });
      case 'head':
        return lineWords.keepMoreHoneyOverThe({
          amount: formatQuantity(amount, 'length', preferences, 0),
        });
      case 'area':
        return lineWords.twiceTheMeshAWider();
      case 'coarse-first':
        return lineWords.aCoarseMeshOfM({ amount });
      case 'settled':
        return lineWords.letItStandOvernightSkim({ amount: Math.round(100 * amount) });
      case 'scraping':
        return lineWords.scrapeOnceItRunsAt({ amount: Math.round(100 * amount) });
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
        label={lineWords.throughWithin()}
        value={hours}
        range={[0.5, Math.max(2, Math.ceil(now * 1.5))]}
        step={0.5}
        words={`${hours} h`}
        onChange={setHours}
      />
      <p role="status" className="text-2xl font-bold">
        {warm === null
          ? lineWords.notEvenAtUseMore({ limit })
          : warm <= asked.task.honey.temperatureC
            ? lineWords.warmEnoughAsItIs()
            : lineWords.honeyAtIsThroughIn({
                warm: formatQuantity(warm, 'temperature', preferences, 0),
              })}
      </p>
      <p className="text-base">{lineWords.nothingIsWarmedAboveHere({ limit })}</p>
    </div>
  );
}

/** What would make straining faster, the most first. */
export function StrainerAdvice({ asked }: { asked: AskedStrainer }): ReactElement {
  const words = useAdviceWords();
  return (
    <SheetSection id="advice" title={lineWords.faster()}>
      <ul className="divide-y divide-thread">
        {asked.advice.map((strainingAdvice) => (
          <li
            key={strainingAdvice.change}
            className="flex items-baseline justify-between gap-4 py-2 text-lg"
          >
            {words(strainingAdvice)}
            <strong className="text-xl min-[24rem]:whitespace-nowrap">
              −{durationText(strainingAdvice.minutesSaved)}
            </strong>
          </li>
        ))}
      </ul>
      {asked.advice.length === 0 && <p className="text-lg">{lineWords.noneOfThisWouldSave()}</p>}
      <WarmEnough asked={asked} />
    </SheetSection>
  );
}
