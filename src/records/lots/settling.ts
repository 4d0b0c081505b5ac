import { recordKind, type RevisionOf } from '../recordKind';
import { between, nameField, remarkField } from '../fields';
import { momentField } from '../moments';
import { z } from '../zod';

const TEMPERATURE = 'Honey that settles has 0 to 60 °C.';
const SIZE = 'A vessel is 1 to 400 cm high and wide.';

const skimSchema = z.object({
  at: momentField,
  /** what came off [kg]; null where it was not weighed */
  kg: between(0, 100, 'A skim weighs 0 to 100 kg.').nullable(),
});

/** A vessel that stands to clear. */
export const settlingContentSchema = z
  .object({
    name: nameField('the vessel'),
    /** of the honey in it [cm] */
    heightCm: between(1, 400, SIZE),
    diameterCm: between(1, 400, SIZE),
    startC: between(0, 60, TEMPERATURE),
    roomC: between(0, 60, TEMPERATURE),
    moisturePercent: between(13, 25, 'Honey that settles has 13 to 25 % water.'),
    /** finest mesh it went through [µm]; null: not strained */
    strainedUm: between(20, 5000, 'Openings of meshes are 20 to 5,000 µm.').nullable(),
    filledAt: momentField,
    skims: z.array(skimSchema).max(20, 'At most twenty skims.'),
    /** null while it stands */
    endedAt: momentField.nullable(),
    remark: remarkField,
  })
  .refine((one) => one.endedAt === null || one.endedAt > one.filledAt, {
    path: ['endedAt'],
    message: 'It ends after it was filled.',
  });
export type SettlingContent = z.infer<typeof settlingContentSchema>;

export const settlingKind = recordKind({
  kind: 'settling',
  name: 'Settling',
  table: 'settlings',
  since: 4,
  owner: 'lot',
  part: 'lot',
  content: settlingContentSchema,
});
export type SettlingRecord = RevisionOf<typeof settlingKind>;
