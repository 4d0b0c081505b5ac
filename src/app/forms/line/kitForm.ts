import { between, z } from '../../../records';
import { dayField } from '../../../records/moments';
import type { Codec, FormOf } from '../../entry/codec';
import { codec, day, number, orElse, percent, quantity } from '../../entry/codecs';
import { entryOf } from '../../entry/entry';
import { decimalText } from '../../format/decimal';
import { lineFormWords } from '../../words/english/lineForm';

const kitSchema = z.object({
  honeyKg: between(0, 1e6),
  plusMinusKg: between(0, 1e6),
  pailKg: between(0.5, 2000),
  jarKg: between(0.01, 20),
  jarredShare: between(0, 1),
  neededDay: dayField,
  hours: between(0.5, 48),
});

const jarKg: Codec<number, string> = codec(
  { as: 'text', label: lineFormWords.aJarHolds(), unit: 'g', inputMode: 'decimal' },
  '',
  (value) => decimalText(1000 * value, 0),
  (typed, at) => at.decimal(typed, 'g') / 1000,
);

const mass = (label: string, hint?: string) =>
  quantity('mass', label, { digits: 1, ...(hint === undefined ? {} : { hint }) });

/** What the list of kit follows from. */
export const kitEntry = entryOf(kitSchema, {
  honeyKg: mass(lineFormWords.honeyExpected()),
  plusMinusKg: orElse(mass(lineFormWords.giveOrTake(), lineFormWords.weeksAheadAllowAThird()), '0'),
  pailKg: mass(lineFormWords.aPailHolds()),
  jarKg,
  jarredShare: percent(lineFormWords.goesIntoJarsSoon()),
  neededDay: day(lineFormWords.neededOn()),
  hours: number(lineFormWords.hoursToSpin(), { unit: 'h', digits: 1 }),
});
export type KitForm = FormOf<typeof kitEntry.fields>;
