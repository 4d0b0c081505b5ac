import { between, z } from '../../../records';
import type { Codec, FormOf } from '../../entry/codec';
import { codec, orElse, percent, quantity } from '../../entry/codecs';
import { entryOf } from '../../entry/entry';
import { decimalText } from '../../format/decimal';

const PAIL = 'A pail holds 0.5 to 2,000 kg.';

const kitSchema = z.object({
  honeyKg: z.number().min(0, 'Type the honey expected.').max(1e6, 'That is more than any harvest.'),
  plusMinusKg: z.number().min(0, 'A ± is 0 or more.').max(1e6, 'A ± is below the honey itself.'),
  pailKg: between(0.5, 2000, PAIL),
  jarKg: between(0.01, 20, 'A jar holds 10 g to 20 kg.'),
  jarredShare: between(0, 1, 'Between 0 and 100 %.'),
});

const jarKg: Codec<number, string> = codec(
  { as: 'text', label: 'A jar holds', unit: 'g', inputMode: 'decimal' },
  '',
  (value) => decimalText(1000 * value, 0),
  (typed, at) => at.decimal(typed) / 1000,
);

const mass = (label: string, hint?: string) =>
  quantity('mass', label, { digits: 1, ...(hint === undefined ? {} : { hint }) });

/** What the list of kit follows from. */
export const kitEntry = entryOf(kitSchema, {
  honeyKg: mass('Honey expected'),
  plusMinusKg: orElse(mass('Give or take', 'Weeks ahead a third is little'), '0'),
  pailKg: mass('A pail holds'),
  jarKg,
  jarredShare: percent('Goes into jars soon'),
});
export type KitForm = FormOf<typeof kitEntry.fields>;
