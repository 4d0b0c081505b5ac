import type { ReactElement } from 'react';
import { compositionCount, compositionMass, compositionStates } from '../../../../model';
import { type LotFrame, type LotFrames } from '../../../../records';
import { selectPreferences, useAppSelector } from '../../../../store';
import { compositionOrigins } from '../../../words/composition';
import { formatQuantity } from '../../../format/units';
import { PageLink } from '../../../ui/page/PageLink';
import { PlainTable } from '../../../ui/PlainTable';
import { SheetSection } from '../../../ui/page/SheetSection';
import { FoldSummary } from '../../../ui/page/FoldSummary';
import { commonWords } from '../../../words/english/common';
import { rulingWords } from '../../../words/english/ruling';
import { formatDoubtful } from '../../../format/doubtful';

function cappedWords({ states, honeyKg }: LotFrame): string {
  return honeyKg > 0 ? `${Math.round((100 * (states.capped ?? 0)) / honeyKg)} %` : '—';
}

function placeWords({ hive, box, slot, count }: LotFrame): string {
  const which =
    slot === null ? rulingWords.framesBoxJudgedAsA({ count }) : commonWords.frame({ slot });
  return [hive, box, which].filter((text) => text !== '').join(', ');
}

/** What the lot was made of: its frames as they were judged on the day, for ever. */
export function FramesSection({ frames }: { frames: LotFrames }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const { content } = frames;
  const mass = compositionMass(content);
  const { hives, flows, yards } = compositionOrigins(content);
  const say = (kg: number): string => formatQuantity(kg, 'mass', preferences);
  const cleared = content.frames.filter((frame) => frame.cleared !== '');
  return (
    <SheetSection
      id="frames"
      title={rulingWords.madeOfTheseFrames()}
      aside={<PageLink to={`comb/${content.harvestId}`}>{rulingWords.theDayAtTheHives()}</PageLink>}
    >
      <p className="text-lg">
        <strong className="text-3xl">
          {Math.round(compositionStates(content).capped * 100)} %
        </strong>{' '}
        {rulingWords.cappedByMassFramesIn({
          makeUpCount: compositionCount(content),
          mass: formatDoubtful(mass.massKg, 1.96 * mass.standardUncertaintyKg, 'mass', preferences),
        })}
      </p>
      <p className="text-base">
        {[
          hives.join(', '),
          yards.join(', '),
          flows.join(' and '),
          rulingWords.school({ name: content.school.name }),
        ]
          .filter((text) => text !== '')
          .join(' · ')}
      </p>
      {cleared.length > 0 && (
        <p className="mt-1 text-base font-semibold">
          {rulingWords.ofThemFromTreatedOr({ cleared: cleared.length })}
        </p>
      )}
      <details className="mt-2">
        <FoldSummary>{rulingWords.frameByFrame()}</FoldSummary>
        <PlainTable
          label={rulingWords.framesOfTheLot()}
          head={[
            commonWords.frameHeading(),
            commonWords.honey(),
            commonWords.capped(),
            rulingWords.flows(),
            rulingWords.clearedBecause(),
          ]}
          rows={content.frames.map((frame) => [
            placeWords(frame),
            frame.pieces === null
              ? say(frame.honeyKg)
              : rulingWords.pieces({ pieces: frame.pieces }),
            cappedWords(frame),
            frame.flows.join(' and '),
            frame.cleared,
          ])}
        />
      </details>
    </SheetSection>
  );
}
