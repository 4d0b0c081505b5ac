import { recordKind, type RevisionOf } from '../recordKind';
import { between, textField } from '../fields';
import { momentField } from '../moments';
import { z } from '../zod';

/** A frame before and after spinning, with wood and wax. */
export const frameWeighingContentSchema = z
  .object({
    label: textField(40),
    takenAt: momentField,
    beforeKg: between(0.1, 20),
    afterKg: between(0.1, 20),
    tareKg: between(0.05, 5),
    /** of scale and tare together, either way [kg] */
    plusMinusKg: between(0, 2),
  })
  .superRefine(({ beforeKg, afterKg, tareKg }, context) => {
    const fail = (path: string, message: string): void =>
      context.addIssue({ code: 'custom', path: [path], message });
    if (beforeKg < tareKg + 0.05) fail('beforeKg', 'lighterThanEmpty');
    if (afterKg > beforeKg) fail('afterKg', 'heavierThanBefore');
  });
export type FrameWeighingContent = z.infer<typeof frameWeighingContentSchema>;

export const frameWeighingKind = recordKind({
  kind: 'frame-weighing',
  table: 'frameWeighings',
  since: 4,
  owner: 'extraction',
  part: 'extraction',
  content: frameWeighingContentSchema,
});
export type FrameWeighing = RevisionOf<typeof frameWeighingKind>;
