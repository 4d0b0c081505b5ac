import { DRILLS, EVENING_CODES } from '../../core';
import { recordKind, type RevisionOf } from '../recordKind';
import { textField, wholeBetween } from '../fields';
import { initialsField, momentField } from '../moments';
import { z } from '../zod';

/** One answer of somebody who practises, beside the truth. */
const practiceLookContentSchema = z.object({
  drill: z.enum(DRILLS),
  /** initials of who looked */
  reader: initialsField,
  /** shows the same again */
  seed: z.number().int().min(0),
  /** kind of comb, scale or case */
  of: textField(24),
  /** share [1]; value of the scale; place of the answer among the choices */
  answered: z.number(),
  truth: z.number(),
  at: momentField,
  /** code of the evening at which many looked at the same; null: alone */
  evening: wholeBetween(...EVENING_CODES).nullable(),
});
export type PracticeLookContent = z.infer<typeof practiceLookContentSchema>;

export const practiceLookKind = recordKind({
  kind: 'practice-look',
  table: 'practiceLooks',
  since: 11,
  owner: null,
  part: null,
  content: practiceLookContentSchema,
});
export type PracticeLook = RevisionOf<typeof practiceLookKind>;
