import { COLOUR_CLASS_IDS, PFUND_RANGE_MM, pfundFromAbsorbance } from '../../core';
import { MOST_VESSELS } from '../lots/container';
import { idSchema } from '../envelope';
import { recordKind, type RevisionOf } from '../recordKind';
import { between, remarkField, requiredText } from '../fields';
import { initialsField, momentField } from '../moments';
import { z } from '../zod';

/** How the colour was read in glass. */
const readSchema = z.discriminatedUnion('by', [
  z.object({
    by: z.literal('comparator'),
    pfundMm: between(PFUND_RANGE_MM[0], PFUND_RANGE_MM[1]),
  }),
  z.object({
    by: z.literal('photometer'),
    absorbance: between(0, 5),
    pathCm: between(0.1, 10),
    /** such as "50 % w/v, filtered" */
    dilution: requiredText(80, 'dilutionMissing'),
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
      const message = 'absorbanceBeyond';
      context.addIssue({ code: 'custom', path: ['read', 'absorbance'], message });
    }
  });
export type ColourContent = z.infer<typeof colourContentSchema>;

export const colourKind = recordKind({
  kind: 'colour',
  table: 'colours',
  since: 3,
  owner: 'lot',
  part: 'lot',
  content: colourContentSchema,
  refers: (content) => [{ path: 'containerId', id: content.containerId, kind: 'container' }],
});
export type ColourReading = RevisionOf<typeof colourKind>;
