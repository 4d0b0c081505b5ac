import {
  OIL_ND20_RANGE,
  OIL_PER_C_RANGE,
  OLIVE_OIL_REFERENCE,
  REFERENCE_KINDS,
  WATER_REFERENCE,
  certifiedOil,
  referenceDialRange,
  zeroOffset,
  type Reference,
  type ReferenceKind,
  type ZeroPoint,
} from '../../core';
import { recordKind, type RevisionOf } from '../recordKind';
import { between, remarkField, wrong, roughly } from '../fields';
import { meterShape, prismTemperatureField } from './meterFields';
import { dayOfMoment, initialsField, momentField } from '../moments';
import { z } from '../zod';

/** Most looks at the reference in one check. */
export const MOST_LOOKS = 5;

interface ReferenceFields {
  readonly reference: ReferenceKind;
  readonly statedNd20: number | null;
  readonly indexPerC: number | null;
}

/** The substance that a check was made with. */
export function referenceOf({ reference, statedNd20, indexPerC }: ReferenceFields): Reference {
  switch (reference) {
    case 'certified-oil':
      return certifiedOil(statedNd20 ?? NaN, indexPerC ?? undefined);
    case 'olive-oil':
      return OLIVE_OIL_REFERENCE;
    case 'water':
      return WATER_REFERENCE;
  }
}

const within = (value: number, [low, high]: readonly [number, number]): boolean =>
  value >= low && value <= high;

/** Whether a reference can be made of what was typed. */
function isReference({ reference, statedNd20, indexPerC }: ReferenceFields): boolean {
  if (reference !== 'certified-oil') return true;
  const fits = indexPerC === null || within(indexPerC, OIL_PER_C_RANGE);
  return statedNd20 !== null && within(statedNd20, OIL_ND20_RANGE) && fits;
}

export const zeroCheckContentSchema = z
  .object({
    reference: z.enum(REFERENCE_KINDS),
    /** index at 20 °C as the label of the oil states it; null for the others */
    statedNd20: between(OIL_ND20_RANGE[0], OIL_ND20_RANGE[1]).nullable(),
    /** its fall per °C as stated; null for the usual one */
    indexPerC: between(OIL_PER_C_RANGE[0], OIL_PER_C_RANGE[1]).nullable(),
    /** the meter as it was then */
    ...meterShape,
    dialValues: z
      .array(z.number())
      .min(1, 'dialMissing')
      .max(MOST_LOOKS, wrong('tooMany', MOST_LOOKS)),
    temperatureC: prismTemperatureField,
    /** the meter was set right afterwards */
    adjusted: z.boolean(),
    takenAt: momentField,
    who: initialsField,
    remark: remarkField,
  })
  .superRefine((check, context) => {
    const fail = (path: string, message: string): void =>
      context.addIssue({ code: 'custom', path: [path], message });
    if (check.reference === 'certified-oil' && check.statedNd20 === null) {
      return fail('statedNd20', 'statedIndexMissing');
    }
    // Fields that are wrong by themselves are said already; nothing can be computed with them.
    if (!isReference(check)) return;
    const range = referenceDialRange(referenceOf(check), check.scale);
    if (!range) return fail('reference', 'waterScaleTakeOil');
    const at = check.dialValues.findIndex(
      (dialValue) => !(dialValue >= range[0] && dialValue <= range[1]),
    );
    if (at < 0) return;
    fail(
      `dialValues.${at}`,
      wrong('notOnReference', check.dialValues[at] ?? NaN, ...range.map(roughly)),
    );
  });
export type ZeroCheckContent = z.infer<typeof zeroCheckContentSchema>;

export const zeroCheckKind = recordKind({
  kind: 'zero-check',
  table: 'zeroChecks',
  since: 3,
  owner: 'instrument',
  part: 'book',
  content: zeroCheckContentSchema,
  chain: ({ ownerId }) => ({ anchors: [ownerId], follows: [] }),
});
export type ZeroCheckRecord = RevisionOf<typeof zeroCheckKind>;

/** A check as a point of the meter's history. */
export function zeroPointOf(check: ZeroCheckRecord): ZeroPoint {
  const { content, id } = check;
  const { dialValues, temperatureC, adjusted, takenAt } = content;
  const found = zeroOffset({ reference: referenceOf(content), dialValues, temperatureC }, content);
  return { ...found, id, adjusted, atDay: dayOfMoment(takenAt) };
}
