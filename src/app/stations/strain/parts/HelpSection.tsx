import type { ReactElement } from 'react';
import { TOO_STIFF_BELOW_C, WAX_SOFTENS_C, loadsOf } from '../../../../core';
import type { ExtractionContent } from '../../../../records';
import { durationText } from '../../../format/clock';
import { CHANGE_NAMES } from '../../../words/strainWords';
import { SheetSection } from '../../../ui/page/SheetSection';
import type { DayForecast } from '../useDayForecast';

/** Less is not worth a word [min]. */
const WORTH_MIN = 3;

interface HelpSectionProps {
  forecast: DayForecast;
  isOver: boolean;
}

/** What one more of each would bring, the most first. */
export function HelpSection({ forecast, isOver }: HelpSectionProps): ReactElement {
  const gains = forecast.first?.gains ?? [];
  const worth = gains.filter((one) => one.minutes >= WORTH_MIN);
  const rest = gains.filter((one) => one.minutes < WORTH_MIN);
  return (
    <SheetSection id="help" title={isOver ? 'What would have helped' : 'What would help'}>
      {!forecast.first && <p className="text-lg">Reckoning …</p>}
      <ul className="divide-y divide-thread">
        {worth.map((one) => (
          <li key={one.change} className="flex items-baseline justify-between gap-4 py-2 text-lg">
            {CHANGE_NAMES[one.change]}
            <strong className="text-2xl whitespace-nowrap">
              {durationText(one.minutes)} earlier
            </strong>
          </li>
        ))}
      </ul>
      {rest.length > 0 && (
        <p className="mt-1 text-base">
          {worth.length === 0 ? 'Nothing of this brings anything: ' : 'Brings nothing: '}
          {rest.map((one) => CHANGE_NAMES[one.change].toLowerCase()).join(', ')}.
        </p>
      )}
    </SheetSection>
  );
}

/** What to mind on this day, each with its reason. */
function cautionsOf(content: ExtractionContent): string[] {
  const { temperatureC, newComb, honeyKind, frames, extractor } = content;
  const last = loadsOf(frames, extractor.framesPerLoad).at(-1);
  const said = [
    'A full box weighs 30 kg and more: lift with two. Keep hands, hair and cloth out of a spinning basket, and hot knives and motors away from water.',
    'Boxes stay covered and doors shut: one bee that finds honey brings the others.',
  ];
  if (temperatureC < TOO_STIFF_BELOW_C) {
    said.unshift('Under about 15 °C honey is hard to spin and to strain: warm the combs first.');
  }
  if (temperatureC > WAX_SOFTENS_C) {
    said.unshift(
      'Above 35 °C wax softens: combs sag, and it blinds the mesh. Straining is not faster then.',
    );
  }
  if (newComb) {
    said.unshift('Comb built this year breaks easily: cool it, spin slowly at first, and turn it.');
  }
  if (honeyKind === 'heather') {
    said.unshift(
      'Ling honey stands as a gel. Loosen the cells or press the combs; it does not go through an ordinary strainer.',
    );
  }
  if (last && last.counterweights > 0) {
    said.push(
      `The last load has ${last.frames} frames: hang a wet frame opposite, so that the cage runs even.`,
    );
  }
  if (frames > extractor.framesPerLoad) {
    said.push(
      'Sort frames by weight and hang like opposite like. What is spun last is suspect: keep its pail apart.',
    );
  }
  return said;
}

export function DayMind({ content }: { content: ExtractionContent }): ReactElement {
  return (
    <SheetSection id="mind" title="Mind">
      <ul className="list-disc space-y-2 pl-5 text-lg">
        {cautionsOf(content).map((one) => (
          <li key={one}>{one}</li>
        ))}
      </ul>
    </SheetSection>
  );
}
