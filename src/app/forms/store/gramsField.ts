import type { Codec } from '../../entry/codec';
import { codec, type Extras } from '../../entry/codecs';
import { decimalText } from '../../format/decimal';
import { jarUnit } from '../../format/jarSize';

/** Grams in the record, in the small unit of the keeper in the form. */
export const gramsField = (label: string, more: Extras = {}): Codec<number, string> =>
  codec(
    {
      as: 'text',
      label,
      inputMode: 'decimal',
      unit: (preferences) => jarUnit(preferences).name,
      ...more,
    },
    '',
    (value, preferences) => decimalText(value / jarUnit(preferences).grams, 1),
    (typed, at) => {
      const { name, grams } = jarUnit(at.preferences);
      return at.decimal(typed, name) * grams;
    },
  );
