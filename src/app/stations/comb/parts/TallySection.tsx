import type { ReactElement } from 'react';
import { entryRevision, type TallyContent } from '../../../../records';
import { perform, useAppDispatch } from '../../../../store';
import { type HarvestDay, doneFrames, frameCounts } from '../../../../model';
import { SheetSection } from '../../../ui/page/SheetSection';
import { Stepper } from './Stepper';
import { combWords } from '../../../words/english/comb';
import { commonWords } from '../../../words/english/common';

const NONE: TallyContent = { frames: 0, boxes: 0, totes: 0 };

const NAMES: Readonly<Record<keyof TallyContent, string>> = {
  frames: combWords.countedByHand(),
  boxes: commonWords.boxes(),
  totes: combWords.totes(),
};

/** One running count for the day, kept through every interruption. */
export function TallySection({ day }: { day: HarvestDay }): ReactElement {
  const dispatch = useAppDispatch();
  const { tally } = day.file;
  const counts = tally?.content ?? NONE;
  const { taken, judged } = frameCounts(doneFrames(day));
  const count = (part: keyof TallyContent, value: number): void => {
    const content = { ...counts, [part]: value };
    const entry = { kind: 'tally', former: tally, ownerId: day.harvest.entityId } as const;
    void dispatch(
      perform(`${NAMES[part]}: ${value}`, (scribe) => [entryRevision(scribe, entry, content)]),
    );
  };
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
          {(Object.keys(NAMES) as (keyof TallyContent)[]).map((part) => (
            <Stepper
              key={part}
              label={NAMES[part]}
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
