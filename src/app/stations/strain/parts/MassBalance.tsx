import { type ReactElement } from 'react';
import { type MassEstimate } from '../../../../core';
import { type LotMass } from '../../../../model';
import { selectPreferences, useAppSelector } from '../../../../store';
import { STAGE_NAMES } from '../../../words/strainWords';
import { PlainTable } from '../../../ui/PlainTable';
import { commonWords } from '../../../words/english/common';
import { lineWords } from '../../../words/english/line';
import { formatDoubtful } from '../../../format/doubtful';

const VERDICTS = {
  explained: lineWords.itAddsUpWithinWhat(),
  missing: lineWords.moreIsMissingThanThe(),
  'too-much': lineWords.thereIsMoreHoneyThan(),
  unknown: lineWords.theBalanceNeedsTheHoney(),
} as const;

/** "12.3 ± 0.4 kg" */
function useMassText(): (mass: MassEstimate) => string {
  const preferences = useAppSelector(selectPreferences);
  return ({ massKg, standardUncertaintyKg }) =>
    formatDoubtful(massKg, 2 * standardUncertaintyKg, 'mass', preferences);
}

const differenceName = (massKg: number): string =>
  massKg < 0 ? lineWords.moreFoundThanTheCombs() : lineWords.unexplained();

/** Whether the honey of a lot adds up, and where it is. */
export function MassBalance({ mass }: { mass: LotMass }): ReactElement {
  const text = useMassText();
  const { balance, unknownVessels } = mass;
  const { lines, unexplained, verdict, yieldShare } = balance;
  return (
    <>
      <section aria-label={commonWords.theAnswer()} className="border-l-8 border-lavender pl-4">
        <p className="text-xl">
          {unexplained ? differenceName(unexplained.massKg) : lineWords.inContainersHeading()}
        </p>
        <p role="status" className="text-4xl leading-tight font-bold whitespace-nowrap sm:text-5xl">
          {unexplained
            ? text({ ...unexplained, massKg: Math.abs(unexplained.massKg) })
            : mass.got
              ? text(mass.got)
              : lineWords.notKnownYet()}
        </p>
        <p className="mt-1 text-xl">{VERDICTS[verdict]}</p>
        {yieldShare !== null && (
          <p className="text-lg">
            {lineWords.ofTheHoneyInThe({ yieldShare: Math.round(100 * yieldShare) })}
          </p>
        )}
        {unknownVessels > 0 && (
          <p className="text-lg font-semibold">
            {lineWords.containersWithoutAWeightNot({ unknownVessels })}
          </p>
        )}
      </section>
      <PlainTable
        label={lineWords.whereTheHoneyIs()}
        head={[commonWords.honey(), lineWords.howMuch(), commonWords.known()]}
        rows={[
          ...lines.map((line) => [
            STAGE_NAMES[line.stage],
            text(line.mass),
            line.from === 'weighed'
              ? lineWords.weighedOrJudged()
              : lineWords.usualShareNotWeighed(),
          ]),
          ...[
            [lineWords.soMuchCameOutOf(), balance.extracted] as const,
            [lineWords.soMuchCameThroughStraining(), balance.strained] as const,
          ].flatMap(([name, one]) => (one ? [[name, text(one), lineWords.computed()]] : [])),
        ]}
      />
    </>
  );
}
