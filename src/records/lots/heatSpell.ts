import { HEAT_RANGE_C } from '../../core';
import { recordKind, type RevisionOf } from '../recordKind';
import { between, remarkField, wrong } from '../fields';
import { momentField } from '../moments';
import { z } from '../zod';

export const HEAT_OCCASIONS = ['drying', 'warming', 'liquefying', 'storage', 'transport'] as const;
export type HeatOccasion = (typeof HEAT_OCCASIONS)[number];

export const HEAT_SOURCES = ['typed', 'log', 'plan'] as const;

/** Warmth that honey went through, as a history of its own temperature. */
export const heatSpellContentSchema = z.object({
  occasion: z.enum(HEAT_OCCASIONS),
  source: z.enum(HEAT_SOURCES),
  startedAt: momentField,
  spells: z
    .array(
      z.object({
        days: between(0, 4000),
        temperatureC: between(...HEAT_RANGE_C),
      }),
    )
    .min(1, 'spellMissing')
    .max(2000, wrong('tooMany', 2000)),
  remark: remarkField,
});
export type HeatSpellContent = z.infer<typeof heatSpellContentSchema>;

export const heatSpellKind = recordKind({
  kind: 'heat-spell',
  table: 'heatSpells',
  since: 4,
  owner: 'lot',
  part: 'lot',
  content: heatSpellContentSchema,
});
export type HeatSpell = RevisionOf<typeof heatSpellKind>;
