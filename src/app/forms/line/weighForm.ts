import { TYPICAL_MOISTURE_PERCENT } from '../../../core';
import { between, wholeBetween, z } from '../../../records';
import type { Codec, FormOf } from '../../entry/codec';
import { codec, number, quantity, type Extras } from '../../entry/codecs';
import { entryOf } from '../../entry/entry';
import { decimalText } from '../../format/decimal';
import { readJarKg } from '../../format/jarSize';
import { unitOf } from '../../format/units';
import { readWeights } from '../../format/weights';
import { weighWords } from '../../words/english/weigh';

const boxes = z.array(between(0.1, 200)).min(1, 'boxMissing').max(2000);

const weighSchema = z
  .object({
    fullKg: boxes,
    emptyKg: boxes,
    framesPerBox: wholeBetween(1, 40),
    framesPerLoad: wholeBetween(1, 500),
    jarKg: between(0.01, 20),
  })
  .refine(({ fullKg, emptyKg }) => emptyKg.length <= fullKg.length, {
    path: ['emptyKg'],
    message: 'moreEmptyThanFull',
  });

/** Weights read off one after the other. */
const weights = (label: string, more: Extras = {}): Codec<number[], string> => ({
  ...codec<number[], string>(
    {
      as: 'text',
      label,
      unit: (preferences) => unitOf('mass', preferences).name,
      ...more,
    },
    '',
    (kg, preferences) =>
      kg.map((each) => decimalText(unitOf('mass', preferences).fromBase(each), 2)).join(' '),
    (typed, at) => {
      const read = readWeights(typed, at.preferences);
      if (read.ok) return [...read.kg];
      at.fail(read.sentence);
      return [];
    },
  ),
  part: quantity('mass', label),
});

const jarKg: Codec<number, string> = codec(
  { as: 'text', label: weighWords.jarSize() },
  '',
  (kg) => `${decimalText(1000 * kg, 0)} g`,
  (typed, at) => {
    const honey = { preferences: at.preferences, moisturePercent: TYPICAL_MOISTURE_PERCENT };
    const kg = readJarKg(typed, honey);
    if (kg === null) at.fail(weighWords.isNotAJar({ text: typed.trim() }));
    return kg ?? NaN;
  },
);

/** Boxes weighed full and empty, and what the honey is to go into. */
export const weighEntry = entryOf(weighSchema, {
  fullKg: weights(weighWords.fullBoxes(), { hint: weighWords.oneAfterTheOther() }),
  emptyKg: weights(weighWords.emptyBoxes(), { hint: weighWords.theSameBoxes() }),
  framesPerBox: number(weighWords.framesPerBox(), { digits: 0 }),
  framesPerLoad: number(weighWords.framesPerLoad(), { digits: 0 }),
  jarKg,
});
export type WeighForm = FormOf<typeof weighEntry.fields>;
