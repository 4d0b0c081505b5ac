import { NOTHING_COUNTED, TALLY_NAMES, countTally } from '../combActs';
import type { ReactElement } from 'react';
import { type TallyContent } from '../../../../records';
import { useAppDispatch } from '../../../../store';
import { type HarvestDay, doneFrames, frameCounts } from '../../../../model';
import { SheetSection } from '../../../ui/page/SheetSection';
import { Stepper } from './Stepper';
import { combWords } from '../../../words/english/comb';

/** One running count for the day, kept through every interruption. */
export function TallySection({ day }: { day: HarvestDay }): ReactElement {
  const dispatch = useAppDispatch();
  const { tally } = day.file;
  const counts = tally?.content ?? NOTHING_COUNTED;
  const { taken, judged } = frameCounts(doneFrames(day));
  const count = (part: keyof TallyContent, value: number): void =>
    void dispatch(countTally([part, value], tally, day.harvest.entityId));
  return (
    <SheetSection id="tally" title={combWords.count()}>
      <div className="grid items-center gap-x-8 gap-y-3 sm:grid-cols-[auto_1fr]">
        <p>
          <output className="block text-8xl leading-none font-extrabold">
            {taken + counts.frames}
          </output>
          <span className="text-lg">{combWords.framesTakenOfJudged({ judged })}</span>
        </p>
        <div className="space-y-2">
          {(Object.keys(TALLY_NAMES) as (keyof TallyContent)[]).map((part) => (
            <Stepper
              key={part}
              label={TALLY_NAMES[part]}
              value={counts[part]}
              most={100_000}
              onChange={(value) => count(part, value)}
            />
          ))}
        </div>
      </div>
    </SheetSection>
  );
}
