import { WAX_ACTS, WAX_FORMS } from '../../core';
import { recordKind, type RevisionOf } from '../recordKind';
import { between, remarkField } from '../fields';
import { dayField } from '../moments';
import { z } from '../zod';

const massField = between(0.001, 10_000).nullable();

/** Wax that came in, was melted, was made into something, or went out. */
export const waxContentSchema = z
  .object({
    act: z.enum(WAX_ACTS),
    day: dayField,
    /** what was taken; null where it came in */
    from: z.enum(WAX_FORMS).nullable(),
    fromKg: massField,
    /** what came of it; null where it went out */
    into: z.enum(WAX_FORMS).nullable(),
    intoKg: massField,
    remark: remarkField,
  })
  .superRefine(({ act, from, fromKg, into, intoKg }, context) => {
    const miss = (path: string): void =>
      context.addIssue({ code: 'custom', path: [path], message: 'missing' });
    if (act !== 'gathered' && from === null) miss('from');
    if (act !== 'gathered' && fromKg === null) miss('fromKg');
    if (act !== 'gone' && into === null) miss('into');
    if (act !== 'gone' && intoKg === null) miss('intoKg');
    if (fromKg !== null && intoKg !== null && intoKg > fromKg + 1e-9) {
      context.addIssue({ code: 'custom', path: ['intoKg'], message: 'moreThanTaken' });
    }
  });
export type WaxContent = z.infer<typeof waxContentSchema>;

export const waxKind = recordKind({
  kind: 'wax',
  table: 'wax',
  since: 10,
  owner: null,
  part: null,
  content: waxContentSchema,
});
export type Wax = RevisionOf<typeof waxKind>;
