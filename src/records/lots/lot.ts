import {
  DEFAULT_RULE_SET_ID,
  DEFAULT_TARGET_PERCENT,
  FERMENTATION_SIGNS,
  HONEY_CATEGORIES,
  HONEY_CLAIMS,
  HONEY_KINDS,
  STORAGE_RANGE_C,
} from '../../core';
import { recordKind, type RevisionOf } from '../recordKind';
import { dayField } from '../moments';
import { z } from '../zod';

/** Targets that make sense for honey [% by mass]. */
export const TARGET_RANGE_PERCENT = [14, 25] as const;

const TARGET_SENTENCE = 'A target lies between 14 and 25 %.';

export const lotContentSchema = z.object({
  code: z
    .string()
    .trim()
    .min(1, 'Give the lot a code, or take the suggested one.')
    .max(40, 'Keep the code under 40 letters.'),
  name: z.string().trim().max(80, 'Keep the name under 80 letters.'),
  date: dayField,
  origin: z.string().trim().max(200, 'Keep the origin under 200 letters.'),
  plant: z.string().trim().max(80, 'Keep the flow or plant under 80 letters.'),
  honeyKind: z.enum(HONEY_KINDS),
  /** blossom, honeydew or both; null where nobody said */
  category: z.enum(HONEY_CATEGORIES).nullable(),
  /** what the keeper claims and limits of composition depend on */
  claims: z.array(z.enum(HONEY_CLAIMS)),
  ruleSetId: z.string().min(1),
  targetPercent: z
    .number()
    .min(TARGET_RANGE_PERCENT[0], TARGET_SENTENCE)
    .max(TARGET_RANGE_PERCENT[1], TARGET_SENTENCE),
  storageTemperatureC: z
    .number()
    .min(STORAGE_RANGE_C[0], 'A store is between −30 and 50 °C.')
    .max(STORAGE_RANGE_C[1], 'A store is between −30 and 50 °C.')
    .nullable(),
  signs: z.array(z.enum(FERMENTATION_SIGNS)),
  remark: z.string().trim().max(1000, 'Keep the remark under 1000 letters.'),
});
export type LotContent = z.infer<typeof lotContentSchema>;

export const lotKind = recordKind({
  kind: 'lot',
  name: 'Lots',
  table: 'lots',
  since: 1,
  owner: null,
  part: 'lot',
  content: lotContentSchema,
  follows: ({ ruleSetId }) => [ruleSetId],
});
export type Lot = RevisionOf<typeof lotKind>;

/** A lot of ordinary honey with nothing said about it yet. */
export function freshLotContent(code: string, date: string): LotContent {
  return {
    code,
    name: '',
    date,
    origin: '',
    plant: '',
    honeyKind: 'ordinary',
    category: null,
    claims: [],
    ruleSetId: DEFAULT_RULE_SET_ID,
    targetPercent: DEFAULT_TARGET_PERCENT.ordinary,
    storageTemperatureC: null,
    signs: [],
    remark: '',
  };
}
