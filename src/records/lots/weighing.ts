import { MASS_STAGES } from '../../core';
import { recordKind, type RevisionOf } from '../recordKind';
import { between, remarkField } from '../fields';
import { momentField } from '../moments';
import { z } from '../zod';

/** Honey weighed somewhere on its way, tare taken off. */
export const weighingContentSchema = z.object({
  stage: z.enum(MASS_STAGES).exclude(['in-containers']),
  massKg: between(0, 100_000),
  plusMinusKg: between(0, 10_000),
  weighedAt: momentField,
  remark: remarkField,
});
export type WeighingContent = z.infer<typeof weighingContentSchema>;

export const weighingKind = recordKind({
  kind: 'weighing',
  table: 'weighings',
  since: 4,
  owner: 'lot',
  part: 'lot',
  content: weighingContentSchema,
});
export type Weighing = RevisionOf<typeof weighingKind>;
