import type { ReactElement } from 'react';
import { TOO_STIFF_BELOW_C, WAX_SOFTENS_C, extractorPlaces, loadsOf } from '../../../../core';
import type { ExtractionContent } from '../../../../records';
import { durationText } from '../../../format/clock';
import { CHANGE_NAMES } from '../../../words/strainWords';
import { SheetSection } from '../../../ui/page/SheetSection';
import type { DayForecast } from '../useDayForecast';
import { commonWords } from '../../../words/english/common';
import { lineWords } from '../../../words/english/line';

/** Less is not worth a word [min]. */
const WORTH_MIN = 3;

interface HelpSectionProps {
  forecast: DayForecast;
  isOver: boolean;
}

/** What one more of each would bring, the most first. */
export function HelpSection({ forecast, isOver }: HelpSectionProps): ReactElement {
  const gains = forecast.first?.gains ?? [];
  const worth = gains.filter((gain) => gain.minutes >= WORTH_MIN);
  const rest = gains.filter((gain) => gain.minutes < WORTH_MIN);
  return (
    <SheetSection
      id="help"
      title={isOver ? lineWords.whatWouldHaveHelped() : lineWords.whatWouldHelp()}
    >
      {!forecast.first && <p className="text-lg">{commonWords.calculating()}</p>}
      <ul className="divide-y divide-thread">
        {worth.map((lineGain) => (
          <li
            key={lineGain.change}
            className="flex items-baseline justify-between gap-4 py-2 text-lg"
          >
            {CHANGE_NAMES[lineGain.change]}
            <strong className="text-2xl min-[24rem]:whitespace-nowrap">
              {lineWords.earlier({ durationText: durationText(lineGain.minutes) })}
            </strong>
          </li>
        ))}
      </ul>
      {rest.length > 0 && (
        <p className="mt-1 text-base">
          {worth.length === 0 ? lineWords.noneOfTheseWouldHelp() : lineWords.noHelp()}
          {rest.map((lineGain) => CHANGE_NAMES[lineGain.change].toLowerCase()).join(', ')}.
        </p>
      )}
    </SheetSection>
  );
}

/** What to mind on this day, each with its reason. */
function cautionsOf(content: ExtractionContent): string[] {
  const { temperatureC, newComb, honeyKind, frames, extractor } = content;
  const places = extractorPlaces(frames, content.smallFrames ?? 0);
  const last = loadsOf(places, extractor.framesPerLoad).at(-1);
  const said = [lineWords.aFullBoxCanWeigh(), lineWords.boxesStayCoveredAndDoors()];
  if (temperatureC < TOO_STIFF_BELOW_C) {
    said.unshift(lineWords.belowAboutCHoneyIs());
  }
  if (temperatureC > WAX_SOFTENS_C) {
    said.unshift(lineWords.aboveCWaxSoftensCombs());
  }
  if (newComb) {
    said.unshift(lineWords.newCombBreaksEasilyCool());
  }
  if (honeyKind === 'heather') {
    said.unshift(lineWords.lingHoneyIsAGel());
  }
  if (last && last.counterweights > 0) {
    said.push(lineWords.theLastLoadHasFrames({ frames: last.frames }));
  }
  if ((content.smallFrames ?? 0) > 0) said.push(lineWords.smallFramesTwoInAPlace());
  if (frames > extractor.framesPerLoad) {
    said.push(lineWords.sortFramesByWeightAnd());
  }
  return said;
}

export function DayMind({ content }: { content: ExtractionContent }): ReactElement {
  return (
    <SheetSection id="mind" title={lineWords.takeCare()}>
      <ul className="list-disc space-y-2 pl-5 text-lg">
        {cautionsOf(content).map((caution) => (
          <li key={caution}>{caution}</li>
        ))}
      </ul>
    </SheetSection>
  );
}
