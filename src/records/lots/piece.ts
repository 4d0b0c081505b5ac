import { recordKind, type RevisionOf } from '../recordKind';
import { between, nameField, remarkField, shareTenths } from '../fields';
import { z } from '../zod';

/** A piece of comb honey, looked at by itself. */
export const pieceContentSchema = z.object({
  label: nameField(40),
  /** of the worse side */
  cappedTenths: shareTenths,
  weeping: z.boolean(),
  foreign: z.boolean(),
  massKg: between(0.01, 20).nullable(),
  /** corrected reading of a piece that was cut up for it, null for a whole one */
  sacrificed: z
    .object({
      percent: between(10, 30),
      plusMinus: between(0.1, 5),
    })
    .nullable(),
  remark: remarkField,
});
export type PieceContent = z.infer<typeof pieceContentSchema>;

export const pieceKind = recordKind({
  kind: 'piece',
  table: 'pieces',
  since: 5,
  owner: 'lot',
  part: 'lot',
  content: pieceContentSchema,
});
export type PieceRecord = RevisionOf<typeof pieceKind>;
