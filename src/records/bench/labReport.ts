import { LAB_QUANTITIES, LAB_RANGES, type LabQuantity } from '../../core';
import { recordKind, type RevisionOf } from '../recordKind';
import { atLeast, between, nameField, remarkField, textField } from '../fields';
import { dayField } from '../moments';
import { z } from '../zod';

function valueSchema(quantity: LabQuantity) {
  const [low, high] = LAB_RANGES[quantity];
  return z.object({
    value: between(low, high),
    /** expanded uncertainty (k = 2), null where none is stated */
    expanded: atLeast(0).nullable(),
  });
}

const valuesSchema = z.object(
  Object.fromEntries(
    LAB_QUANTITIES.map((labQuantity) => [labQuantity, valueSchema(labQuantity).optional()]),
  ) as {
    [Q in LabQuantity]: z.ZodOptional<ReturnType<typeof valueSchema>>;
  },
);

export const labReportContentSchema = z
  .object({
    laboratory: nameField(80),
    reportNumber: textField(60),
    day: dayField,
    values: valuesSchema,
    pollen: z
      .array(
        z.object({
          plant: nameField(),
          percent: between(0, 100),
        }),
      )
      .max(40),
    remark: remarkField,
  })
  .superRefine(({ values, pollen }, context) => {
    if (pollen.reduce((sum, item) => sum + item.percent, 0) > 101) {
      const message = 'pollenOver';
      context.addIssue({ code: 'custom', path: ['pollen'], message });
    }
    if (Object.values(values).every((value) => value === undefined) && pollen.length === 0) {
      const message = 'reportEmpty';
      context.addIssue({ code: 'custom', path: ['values'], message });
    }
  });
export type LabReportContent = z.infer<typeof labReportContentSchema>;

export const labReportKind = recordKind({
  kind: 'lab-report',
  table: 'labReports',
  since: 3,
  owner: 'lot',
  part: 'lot',
  content: labReportContentSchema,
});
export type LabReport = RevisionOf<typeof labReportKind>;
