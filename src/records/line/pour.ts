import { recordKind, type RevisionOf } from '../recordKind';
import { between, requiredText, wrong } from '../fields';
import { momentField } from '../moments';
import { z } from '../zod';

/** A vessel that fills under an open gate, with what was in it at some times. */
export const pourContentSchema = z
  .object({
    label: requiredText(40, 'nameMissing'),
    fullKg: between(0.1, 2000),
    /** when the gate was opened */
    openedAt: momentField,
    /** in it when the gate was opened [kg] */
    startKg: between(0, 2000),
    /** flow expected of the strainer, until the pail itself was read [kg/min] */
    expectedKgPerMin: between(0, 1000),
    /** whether the mesh was clean then: only such a pail tells how fast it clogs */
    meshClean: z.boolean(),
    /** read from a scale or a line on the pail, in order */
    marks: z
      .array(z.object({ at: momentField, kg: between(0, 2000) }))
      .max(50, wrong('tooMany', 50)),
    /** null while the gate is open */
    closedAt: momentField.nullable(),
  })
  .superRefine(({ fullKg, startKg, openedAt, marks, closedAt }, context) => {
    const fail = (path: (string | number)[], message: string): void =>
      context.addIssue({ code: 'custom', path, message });
    if (startKg >= fullKg) fail(['startKg'], 'fullAlready');
    let [lastAt, lastKg] = [openedAt, startKg];
    marks.forEach((mark, at) => {
      if (mark.at <= lastAt) fail(['marks', at, 'at'], 'notForward');
      if (mark.kg < lastKg) fail(['marks', at, 'kg'], 'pailLighter');
      [lastAt, lastKg] = [mark.at, mark.kg];
    });
    if (closedAt !== null && closedAt < lastAt) fail(['closedAt'], 'gateShutBefore');
  });
export type PourContent = z.infer<typeof pourContentSchema>;

export const pourKind = recordKind({
  kind: 'pour',
  table: 'pours',
  since: 4,
  owner: 'extraction',
  part: 'extraction',
  content: pourContentSchema,
  chain: ({ ownerId }) => ({ anchors: [ownerId], follows: [] }),
});
export type Pour = RevisionOf<typeof pourKind>;
