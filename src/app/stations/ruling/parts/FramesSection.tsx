import type { ReactElement } from 'react';
import { makeUpCount, makeUpMass, makeUpStates } from '../../../../model';
import { type LotFrame, type LotFrames } from '../../../../records';
import { selectPreferences, useAppSelector } from '../../../../store';
import { makeUpOrigins } from '../../../words/makeUp';
import { formatQuantity } from '../../../format/units';
import { PageLink } from '../../../ui/page/PageLink';
import { PlainTable } from '../../../ui/PlainTable';
import { SheetSection } from '../../../ui/page/SheetSection';
import { FoldSummary } from '../../../ui/page/FoldSummary';

function cappedWords({ states, honeyKg }: LotFrame): string {
  return honeyKg > 0 ? `${Math.round((100 * (states.capped ?? 0)) / honeyKg)} %` : '—';
}

function placeWords({ hive, box, slot, count }: LotFrame): string {
  const which = slot === null ? `${count} frames, box judged as a whole` : `frame ${slot}`;
  return [hive, box, which].filter((one) => one !== '').join(', ');
}

/** What the lot was made of: its frames as they were judged on the day, for ever. */
export function FramesSection({ frames }: { frames: LotFrames }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const { content } = frames;
  const mass = makeUpMass(content);
  const { hives, flows, yards } = makeUpOrigins(content);
  const say = (kg: number): string => formatQuantity(kg, 'mass', preferences);
  const cleared = content.frames.filter((one) => one.cleared !== '');
  return (
    <SheetSection
      id="frames"
      title="Made of these frames"
      aside={<PageLink to={`comb/${content.harvestId}`}>The day at the hives</PageLink>}
    >
      <p className="text-lg">
        <strong className="text-3xl">{Math.round(makeUpStates(content).capped * 100)} %</strong>{' '}
        capped by mass · {makeUpCount(content)} frames · {say(mass.massKg)} ±{' '}
        {say(1.96 * mass.standardUncertaintyKg)} in the comb
      </p>
      <p className="text-base">
        {[
          hives.join(', '),
          yards.join(', '),
          flows.join(' and '),
          `school “${content.school.name}”`,
        ]
          .filter((one) => one !== '')
          .join(' · ')}
      </p>
      {cleared.length > 0 && (
        <p className="mt-1 text-base font-semibold">
          {cleared.length} of them from treated or fed hives, taken on the keeper’s word.
        </p>
      )}
      <details className="mt-2">
        <FoldSummary>Frame by frame</FoldSummary>
        <PlainTable
          label="Frames of the lot"
          head={['Frame', 'Honey', 'Capped', 'Flows', 'Cleared because']}
          rows={content.frames.map((one) => [
            placeWords(one),
            one.pieces === null ? say(one.honeyKg) : `${one.pieces} pieces`,
            cappedWords(one),
            one.flows.join(' and '),
            one.cleared,
          ])}
        />
      </details>
    </SheetSection>
  );
}
