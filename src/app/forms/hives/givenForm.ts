import { givenContentSchema, type GivenContent } from '../../../records';
import type { Codec } from '../../entry/codec';
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

/** A treatment or feed, typed from its label. */
export const givenEntry = entryOf(givenContentSchema, {
  givenKind: choice(commonWords.what(), KIND_NAMES),
  name: words(hiveFormWords.productOrFeed(), { hint: hiveFormWords.asItsLabelSays() }),
  colonyIds: several(hiveFormWords.hives()),
  fromDay: day(commonWords.from()),
  toDay: optional(day(commonWords.to(), { hint: hiveFormWords.leaveEmptyWhileItGoes() })),
  boxesOn,
  waitDays,
  fromTemperatureC: optional(quantity('temperature', hiveFormWords.labelFrom())),
  toTemperatureC: optional(quantity('temperature', hiveFormWords.labelTo())),
  remark: words(commonWords.remark()),
});
