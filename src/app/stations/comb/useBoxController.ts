import { useCombPlace } from '../../data/useCombPlace';
import { useOtherBoxes } from '../../data/useOtherBoxes';
import { useBoxRecords } from '../../../db';
import { useEffect, useMemo, useState } from 'react';
import {
  boxPlaces,
  judgeFrames,
  judgingOf,
  type Book,
  type BoxPlace,
  type Judging,
  type KeptStory,
  type HarvestDay,
} from '../../../model';
import type { Box, Harvest } from '../../../records';
import { selectWorkspace, useAppSelector } from '../../../store';

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
            earlier: earlier.map((item) => item.content),
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
    const file = { stories, surveys: [], doubled: [], tallies: [], guesses: [] };
    const judged = judgesTogether(judging)
      ? judgeFrames(stories, judging)
      : [...judgedThere, ...judgeFrames(here, judging)];
    return { book, harvest, file, judging, judged };
  }, [book, harvest, judging, judgedThere, here, others]);
}

/** A box on a day, as the book knows them. */
export interface BoxOnDay {
  readonly book: Book;
  readonly harvest: Harvest;
  readonly box: Box;
}

/** A box as its page shows it. */
export type BoxInHand = NonNullable<ReturnType<typeof useBoxController>>;

/** A box as it hangs, and the place in hand; null while its frames are read. */
export function useBoxController({ book, harvest, box }: BoxOnDay) {
  const workspace = useAppSelector(selectWorkspace);
  const records = useBoxRecords(workspace, box.entityId);
  const [combPlace, stand] = useCombPlace();
  const [warmthC, setWarmthC] = useState<number | null>(null);
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
  if (!places) return null;
  return {
    day,
    box,
    places,
    others: judgesTogether(day.judging) ? day.file.stories : stories,
    slot,
    warmthC,
    /** turns to another place, with the warmth of the comb that was in hand [°C] */
    onSlot: (next: number, nextWarmthC: number | null) => {
      setWarmthC(nextWarmthC);
      stand({ harvestId, boxId: box.entityId, slot: next });
    },
  };
}
