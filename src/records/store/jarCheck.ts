import { JAR_FAULTS } from '../../core';
import { idSchema } from '../envelope';
import { recordKind, type RevisionOf } from '../recordKind';
import { between, remarkField, wrong } from '../fields';
import { momentField } from '../moments';
import { z } from '../zod';

/** Most jars that are weighed at one check. */
export const MOST_CHECKED = 200;

/** Some jars of a run weighed, and looked at as a judge does. */
export const jarCheckContentSchema = z.object({
  packingId: idSchema,
  at: momentField,
  /** jar and lid without honey [g]; 0 where net weights were typed */
  tareG: between(0, 10_000),
  /** as the scale showed them [g] */
  weightsG: z.array(between(0, 40_000)).max(MOST_CHECKED, wrong('tooMany', MOST_CHECKED)),
  faults: z.array(z.enum(JAR_FAULTS)),
  remark: remarkField,
});
export type JarCheckContent = z.infer<typeof jarCheckContentSchema>;

export const jarCheckKind = recordKind({
  kind: 'jar-check',
  table: 'jarChecks',
  since: 10,
  owner: 'lot',
  part: 'lot',
  content: jarCheckContentSchema,
  refers: (content) => [{ path: 'packingId', id: content.packingId, kind: 'packing' }],
});
export type JarCheck = RevisionOf<typeof jarCheckKind>;
