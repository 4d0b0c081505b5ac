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
import { between, requiredText, textField } from '../fields';

/** Targets that make sense for honey [% by mass]. */
export const TARGET_RANGE_PERCENT = [14, 25] as const;

export const lotContentSchema = z.object({
  code: requiredText(40, 'codeMissing'),
  name: textField(80),
  date: dayField,
  origin: textField(200),
  plant: textField(80),
  honeyKind: z.enum(HONEY_KINDS),
  /** blossom, honeydew or both; null where nobody said */
  category: z.enum(HONEY_CATEGORIES).nullable(),
  /** what the keeper claims and limits of composition depend on */
  claims: z.array(z.enum(HONEY_CLAIMS)),
  ruleSetId: z.string().min(1),
  targetPercent: between(TARGET_RANGE_PERCENT[0], TARGET_RANGE_PERCENT[1]),
  storageTemperatureC: between(STORAGE_RANGE_C[0], STORAGE_RANGE_C[1]).nullable(),
  signs: z.array(z.enum(FERMENTATION_SIGNS)),
  remark: textField(1000),
});
export type LotContent = z.infer<typeof lotContentSchema>;

export const lotKind = recordKind({
  kind: 'lot',
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
