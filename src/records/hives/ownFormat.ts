import { recordKind, type RevisionOf } from '../recordKind';
import { between, nameField } from '../fields';
import { z } from '../zod';

/** A kind of frame of the keeper's own; its id in the core is the entity's. */
export const ownFormatContentSchema = z.object({
  name: nameField(40),
  areaDm2: between(0.5, 30),
  frameTareKg: between(0.05, 5),
  boxTareKg: between(0, 30),
});

export const ownFormatKind = recordKind({
  kind: 'format',
  table: 'formats',
  since: 2,
  owner: null,
  part: 'book',
  content: ownFormatContentSchema,
});
export type OwnFormat = RevisionOf<typeof ownFormatKind>;
