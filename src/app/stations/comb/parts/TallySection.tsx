import type { ReactElement } from 'react';
import { HIVE_JOBS, type Tally } from '../../../../records';
import { counterId, selectPreferences, useAppDispatch, useAppSelector } from '../../../../store';
import { boxOf, doneFrames, frameCounts, type HarvestDay } from '../../../../model';
import { Pick, choicesOf } from '../../../ui/fields/Pick';
import { Fold } from '../../../ui/page/Fold';
import { PageLink } from '../../../ui/page/PageLink';
import { SheetSection } from '../../../ui/page/SheetSection';
import { combWords } from '../../../words/english/comb';
import {
  COUNTED,
  JOB_NAMES,
  TALLY_NAMES,
  countTally,
  ownTally,
  takeJob,
  type Counting,
} from '../tallyActs';
import { Stepper } from './Stepper';

function OtherCount({ tally }: { tally: Tally }): ReactElement {
  const { who, job, frames, boxes, totes } = tally.content;
  const name = who === undefined || who === '' ? combWords.anotherDevice() : who;
  return (
    <li className="text-lg">
      <strong>{name}</strong>
      {job && job !== 'both' && ` (${JOB_NAMES[job].toLowerCase()})`}:{' '}
      {combWords.countedThere({ frames, boxes, totes })}
    </li>
  );
}

/** Several people, each with a phone: who does what, what the others counted, and how days meet. */
function Together({ day, counting }: { day: HarvestDay; counting: Counting }): ReactElement {
  const dispatch = useAppDispatch();
  const { tallies, doubled } = day.file;
  const others = tallies.filter((tally) => tally !== counting.former);
  const places = doubled.map(({ frame }) =>
    combWords.placeInBox({
      box: boxOf(day.book, frame.boxId)?.content.label ?? '',
      slot: frame.slot,
    }),
  );
  return (
    <div className="mt-3 space-y-3">
      {others.length > 0 && (
        <ul>
          {others.map((tally) => (
            <OtherCount key={tally.entityId} tally={tally} />
          ))}
        </ul>
      )}
      {places.length > 0 && (
        <p className="border-l-4 border-ink pl-3 text-base font-semibold">
          {combWords.judgedTwice({ places: places.join(', ') })}
        </p>
      )}
      <Fold summary={combWords.twoOrMore()} open={others.length > 0}>
        <Pick
          label={combWords.thisPhone()}
          choices={choicesOf(HIVE_JOBS, JOB_NAMES)}
          value={counting.former?.content.job ?? 'both'}
          onPick={(job) => void dispatch(takeJob(job, counting))}
          columns={3}
        />
        <p className="my-2 text-base">{combWords.howDaysMeet()}</p>
        <PageLink to="kit/meet">{combWords.meetTheOtherPhone()}</PageLink>
      </Fold>
    </div>
  );
}

/** One running count for the day, of all devices together, kept through every interruption. */
export function TallySection({ day }: { day: HarvestDay }): ReactElement {
  const dispatch = useAppDispatch();
  const { initials } = useAppSelector(selectPreferences);
  const { tallies } = day.file;
  const counter = counterId();
  const former = ownTally(tallies, counter);
  const counting = { counter, who: initials, harvestId: day.harvest.entityId, former };
  const { taken, judged } = frameCounts(doneFrames(day));
  const byHand = tallies.reduce((sum, { content }) => sum + content.frames, 0);
  return (
    <SheetSection id="tally" title={combWords.count()}>
      <div className="grid items-center gap-x-8 gap-y-3 sm:grid-cols-[auto_1fr]">
        <p>
          <output className="block text-8xl leading-none font-extrabold">{taken + byHand}</output>
          <span className="text-lg">{combWords.framesTakenOfJudged({ judged })}</span>
        </p>
        <div className="space-y-2">
          {COUNTED.map((part) => (
            <Stepper
              key={part}
              label={TALLY_NAMES[part]}
              value={former?.content[part] ?? 0}
              most={100_000}
              onChange={(value) => void dispatch(countTally([part, value], counting))}
            />
          ))}
        </div>
      </div>
      <Together day={day} counting={counting} />
    </SheetSection>
  );
}
