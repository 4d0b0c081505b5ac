import { FAULTS, FOAMS, IMPURITIES } from '../../core';
import { recordKind, type RevisionOf } from '../recordKind';
import { remarkField } from '../fields';
import { initialsField, momentField } from '../moments';
import { z } from '../zod';

/** A small vocabulary of smell and taste; own words, free remarks beside it. */
export const NOTES = [
  'flowery',
  'fresh fruit',
  'ripe fruit',
  'citrus',
  'herbs',
  'cut grass',
  'hay',
  'malt',
  'toffee',
  'spice',
  'wood',
  'resin',
  'salt wind',
  'bitter',
] as const;
export type Note = (typeof NOTES)[number];

/** What a nose and a tongue say: each note faint, plain or strong. */
export const sensesContentSchema = z.object({
  notes: z.array(z.object({ note: z.enum(NOTES), strength: z.number().int().min(1).max(3) })),
  faults: z.array(z.enum(FAULTS)),
  foam: z.enum(FOAMS),
  impurities: z.array(z.enum(IMPURITIES)),
  /** typical of the flower it is named after; null where nobody said */
  typical: z.boolean().nullable(),
  takenAt: momentField,
  who: initialsField,
  remark: remarkField,
});
export type SensesContent = z.infer<typeof sensesContentSchema>;

export const sensesKind = recordKind({
  kind: 'senses',
  table: 'senses',
  since: 3,
  owner: 'lot',
  part: 'lot',
  content: sensesContentSchema,
});
export type Senses = RevisionOf<typeof sensesKind>;
