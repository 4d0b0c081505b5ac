import { recordKind, type RevisionOf } from '../recordKind';
import { between } from '../fields';
import { momentField } from '../moments';
import { z } from '../zod';

const WEIGHT = 'A frame weighs 0.1 to 20 kg.';

/** A frame before and after spinning, with wood and wax. */
export const frameWeighingContentSchema = z
  .object({
    label: z.string().trim().max(40, 'Keep it under 40 letters.'),
    takenAt: momentField,
    beforeKg: between(0.1, 20, WEIGHT),
    afterKg: between(0.1, 20, WEIGHT),
    tareKg: between(0.05, 5, 'An empty frame weighs 0.05 to 5 kg.'),
    /** of scale and tare together, either way [kg] */
    plusMinusKg: between(0, 2, 'What it may be off by lies between 0 and 2 kg.'),
  })
  .superRefine(({ beforeKg, afterKg, tareKg }, context) => {
    const say = (path: string, message: string): void =>
      context.addIssue({ code: 'custom', path: [path], message });
    if (beforeKg < tareKg + 0.05)
      say('beforeKg', 'With honey it weighs more than the empty frame.');
    if (afterKg > beforeKg) say('afterKg', 'Spun, it does not weigh more than before.');
  });
export type FrameWeighingContent = z.infer<typeof frameWeighingContentSchema>;

export const frameWeighingKind = recordKind({
  kind: 'frame-weighing',
  name: 'Frames weighed',
  table: 'frameWeighings',
  since: 4,
  owner: 'extraction',
  part: 'extraction',
  content: frameWeighingContentSchema,
});
export type FrameWeighing = RevisionOf<typeof frameWeighingKind>;
