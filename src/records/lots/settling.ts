import { recordKind, type RevisionOf } from '../recordKind';
import { between, nameField, remarkField, wrong } from '../fields';
import { momentField } from '../moments';
import { z } from '../zod';

const skimSchema = z.object({
  at: momentField,
  /** what came off [kg]; null where it was not weighed */
  kg: between(0, 100).nullable(),
});

/** A vessel that stands to clear. */
export const settlingContentSchema = z
  .object({
    name: nameField(),
    /** of the honey in it [cm] */
    heightCm: between(1, 400),
    diameterCm: between(1, 400),
    startC: between(0, 60),
    roomC: between(0, 60),
    moisturePercent: between(13, 25),
    /** finest mesh it went through [µm]; null: not strained */
    strainedUm: between(20, 5000).nullable(),
    filledAt: momentField,
    skims: z.array(skimSchema).max(20, wrong('tooMany', 20)),
    /** null while it stands */
    endedAt: momentField.nullable(),
    remark: remarkField,
  })
  .refine((item) => item.endedAt === null || item.endedAt > item.filledAt, {
    path: ['endedAt'],
    message: 'endsBeforeFilled',
  });
export type SettlingContent = z.infer<typeof settlingContentSchema>;

export const settlingKind = recordKind({
  kind: 'settling',
  table: 'settlings',
  since: 4,
  owner: 'lot',
  part: 'lot',
  content: settlingContentSchema,
});
export type SettlingRecord = RevisionOf<typeof settlingKind>;
