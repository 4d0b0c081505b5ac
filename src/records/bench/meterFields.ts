/** What readings and zero checks say of the meter as it was then. */
import { DIVISION_RANGE, DIAL_RANGES, PRISM_RANGE_C, SCALES, type Scale } from '../../core';
import { z } from '../zod';
import { between, wrong, roughly } from '../fields';

export const prismTemperatureField = between(PRISM_RANGE_C[0], PRISM_RANGE_C[1]);

export const honeyTemperatureField = between(0, 60);

/** From and to which temperature the meter compensates by itself [°C]. */
export const atcRangeField = z
  .tuple([z.number().min(0, wrong('between', 0, 60)), z.number().max(60, wrong('between', 0, 60))])
  .refine(([low, high]) => low < high, 'rangeUpsideDown');

export const meterShape = {
  scale: z.enum(SCALES),
  /** one division of the dial, in the unit of the scale */
  resolution: between(DIVISION_RANGE[0], DIVISION_RANGE[1]),
  /** the meter compensates temperature by itself; null where nobody knows */
  atc: z.boolean().nullable(),
} as const;

/** What is wrong with a dial value on honey, or null. */
export function honeyDialTrouble(scale: Scale, dialValue: number): string | null {
  const [low, high] = DIAL_RANGES[scale];
  if (dialValue >= low && dialValue <= high) return null;
  return wrong('noHoneyShows', dialValue, roughly(low), roughly(high));
}
