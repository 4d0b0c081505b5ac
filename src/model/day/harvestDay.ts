import type { AnyRecord, Harvest } from '../../records';
import { type Book, harvestOf } from './book';
import { harvestFileOf, type HarvestFile, type KeptStory } from './harvestFile';
import { judgeFrames, judgingOf, type JudgedFrame, type Judging } from './judging';

/** A frame kept and judged. */
export type KeptJudgedFrame = JudgedFrame<KeptStory>;

/** A day at the hives with everything that was judged on it. */
export interface HarvestDay {
  readonly book: Book;
  readonly harvest: Harvest;
  readonly file: HarvestFile;
  readonly judging: Judging;
  readonly judged: readonly KeptJudgedFrame[];
}

/** The day of that id from its records; null where the book does not have it. */
export function harvestDayOf(
  book: Book,
  records: readonly AnyRecord[],
  harvestId: string,
): HarvestDay | null {
  const harvest = harvestOf(book, harvestId);
  if (!harvest) return null;
  const file = harvestFileOf(records, harvestId);
  const judging = judgingOf(book, harvest);
  return { book, harvest, file, judging, judged: judgeFrames(file.stories, judging) };
}
