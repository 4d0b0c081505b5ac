import { recordKind, type RevisionOf } from '../recordKind';
import { between } from '../fields';
import { momentField } from '../moments';
import { z } from '../zod';

const KG = 'A pail holds 0 to 2,000 kg.';

/** A vessel that fills under an open gate, with what was in it at some times. */
export const pourContentSchema = z
  .object({
    label: z.string().trim().min(1, 'Name the pail.').max(40, 'Keep the name under 40 letters.'),
    fullKg: between(0.1, 2000, 'A full pail holds 0.1 to 2,000 kg.'),
    /** when the gate was opened */
    openedAt: momentField,
    /** in it when the gate was opened [kg] */
    startKg: between(0, 2000, KG),
    /** flow expected of the strainer, until the pail itself was read [kg/min] */
    expectedKgPerMin: between(0, 1000, 'A gate lets 0 to 1,000 kg a minute through.'),
    /** whether the mesh was clean then: only such a pail tells how fast it clogs */
    meshClean: z.boolean(),
    /** read from a scale or a line on the pail, in order */
    marks: z
      .array(z.object({ at: momentField, kg: between(0, 2000, KG) }))
      .max(50, 'Enough marks.'),
    /** null while the gate is open */
    closedAt: momentField.nullable(),
  })
  .superRefine(({ fullKg, startKg, openedAt, marks, closedAt }, context) => {
    const say = (path: (string | number)[], message: string): void =>
      context.addIssue({ code: 'custom', path, message });
    if (startKg >= fullKg) say(['startKg'], 'It is full already.');
    let [lastAt, lastKg] = [openedAt, startKg];
    marks.forEach((mark, at) => {
      if (mark.at <= lastAt) say(['marks', at, 'at'], 'Marks go forward in time.');
      if (mark.kg < lastKg) say(['marks', at, 'kg'], 'A pail under a gate does not get lighter.');
      [lastAt, lastKg] = [mark.at, mark.kg];
    });
    if (closedAt !== null && closedAt < lastAt) say(['closedAt'], 'The gate was shut after that.');
  });
export type PourContent = z.infer<typeof pourContentSchema>;

export const pourKind = recordKind({
  kind: 'pour',
  name: 'Pails under the gate',
  table: 'pours',
  since: 4,
  owner: 'extraction',
  part: 'extraction',
  content: pourContentSchema,
  chain: ({ ownerId }) => ({ anchors: [ownerId], follows: [] }),
});
export type Pour = RevisionOf<typeof pourKind>;
