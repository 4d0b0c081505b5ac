import { COLOUR_CLASS_IDS, PFUND_RANGE_MM, pfundFromAbsorbance } from '../../core';
import { MOST_VESSELS } from '../lots/container';
import { idSchema } from '../envelope';
import { recordKind, type RevisionOf } from '../recordKind';
import { remarkField } from '../fields';
import { initialsField, momentField } from '../moments';
import { z } from '../zod';

const PFUND_SENTENCE = `A comparator shows ${PFUND_RANGE_MM[0]} to ${PFUND_RANGE_MM[1]} mm.`;
const ABSORBANCE_SENTENCE = 'An absorbance lies between 0 and 5.';

/** How the colour was read in glass. */
const readSchema = z.discriminatedUnion('by', [
  z.object({
    by: z.literal('comparator'),
    pfundMm: z
      .number()
      .min(PFUND_RANGE_MM[0], PFUND_SENTENCE)
      .max(PFUND_RANGE_MM[1], PFUND_SENTENCE),
  }),
  z.object({
    by: z.literal('photometer'),
    absorbance: z.number().min(0, ABSORBANCE_SENTENCE).max(5, ABSORBANCE_SENTENCE),
    pathCm: z
      .number()
      .min(0.1, 'A cell is 0.1 to 10 cm long.')
      .max(10, 'A cell is 0.1 to 10 cm long.'),
    /** such as "50 % w/v, filtered" */
    dilution: z.string().trim().min(1, 'State the dilution, such as 50 % w/v, filtered.').max(80),
  }),
  z.object({ by: z.literal('eye'), classId: z.enum(COLOUR_CLASS_IDS) }),
]);

export const colourContentSchema = z
  .object({
    containerId: idSchema.nullable(),
    item: z.number().int().min(1).max(MOST_VESSELS).nullable(),
    read: readSchema,
    takenAt: momentField,
    who: initialsField,
    remark: remarkField,
  })
  .superRefine(({ read }, context) => {
    if (read.by !== 'photometer') return;
    try {
      pfundFromAbsorbance(read.absorbance, read.pathCm);
    } catch {
      const message = 'Such an absorbance is beyond any honey; dilute it further and say so.';
      context.addIssue({ code: 'custom', path: ['read', 'absorbance'], message });
    }
  });
export type ColourContent = z.infer<typeof colourContentSchema>;

export const colourKind = recordKind({
  kind: 'colour',
  name: 'Colours in glass',
  table: 'colours',
  since: 3,
  owner: 'lot',
  part: 'lot',
  content: colourContentSchema,
  refers: (content) => [{ path: 'containerId', id: content.containerId, kind: 'container' }],
});
export type ColourReading = RevisionOf<typeof colourKind>;
