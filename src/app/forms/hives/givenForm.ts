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

/** Never chosen beforehand: what is not said is asked for. */
const boxesOn: Codec<boolean, YesNo | ''> = codec(
  {
    as: 'choice',
    label: 'Honey boxes meanwhile',
    choices: choicesOf({ no: 'Off the hive', yes: 'On the hive' }),
  },
  '',
  (value) => (value ? 'yes' : 'no'),
  (typed, at) => {
    if (typed === '') at.fail('Say whether honey boxes were on the hive meanwhile.');
    return typed === 'yes';
  },
);

const days = number('Waiting time of the label', {
  unit: 'days',
  digits: 0,
  hint: 'After its end; boxes put on before that are blocked. 0 only where the label says none',
});

/** A waiting time has no usual value: none is typed, not left out. */
const waitDays: Codec<number, string> = {
  ...days,
  read: (typed, at) => {
    if (typed.trim() !== '') return days.read(typed, at);
    at.fail('Type the days from the label; 0 only where the label says none.');
    return 0;
  },
};

const KIND_NAMES: Readonly<Record<GivenContent['givenKind'], string>> = {
  treatment: 'Treatment',
  feed: 'Feed',
};

/** A treatment or feed, typed from its label. */
export const givenEntry = entryOf(givenContentSchema, {
  givenKind: choice('What', KIND_NAMES),
  name: words('Product or feed', { hint: 'As its label says' }),
  colonyIds: several('Hives'),
  fromDay: day('From'),
  toDay: optional(day('To', { hint: 'Empty while it goes on' })),
  boxesOn,
  waitDays,
  fromTemperatureC: optional(quantity('temperature', 'Label: from')),
  toTemperatureC: optional(quantity('temperature', 'Label: to')),
  remark: words('Remark'),
});
