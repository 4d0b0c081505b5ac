import {
  givenContentSchema,
  type GivenContent,
  type GivenRecord,
  type Preferences,
} from '../../../records';
import type { Codec, FormOf } from '../../entry/codec';
import {
  several,
  choice,
  choicesOf,
  codec,
  day,
  number,
  optional,
  quantity,
  words,
  type YesNo,
} from '../../entry/codecs';
import { entryOf } from '../../entry/entry';
import { commonWords } from '../../words/english/common';
import { hiveFormWords } from '../../words/english/hiveForm';

/** Never chosen beforehand: what is not said is asked for. */
const boxesOn: Codec<boolean, YesNo | ''> = codec(
  {
    as: 'choice',
    label: hiveFormWords.honeyBoxesDuringIt(),
    choices: choicesOf({ no: hiveFormWords.offTheHive(), yes: hiveFormWords.onTheHive() }),
  },
  '',
  (value) => (value ? 'yes' : 'no'),
  (typed, at) => {
    if (typed === '') at.fail(hiveFormWords.chooseWhetherHoneyBoxesWere());
    return typed === 'yes';
  },
);

const days = number(hiveFormWords.waitingTimeOnTheLabel(), {
  unit: commonWords.days(),
  digits: 0,
  hint: hiveFormWords.afterItEndsBoxesPut(),
});

/** A waiting time has no usual value: none is typed, not left out. */
const waitDays: Codec<number, string> = {
  ...days,
  read: (typed, at) => {
    if (typed.trim() !== '') return days.read(typed, at);
    at.fail(hiveFormWords.typeTheDaysFromThe());
    return 0;
  },
};

const KIND_NAMES: Readonly<Record<GivenContent['givenKind'], string>> = {
  treatment: hiveFormWords.treatment(),
  feed: hiveFormWords.feed(),
};

/** Earlier ones that are worth offering. */
const MOST_EARLIER = 3;

/**
 * The last treatments and feeds, each product once, to be taken over for other hives or another day: what
 * its label says stays, hives and days are asked for anew.
 */
export function earlierGivens(
  givens: readonly GivenRecord[],
  today: string,
  preferences: Preferences,
): { readonly name: string; readonly form: FormOf<typeof givenEntry.fields> }[] {
  const latest = [...givens].sort((a, b) => b.content.fromDay.localeCompare(a.content.fromDay));
  const byName = new Map<string, GivenContent>();
  for (const { content } of latest)
    if (!byName.has(content.name)) byName.set(content.name, content);
  return [...byName].slice(0, MOST_EARLIER).map(([name, content]) => {
    const fresh = { ...content, colonyIds: [], fromDay: today, toDay: null, remark: '' };
    return { name, form: givenEntry.fill(fresh, preferences) };
  });
}

/** A treatment or feed, typed from its label. */
export const givenEntry = entryOf(givenContentSchema, {
  givenKind: choice(commonWords.what(), KIND_NAMES),
  name: words(hiveFormWords.productOrFeed(), { hint: hiveFormWords.asItsLabelSays() }),
  colonyIds: several(hiveFormWords.hives()),
  fromDay: day(commonWords.from()),
  toDay: optional(day(commonWords.to(), { hint: hiveFormWords.leaveEmptyWhileItGoes() })),
  boxesOn,
  staysDays: optional(
    number(hiveFormWords.staysInFor(), {
      unit: commonWords.days(),
      digits: 0,
      hint: hiveFormWords.daysThatTheLabelKeepsIt(),
    }),
  ),
  waitDays,
  fromTemperatureC: optional(quantity('temperature', hiveFormWords.labelFrom())),
  toTemperatureC: optional(quantity('temperature', hiveFormWords.labelTo())),
  remark: words(commonWords.remark()),
});
