import type { ReactElement } from 'react';
import { handWays, type HandWay } from '../../../../core';
import type { ExtractionContent } from '../../../../records';
import { selectPreferences, useAppSelector } from '../../../../store';
import { durationText } from '../../../format/clock';
import { formatQuantity } from '../../../format/units';
import { PlainTable } from '../../../ui/PlainTable';
import { Fold } from '../../../ui/page/Fold';
import { SheetSection } from '../../../ui/page/SheetSection';
import { toolsWords } from '../../../words/english/tools';

const NAMES: Readonly<Record<HandWay, string>> = {
  crush: toolsWords.crush(),
  press: toolsWords.press(),
  drain: toolsWords.drain(),
  sections: toolsWords.sections(),
};

const HOWS: Readonly<Record<HandWay, string>> = {
  crush: toolsWords.crushHow(),
  press: toolsWords.pressHow(),
  drain: toolsWords.drainHow(),
  sections: toolsWords.sectionsHow(),
};

/** No finer than these figures are known [min]. */
const QUARTER_MIN = 15;
const HOUR_MIN = 60;

/** What each way without an extractor takes and gives for these combs. */
export function HandWays({ content }: { content: ExtractionContent }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const { frames, honeyKgPerFrame, temperatureC, moisturePercent } = content;
  const ways = handWays({ frames, honeyKgPerFrame, temperatureC, moisturePercent });
  return (
    <SheetSection id="by-hand" title={toolsWords.withoutAnExtractor()}>
      <PlainTable
        label={toolsWords.waysCompared()}
        head={[
          toolsWords.way(),
          toolsWords.work(),
          toolsWords.runsFor(),
          toolsWords.honeyOut(),
          toolsWords.combLeft(),
        ]}
        rows={ways.map(({ way, minutes, dripHours, honeyKg, combSpared }) => [
          NAMES[way],
          durationText(QUARTER_MIN * Math.round(minutes / QUARTER_MIN)),
          durationText(HOUR_MIN * Math.round(dripHours)),
          formatQuantity(honeyKg, 'mass', preferences),
          `${Math.round(100 * combSpared)} %`,
        ])}
      />
      <Fold className="mt-2" summary={toolsWords.howEachGoes()}>
        <dl className="space-y-2 text-lg">
          {ways.map(({ way }) => (
            <div key={way}>
              <dt className="font-bold">{NAMES[way]}</dt>
              <dd>{HOWS[way]}</dd>
            </div>
          ))}
        </dl>
      </Fold>
      <p className="mt-2 text-base text-ink-soft">{toolsWords.usualFigures()}</p>
    </SheetSection>
  );
}
