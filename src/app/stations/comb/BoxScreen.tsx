import { useEffect, useMemo, type ReactElement } from 'react';
import { useParams } from 'react-router';
import { useBoxRecords } from '../../../db';
import {
  boxOf,
  boxPlaces,
  harvestOf,
  judgeFrames,
  judgingOf,
  type Book,
  type BoxPlace,
  type Judging,
  type KeptStory,
  type HarvestDay,
} from '../../../model';
import { type Box, type Harvest } from '../../../records';
import { selectWorkspace, useAppSelector } from '../../../store';
import { useOtherBoxes } from '../../data/useOtherBoxes';
import { useCombPlace } from '../../data/useCombPlace';
import { NothingHere } from '../../ui/page/NothingHere';
import { Waiting } from '../../ui/page/Waiting';
import { JudgeView } from './JudgeView';
import { useBook } from '../../data/useWorkspaceModel';

/** Whether a school can only judge a frame beside all others of the day. */
function judgesTogether({ school }: Judging): boolean {
  return school.rule === 'pooled' || school.stays === 'colony-first';
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

/** The day as it is known here: this box up to date, the others as they stood. */
function useDay(
  book: Book,
  harvest: Harvest,
  { here, others }: { here: readonly KeptStory[]; others: readonly KeptStory[] },
): HarvestDay {
  const judging = useMemo(() => judgingOf(book, harvest), [book, harvest]);
  const judgedThere = useMemo(() => judgeFrames(others, judging), [others, judging]);
  return useMemo(() => {
    const stories = [...others, ...here];
    const file = { stories, surveys: [], tally: null, guesses: [] };
    const judged = judgesTogether(judging)
      ? judgeFrames(stories, judging)
      : [...judgedThere, ...judgeFrames(here, judging)];
    return { book, harvest, file, judging, judged };
  }, [book, harvest, judging, judgedThere, here, others]);
}

interface LoadedProps {
  book: Book;
  harvest: Harvest;
  box: Box;
}

function LoadedBox({ book, harvest, box }: LoadedProps): ReactElement {
  const workspace = useAppSelector(selectWorkspace);
  const records = useBoxRecords(workspace, box.entityId);
  const [combPlace, stand] = useCombPlace();
  const { entityId: harvestId } = harvest;
  const { slots } = box.content;
  const places = useMemo(
    () => records && boxPlaces(records, box.entityId, { harvestId, slots }),
    [records, box.entityId, harvestId, slots],
  );
  const stories = useMemo(() => storiesOf(places ?? []), [places]);
  const others = useOtherBoxes(harvestId, box.entityId);
  const day = useDay(book, harvest, { here: stories, others });
  const isHere = combPlace?.harvestId === harvestId && combPlace.boxId === box.entityId;
  const wanted = isHere ? combPlace.slot : (places?.find((place) => !place.today)?.slot ?? 1);
  const slot = Math.min(slots, Math.max(1, wanted));
  const opened = places !== undefined && !isHere;
  useEffect(() => {
    if (opened) stand({ harvestId, boxId: box.entityId, slot });
  }, [opened, stand, harvestId, box.entityId, slot]);
  if (!places) return <Waiting />;
  return (
    <JudgeView
      day={day}
      box={box}
      places={places}
      others={judgesTogether(day.judging) ? day.file.stories : stories}
      slot={slot}
      onSlot={(next) => stand({ harvestId, boxId: box.entityId, slot: next })}
    />
  );
}

/** A box as it hangs: one frame after the other, both sides. */
export function BoxScreen(): ReactElement {
  const { harvestId = '', boxId = '' } = useParams();
  const book = useBook();
  const harvest = harvestOf(book, harvestId);
  const box = boxOf(book, boxId);
  return harvest && box ? (
    <LoadedBox key={boxId} book={book} harvest={harvest} box={box} />
  ) : (
    <NothingHere />
  );
}
