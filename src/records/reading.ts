import { DIAL_RANGES, PRISM_RANGE_C, SCALES, interpretReading } from '../core';
import { envelopeShape, idSchema } from './envelope';
import { MOST_VESSELS } from './container';
import { z } from './zod';

const PRISM_SENTENCE = `The meter can be corrected between ${PRISM_RANGE_C[0]} and ${PRISM_RANGE_C[1]} °C; let meter and honey come to room temperature.`;

export const readingContentSchema = z
  .object({
    /** the container it was taken from, null where it stands for the lot as a whole */
    containerId: idSchema.nullable(),
    /** which of the vessels of that container entry, counted from 1 */
    item: z.number().int().min(1).max(MOST_VESSELS).nullable(),
    scale: z.enum(SCALES),
    /** as read, in the unit of the scale */
    dialValue: z.number(),
    /** of prism and honey, null where not noted */
    temperatureC: z
      .number()
      .min(PRISM_RANGE_C[0], PRISM_SENTENCE)
      .max(PRISM_RANGE_C[1], PRISM_SENTENCE)
      .nullable(),
    /** the meter compensates temperature by itself */
    atc: z.boolean(),
    /** one division of the dial, in the unit of the scale */
    resolution: z
      .number()
      .gt(0, 'One division of the dial is more than 0.')
      .max(10, 'One division of the dial is at most 10.'),
    zeroCheck: z.enum(['checked', 'unchecked']),
    remark: z.string().trim().max(300, 'Keep the remark under 300 letters.'),
  })
  .superRefine((reading, context) => {
    const [low, high] = DIAL_RANGES[reading.scale];
    if (!(reading.dialValue >= low && reading.dialValue <= high)) {
      const message = `No honey shows ${reading.dialValue} on this scale; it runs from ${low.toPrecision(4)} to ${high.toPrecision(4)}.`;
      context.addIssue({ code: 'custom', path: ['dialValue'], message });
      return;
    }
    const prism = reading.temperatureC ?? 20;
    if (prism < PRISM_RANGE_C[0] || prism > PRISM_RANGE_C[1]) return;
    if (interpretReading(reading).status !== 'read') {
      const message =
        'Corrected for temperature this is beyond any honey (12 to 30 % water); check dial and temperature.';
      context.addIssue({ code: 'custom', path: ['dialValue'], message });
    }
  });
export type ReadingContent = z.infer<typeof readingContentSchema>;

export const readingSchema = z.object({
  ...envelopeShape,
  kind: z.literal('reading'),
  content: readingContentSchema,
});
export type Reading = z.infer<typeof readingSchema>;
