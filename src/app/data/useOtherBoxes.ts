import { useEffect, useState } from 'react';
import { harvestFileOf, type KeptStory } from '../../model';
import { harvestRecords, useAppDispatch } from '../../store';

/** The box in hand is drawn first [ms]. */
const WAIT_MS = 600;

const NONE: readonly KeptStory[] = [];

/**
 * What was judged in the other boxes of a day, as it stood when this one was opened: read after the
 * box has been drawn, and not again at every frame.
 */
export function useOtherBoxes(harvestId: string, boxId: string): readonly KeptStory[] {
  const dispatch = useAppDispatch();
  const [stories, setStories] = useState(NONE);
  useEffect(() => {
    let left = false;
    const start = setTimeout(() => {
      void dispatch(harvestRecords(harvestId)).then((records) => {
        const { stories: all } = harvestFileOf(records, harvestId);
        if (!left) setStories(all.filter((keptStory) => keptStory.check.boxId !== boxId));
      });
    }, WAIT_MS);
    return () => {
      left = true;
      clearTimeout(start);
    };
  }, [dispatch, harvestId, boxId]);
  return stories;
}
