import { useMemo, type ReactElement } from 'react';
import { useParams } from 'react-router';
import { useBoxRecords } from '../../../db';
import {
  boxOf,
  boxPlaces,
  harvestOf,
  judgeFrames,
  judgingOf,
  type Book,
  type Box,
  type BoxPlace,
  type Harvest,
  type KeptStory,
} from '../../../records';
import { selectWorkspace, useAppSelector } from '../../../store';
import { useBook } from '../../data/useBook';
import { useHarvest, type HarvestDay } from '../../data/useHarvest';
import { useStanding } from '../../data/useStanding';
import { NothingHere } from '../../ui/NothingHere';
import { Waiting } from '../../ui/Waiting';
import { JudgeView } from './JudgeView';

/** Whether a school can only judge a frame beside all others of the day. */
function judgesTogether({ judging }: HarvestDay): boolean {
  return judging.school.rule === 'pooled' || judging.school.stays === 'colony-first';
}

/** Frames of the box that were looked at today, as they stand among their earlier looks. */
function storiesOf(places: readonly BoxPlace[]): KeptStory[] {
  return places.flatMap(({ frame, today, earlier }) =>
    frame && today
      ? [
          {
            frameId: frame.entityId,
            frame: frame.content,
            check: today.content,
            earlier: earlier.map((one) => one.content),
            frameRecord: frame,
            checkRecord: today,
          },
        ]
      : [],
  );
}

/** The day as this one box knows it: it stands in until the whole day has been read. */
function dayOfBox(book: Book, harvest: Harvest, stories: readonly KeptStory[]): HarvestDay {
  const judging = judgingOf(book, harvest);
  const file = { stories, strokes: [], tally: null, guesses: [] };
  return { book, harvest, file, judging, judged: judgeFrames(stories, judging) };
}

interface LoadedProps {
  book: Book;
  harvest: Harvest;
  box: Box;
}

function LoadedBox({ book, harvest, box }: LoadedProps): ReactElement {
  const workspace = useAppSelector(selectWorkspace);
  const records = useBoxRecords(workspace, box.entityId);
  const whole = useHarvest(harvest.entityId);
  const [standing, stand] = useStanding();
  const { entityId: harvestId } = harvest;
  const { slots } = box.content;
  const places = useMemo(
    () => records && boxPlaces(records, box.entityId, { harvestId, slots }),
    [records, box.entityId, harvestId, slots],
  );
  const stories = useMemo(() => storiesOf(places ?? []), [places]);
  const near = useMemo(() => dayOfBox(book, harvest, stories), [book, harvest, stories]);
  const day = whole.status === 'ready' ? whole.day : near;
  if (!places) return <Waiting />;
  const isHere = standing?.harvestId === harvestId && standing.boxId === box.entityId;
  const wanted = isHere ? standing.slot : (places.find((one) => !one.today)?.slot ?? 1);
  const slot = Math.min(slots, Math.max(1, wanted));
  return (
    <JudgeView
      day={day}
      box={box}
      places={places}
      others={judgesTogether(day) ? day.file.stories : stories}
      slot={slot}
      onSlot={(next) => stand({ harvestId, boxId: box.entityId, slot: next })}
    />
  );
}

/** A box as it hangs: one frame after the other, both sides. */
export function BoxScreen(): ReactElement {
  const { harvestId = '', boxId = '' } = useParams();
  const book = useBook();
  if (!book) return <Waiting />;
  const harvest = harvestOf(book, harvestId);
  const box = boxOf(book, boxId);
  return harvest && box ? (
    <LoadedBox key={boxId} book={book} harvest={harvest} box={box} />
  ) : (
    <NothingHere />
  );
}
