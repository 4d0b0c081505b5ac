import { seasonPlanContentSchema } from '../../../records/hives/seasonPlan';
import type { SeasonPlanContent } from '../../../records';
import { codec, day, number, oneOf, optional } from '../../entry/codecs';
import type { Codec } from '../../entry/codec';
import { entryOf } from '../../entry/entry';
import { commonWords } from '../../words/english/common';
import { whenWords } from '../../words/english/when';

/** Days of the week from Monday on; 0 is Sunday. */
const WEEKDAYS: readonly [string, string][] = [
  ['1', whenWords.monday()],
  ['2', whenWords.tuesday()],
  ['3', whenWords.wednesday()],
  ['4', whenWords.thursday()],
  ['5', whenWords.friday()],
  ['6', whenWords.saturday()],
  ['0', whenWords.sunday()],
];

const weekdays: Codec<number[], string[]> = codec<number[], string[]>(
  {
    as: 'checks',
    label: whenWords.daysSomebodyCanGo(),
    choices: WEEKDAYS.map(([value, label]) => ({ value, label })),
  },
  [],
  (value) => value.map(String),
  (typed) => typed.map(Number).sort((a, b) => a - b),
);

/** How honey is taken off. */
export const seasonPlanEntry = entryOf(seasonPlanContentSchema, {
  timing: oneOf<SeasonPlanContent['timing']>(whenWords.honeyIsTaken(), 'after-each-flow'),
  weekdays,
  helpDay: optional(day(whenWords.helpComesOn())),
  boxesOffBy: optional(day(whenWords.lastBoxesOffBy(), { hint: whenWords.comesBackEveryYear() })),
  sugarPricePerKg: optional(
    number(whenWords.sugarCosts(), { unit: whenWords.perKg(), hint: whenWords.sugarCostsAbout() }),
  ),
  escapeDays: optional(
    number(whenWords.escapeBoardsAhead(), {
      unit: commonWords.days(),
      digits: 0,
      hint: whenWords.emptyWithoutEscapeBoards(),
    }),
  ),
});
