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
import { counted } from '../../../format/counted';

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
    .filter((one) => one.check.boxId === box.entityId)
    .sort((a, b) => a.check.slot - b.check.slot)
    .map((one) => frameEvidenceFrom(one, day.book))
    .map(({ sides }) => ({ sides: sides.map((side) => side.shares) }));
  const room = broodRoom(frames);
  if (!room.hemmed) return null;
  return (
    <div role="note" className="border-l-8 border-ink pl-3">
      <p className="text-xl font-bold">The brood is hemmed in by honey</p>
      <p className="text-base">
        {counted(room.framesToGive, 'drawn, empty frame')} beside the nest would free the queen to
        lay.
      </p>
    </div>
  );
}

/** A colony-first school wants to know what stays before anything is taken. */
const asksFirst = ({ judging }: HarvestDay): boolean => judging.school.stays === 'colony-first';

function AskTarget(): ReactElement {
  return (
    <div role="note" className="border-l-8 border-lavender pl-3">
      <p className="text-xl font-bold">What does this colony keep?</p>
      <p className="my-2 text-base">
        The colony comes first today, and no target of yours is written down for it.
      </p>
      <PageLink to="season">Say it under Season</PageLink>
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
      <p className="text-xl font-bold">Left for the colony</p>
      <p className="text-lg">
        <strong className="text-3xl">{say(kg)}</strong> of the {say(target)} you want to leave, in{' '}
        {counted(frames, 'frame')} judged so far.
      </p>
      {kg < target && <p className="text-base">{say(target - kg)} are still lacking.</p>}
    </div>
  );
}

/** Adult beetles start a clock; unknown air counts as warm and damp. */
function BeetleNote({ day, box }: { day: HarvestDay; box: Box }): ReactElement | null {
  const seen = day.judged.some(
    (one) => one.check.boxId === box.entityId && one.check.beetles === 'adults',
  );
  if (!seen) return null;
  const { outdoorTemperatureC, relativeHumidity } = day.harvest.content;
  const hours = extractWithinHours(outdoorTemperatureC, relativeHumidity);
  return (
    <div role="note" className="border-l-8 border-ink pl-3">
      <p className="text-xl font-bold">Beetles seen: extract within {hours} hours</p>
      <p className="text-base">
        Their eggs hatch fast where it is warm and damp. Keep these frames closed, cool and dry
        until then.
      </p>
    </div>
  );
}

/** What concerns the box as a whole. */
export function BoxAside(props: BoxAsideProps): ReactElement {
  const { day, box } = props;
  const feed = day.book.colonies.find((one) => one.entityId === box.content.colonyId)?.content
    .health;
  return (
    <div className="space-y-5">
      <RoomNote {...props} />
      <BeetleNote day={day} box={box} />
      <KeepNote day={day} box={box} />
      {feed !== undefined && feed !== 'sound' && (
        <p role="note" className="border-l-8 border-ink pl-3 text-base">
          The health of this colony is {feed === 'suspect' ? 'in doubt' : 'not known'}: feed its
          honey and wet combs to no other colony. Ask your bee inspector.
        </p>
      )}
      {box.content.lastHoney !== '' && !box.content.cleanedSince && (
        <p role="note" className="text-base">
          This box last held {box.content.lastHoney} and was not cleaned since.
        </p>
      )}
    </div>
  );
}
