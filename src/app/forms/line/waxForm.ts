import { WAX_FORMS, type WaxAct, type WaxForm } from '../../../core';
import { waxContentSchema, type WaxContent } from '../../../records';
import type { Codec } from '../../entry/codec';
import { choice, codec, day, optional, quantity, words } from '../../entry/codecs';
import { entryOf } from '../../entry/entry';
import { commonWords } from '../../words/english/common';
import { waxWords } from '../../words/english/wax';
import { WAX_ACT_NAMES, WAX_FORM_NAMES } from '../../words/waxNames';

/** What wax is; empty where there is none. */
const form = (label: string): Codec<WaxForm | null, WaxForm | ''> =>
  codec<WaxForm | null, WaxForm | ''>(
    {
      as: 'select',
      label,
      choices: [
        { value: '', label: waxWords.choose() },
        ...WAX_FORMS.map((value) => ({ value, label: WAX_FORM_NAMES[value] })),
      ],
    },
    '',
    (value) => value ?? '',
    (typed) => (typed === '' ? null : typed),
  );

/** One line of the ledger of wax. */
export const waxEntry = entryOf(
  waxContentSchema,
  {
    act: choice<WaxAct>(waxWords.whatHappened(), WAX_ACT_NAMES),
    from: form(waxWords.taken()),
    fromKg: optional(quantity('mass', waxWords.weightTaken(), { digits: 3 })),
    into: form(waxWords.cameOut()),
    intoKg: optional(quantity('mass', waxWords.weightOut(), { digits: 3 })),
    day: day(commonWords.day()),
    remark: words(commonWords.remark()),
  },
  {
    unasked: ({ act }) => ({
      ...(act === 'gathered' ? { from: null, fromKg: null } : {}),
      ...(act === 'gone' ? { into: null, intoKg: null } : {}),
    }),
  },
);

export const freshWax = (today: string): Partial<WaxContent> => ({
  act: 'gathered',
  into: 'cappings',
  day: today,
});
