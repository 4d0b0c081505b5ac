import type { ReactElement } from 'react';
import { broodRoom, extractWithinHours } from '../../../../core';
import {
  keepTargetsKg,
  type FrameStory,
  frameEvidenceFrom,
  type HarvestDay,
  leftForColony,
} from '../../../../model';
import { type Box } from '../../../../records';
import { selectPreferences, useAppSelector } from '../../../../store';
import { PageLink } from '../../../ui/page/PageLink';
import { formatQuantity } from '../../../format/units';
import { combWords } from '../../../words/english/comb';

interface BoxAsideProps {
  day: HarvestDay;
  box: Box;
  /** frames judged together; those of other boxes are left out here */
  others: readonly FrameStory[];
}

/** Brood hemmed in by honey, and what frees it. */
function RoomNote({ day, box, others }: BoxAsideProps): ReactElement | null {
  if (box.content.role !== 'brood') return null;
  const frames = others
    .filter((other) => other.check.boxId === box.entityId)
    .sort((a, b) => a.check.slot - b.check.slot)
    .map((other) => frameEvidenceFrom(other, day.book))
    .map(({ sides }) => ({ sides: sides.map((side) => side.shares) }));
  const room = broodRoom(frames);
  if (!room.hemmed) return null;
  return (
    <div role="note" className="border-l-8 border-ink pl-3">
      <p className="text-xl font-bold">{combWords.theBroodIsHemmedIn()}</p>
      <p className="text-base">
        {combWords.drawnEmptyFramesBesideThe({ framesToGive: room.framesToGive })}
      </p>
    </div>
  );
}

/** A colony-first school wants to know what stays before anything is taken. */
const asksFirst = ({ judging }: HarvestDay): boolean => judging.school.stays === 'colony-first';

function AskTarget(): ReactElement {
  return (
    <div role="note" className="border-l-8 border-lavender pl-3">
      <p className="text-xl font-bold">{combWords.whatDoesThisColonyKeep()}</p>
      <p className="my-2 text-base">{combWords.theColonyComesFirstToday()}</p>
      <PageLink to="season">{combWords.setItUnderSeason()}</PageLink>
    </div>
  );
}

/** What stays with the colony against the keeper's own target. */
function KeepNote({ day, box }: { day: HarvestDay; box: Box }): ReactElement | null {
  const preferences = useAppSelector(selectPreferences);
  const colonyId = box.content.colonyId ?? '';
  const target = keepTargetsKg(day.book).get(colonyId);
  if (target === undefined) return asksFirst(day) ? <AskTarget /> : null;
  const { frames, kg } = leftForColony(day, colonyId);
  const say = (value: number): string => formatQuantity(value, 'mass', preferences);
  return (
    <div role="note">
      <p className="text-xl font-bold">{combWords.leftForTheColony()}</p>
      <p className="text-lg">
        <strong className="text-3xl">{say(kg)}</strong>{' '}
        {combWords.ofTheYouWantTo({ target: say(target), frames })}
      </p>
      {kg < target && (
        <p className="text-base">{combWords.areStillLacking({ target: say(target - kg) })}</p>
      )}
    </div>
  );
}

/** Adult beetles start a clock; unknown air counts as warm and damp. */
function BeetleNote({ day, box }: { day: HarvestDay; box: Box }): ReactElement | null {
  const seen = day.judged.some(
    (keptJudgedFrame) =>
      keptJudgedFrame.check.boxId === box.entityId && keptJudgedFrame.check.beetles === 'adults',
  );
  if (!seen) return null;
  const { outdoorTemperatureC, relativeHumidity } = day.harvest.content;
  const hours = extractWithinHours(outdoorTemperatureC, relativeHumidity);
  return (
    <div role="note" className="border-l-8 border-ink pl-3">
      <p className="text-xl font-bold">{combWords.beetlesSeenExtractWithinHours({ hours })}</p>
      <p className="text-base">{combWords.theirEggsHatchFastIn()}</p>
    </div>
  );
}

/** What concerns the box as a whole. */
export function BoxAside(props: BoxAsideProps): ReactElement {
  const { day, box } = props;
  const feed = day.book.colonies.find((colony) => colony.entityId === box.content.colonyId)?.content
    .health;
  return (
    <div className="space-y-5">
      <RoomNote {...props} />
      <BeetleNote day={day} box={box} />
      <KeepNote day={day} box={box} />
      {feed !== undefined && feed !== 'sound' && (
        <p role="note" className="border-l-8 border-ink pl-3 text-base">
          {combWords.theHealthOfThisColony({
            part: feed === 'suspect' ? combWords.inDoubt() : combWords.notKnown(),
          })}
        </p>
      )}
      {box.content.lastHoney !== '' && !box.content.cleanedSince && (
        <p role="note" className="text-base">
          {combWords.thisBoxLastHeldAnd({ lastHoney: box.content.lastHoney })}
        </p>
      )}
    </div>
  );
}
