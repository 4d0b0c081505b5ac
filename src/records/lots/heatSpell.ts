import { HEAT_RANGE_C } from '../../core';
import { recordKind, type RevisionOf } from '../recordKind';
import { between, remarkField } from '../fields';
import { momentField } from '../moments';
import { z } from '../zod';

export const HEAT_OCCASIONS = ['drying', 'warming', 'liquefying', 'storage', 'transport'] as const;
export type HeatOccasion = (typeof HEAT_OCCASIONS)[number];

export const HEAT_SOURCES = ['typed', 'log', 'plan'] as const;

const TEMPERATURE = 'Honey has −20 to 85 °C here.';

/** Warmth that honey went through, as a history of its own temperature. */
export const heatSpellContentSchema = z.object({
  occasion: z.enum(HEAT_OCCASIONS),
  source: z.enum(HEAT_SOURCES),
  startedAt: momentField,
  spells: z
    .array(
      z.object({
        days: between(0, 4000, 'A spell lasts up to 4,000 days.'),
        temperatureC: between(...HEAT_RANGE_C, TEMPERATURE),
      }),
    )
    .min(1, 'Type how warm and how long.')
    .max(2000, 'At most 2,000 spells.'),
  remark: remarkField,
});
export type HeatSpellContent = z.infer<typeof heatSpellContentSchema>;

export const heatSpellKind = recordKind({
  kind: 'heat-spell',
  name: 'Warmth',
  table: 'heatSpells',
  since: 4,
  owner: 'lot',
  part: 'lot',
  content: heatSpellContentSchema,
});
export type HeatSpell = RevisionOf<typeof heatSpellKind>;
