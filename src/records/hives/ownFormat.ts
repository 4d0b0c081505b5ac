import { recordKind, type RevisionOf } from '../recordKind';
import { nameField } from '../fields';
import { z } from '../zod';

const AREA_SENTENCE = 'The comb of one side measures between 0.5 and 30 dm².';
const TARE_SENTENCE = 'An empty frame weighs 0.05 to 5 kg, an empty box up to 30 kg.';

/** A kind of frame of the keeper's own; its id in the core is the entity's. */
export const ownFormatContentSchema = z.object({
  name: nameField('the frame', 40),
  areaDm2: z.number().min(0.5, AREA_SENTENCE).max(30, AREA_SENTENCE),
  frameTareKg: z.number().min(0.05, TARE_SENTENCE).max(5, TARE_SENTENCE),
  boxTareKg: z.number().min(0, TARE_SENTENCE).max(30, TARE_SENTENCE),
});

export const ownFormatKind = recordKind({
  kind: 'format',
  name: 'Own frame formats',
  table: 'formats',
  since: 2,
  owner: null,
  part: 'book',
  content: ownFormatContentSchema,
});
export type OwnFormat = RevisionOf<typeof ownFormatKind>;
