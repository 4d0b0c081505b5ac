/** Fields that several records share: the one definition of their limits and sentences. */
import { COMB_RANGE_C } from '../core';
import { z } from './zod';

/** Most frames that any box or tote has places for. */
export const MOST_SLOTS = 40;

export const nameField = (what: string, most = 60) =>
  z
    .string()
    .trim()
    .min(1, `Give ${what} a name that you find again.`)
    .max(most, `Keep the name under ${most} letters.`);

export const remarkField = z.string().trim().max(1000, 'Keep the remark under 1000 letters.');

/** Letters of a reason at most, and what is said where there are more. */
export const MOST_REASON = 500;
export const REASON_SENTENCE = `Keep the reason under ${MOST_REASON} letters.`;

export const reasonField = z.string().trim().max(MOST_REASON, REASON_SENTENCE);

export const shareTenths = z.number().int().min(0).max(10);

export const slotField = z.number().int().min(1).max(MOST_SLOTS);

const COMB_TEMPERATURE = 'A comb or its air has between −20 and 60 °C; leave it empty if unknown.';

/** Of comb or of the air around it [°C]; null where not known. */
export const airTemperatureField = z
  .number()
  .min(COMB_RANGE_C[0], COMB_TEMPERATURE)
  .max(COMB_RANGE_C[1], COMB_TEMPERATURE)
  .nullable();

/** A number within limits, with the one sentence that tells them. */
export const between = (low: number, high: number, sentence: string) =>
  z.number(sentence).min(low, sentence).max(high, sentence);
