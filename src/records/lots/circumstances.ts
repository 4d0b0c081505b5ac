import {
  BROODS,
  NECTARS,
  OUTSIDE_BOXES,
  RESIDUES,
  SET_STATES,
  SOURCE_HEALTHS,
  TAINTS,
} from '../../core';
import { recordKind, type RevisionOf } from '../recordKind';
import { nameField, remarkField } from '../fields';
import { dayField } from '../moments';
import { z } from '../zod';

/** What is done with comb honey before it is sold, in order. @source common practice, no source */
export const COMB_STEPS = ['drain', 'freeze', 'weigh', 'pack', 'label'] as const;

/** What else bears on a lot, as the keeper said it; the last one said holds. */
export const circumstancesContentSchema = z.object({
  nectar: z.enum(NECTARS),
  sourceHealth: z.enum(SOURCE_HEALTHS),
  residues: z.array(z.enum(RESIDUES)),
  /** a treatment whose label asks for a waiting time: honey may be taken from that day on */
  treated: z.object({ product: nameField(80), freeFrom: dayField }).nullable(),
  brood: z.enum(BROODS),
  wetEquipment: z.boolean(),
  taint: z.enum(TAINTS),
  lastFlowInBoxes: z.boolean(),
  setState: z.enum(SET_STATES),
  /** of boxes that are not in the book; not said where missing */
  outsideBoxes: z.enum(OUTSIDE_BOXES).optional(),
  /** steps of comb honey that are done */
  combSteps: z.array(z.enum(COMB_STEPS)).optional(),
  remark: remarkField,
});
export type CircumstancesContent = z.infer<typeof circumstancesContentSchema>;

export const circumstancesKind = recordKind({
  kind: 'circumstances',
  table: 'circumstances',
  since: 5,
  owner: 'lot',
  part: 'lot',
  content: circumstancesContentSchema,
});
export type CircumstancesRecord = RevisionOf<typeof circumstancesKind>;
