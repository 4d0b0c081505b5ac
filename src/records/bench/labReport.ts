import { LAB_QUANTITIES, LAB_RANGES, type LabQuantity } from '../../core';
import { recordKind, type RevisionOf } from '../recordKind';
import { nameField, remarkField } from '../fields';
import { dayField } from '../moments';
import { z } from '../zod';

const SHARE_SENTENCE = 'A share of pollen is 0 to 100 %.';

function valueSchema(quantity: LabQuantity) {
  const [low, high] = LAB_RANGES[quantity];
  const sentence = `Laboratories report ${low} to ${high} here.`;
  return z.object({
    value: z.number().min(low, sentence).max(high, sentence),
    /** expanded uncertainty (k = 2), null where none is stated */
    expanded: z.number().min(0, 'A ± is 0 or more.').nullable(),
  });
}

const valuesSchema = z.object(
  Object.fromEntries(LAB_QUANTITIES.map((one) => [one, valueSchema(one).optional()])) as {
    [Q in LabQuantity]: z.ZodOptional<ReturnType<typeof valueSchema>>;
  },
);

export const labReportContentSchema = z
  .object({
    laboratory: nameField('the laboratory', 80),
    reportNumber: z.string().trim().max(60, 'Keep the number under 60 letters.'),
    day: dayField,
    values: valuesSchema,
    pollen: z
      .array(
        z.object({
          plant: nameField('the plant'),
          percent: z.number().min(0, SHARE_SENTENCE).max(100, SHARE_SENTENCE),
        }),
      )
      .max(40),
    remark: remarkField,
  })
  .superRefine(({ values, pollen }, context) => {
    if (pollen.reduce((sum, one) => sum + one.percent, 0) > 101) {
      const message = 'The shares of pollen add up to more than 100 %.';
      context.addIssue({ code: 'custom', path: ['pollen'], message });
    }
    if (Object.values(values).every((one) => one === undefined) && pollen.length === 0) {
      const message = 'Type at least one value of the report.';
      context.addIssue({ code: 'custom', path: ['values'], message });
    }
  });
export type LabReportContent = z.infer<typeof labReportContentSchema>;

export const labReportKind = recordKind({
  kind: 'lab-report',
  name: 'Laboratory reports',
  table: 'labReports',
  since: 3,
  owner: 'lot',
  part: 'lot',
  content: labReportContentSchema,
});
export type LabReport = RevisionOf<typeof labReportKind>;
