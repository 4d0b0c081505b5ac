/** What readings and zero checks say of the meter as it was then. */
import { DIVISION_RANGE, DIAL_RANGES, PRISM_RANGE_C, SCALES, type Scale } from '../../core';
import { z } from '../zod';

const PRISM_SENTENCE = `The meter can be corrected between ${PRISM_RANGE_C[0]} and ${PRISM_RANGE_C[1]} °C; let meter and honey come to room temperature.`;

export const prismTemperatureField = z
  .number()
  .min(PRISM_RANGE_C[0], PRISM_SENTENCE)
  .max(PRISM_RANGE_C[1], PRISM_SENTENCE);

const HONEY_SENTENCE = 'Honey at the bench has between 0 and 60 °C.';

export const honeyTemperatureField = z.number().min(0, HONEY_SENTENCE).max(60, HONEY_SENTENCE);

const ATC_SENTENCE = 'Such a range lies between 0 and 60 °C, the lower end first.';

/** From and to which temperature the meter compensates by itself [°C]. */
export const atcRangeField = z
  .tuple([z.number().min(0, ATC_SENTENCE), z.number().max(60, ATC_SENTENCE)])
  .refine(([low, high]) => low < high, ATC_SENTENCE);

export const meterShape = {
  scale: z.enum(SCALES),
  /** one division of the dial, in the unit of the scale */
  resolution: z
    .number()
    .min(DIVISION_RANGE[0], 'One division of the dial is more than 0.')
    .max(DIVISION_RANGE[1], 'One division of the dial is at most 10.'),
  /** the meter compensates temperature by itself; null where nobody knows */
  atc: z.boolean().nullable(),
} as const;

/** What is wrong with a dial value on honey, or null. */
export function honeyDialTrouble(scale: Scale, dialValue: number): string | null {
  const [low, high] = DIAL_RANGES[scale];
  if (dialValue >= low && dialValue <= high) return null;
  return `No honey shows ${dialValue} on this scale; it runs from ${low.toPrecision(4)} to ${high.toPrecision(4)}.`;
}
