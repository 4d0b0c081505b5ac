import { between, boxContentSchema, colonyContentSchema, requiredText, z } from '../../../records';
import { day, number, optional, words } from '../../entry/codecs';
import { entryOf } from '../../entry/entry';
import { commonWords } from '../../words/english/common';
import { hiveFormWords } from '../../words/english/hiveForm';
import { seasonWords } from '../../words/english/season';
import { health } from './colonyForm';

/** Most hives that are set up in one go. */
const MOST_HIVES = 200;

/** Most honey boxes on one hive. */
export const MOST_BOXES = 8;

const manyHivesSchema = z
  .object({
    yard: colonyContentSchema.shape.name,
    prefix: requiredText(30, 'nameMissing'),
    first: between(1, 9999).int(),
    last: between(1, 9999).int(),
    boxes: between(0, MOST_BOXES).int(),
    onDay: boxContentSchema.shape.onDay,
    health: colonyContentSchema.shape.health,
  })
  .refine(({ first, last }) => last >= first && last - first < MOST_HIVES, {
    path: ['last'],
    message: 'hivesFromTo',
  });
export type ManyHives = z.infer<typeof manyHivesSchema>;

/** A yard with its hives by number, each with the same boxes. */
export const manyHivesEntry = entryOf(manyHivesSchema, {
  yard: words(hiveFormWords.yard()),
  prefix: words(hiveFormWords.hivesAreCalled()),
  first: number(hiveFormWords.fromNumber(), { digits: 0 }),
  last: number(hiveFormWords.toNumber(), { digits: 0 }),
  boxes: number(hiveFormWords.honeyBoxesOnEach(), { digits: 0 }),
  onDay: optional(
    day(hiveFormWords.onTheHiveSince(), { hint: hiveFormWords.leaveEmptyIfNotKnown() }),
  ),
  health,
});

/** What is usual: two boxes each, on since today. */
export const freshManyHives = (today: string) => ({
  prefix: commonWords.hive(),
  first: 1,
  boxes: 2,
  onDay: today,
});

const hiveListSchema = z.object({
  list: z.string(),
  health: colonyContentSchema.shape.health,
});

/** A list of hives out of a spreadsheet, all of one health. */
export const hiveListEntry = entryOf(hiveListSchema, {
  list: words(seasonWords.orPasteAList()),
  health,
});
