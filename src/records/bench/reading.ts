import { SAMPLE_STATES, SPOTS, interpretReading, type DialReading } from '../../core';
import { MOST_VESSELS } from '../lots/container';
import { idSchema } from '../envelope';
import { recordKind, type RevisionOf } from '../recordKind';
import {
  atcRangeField,
  honeyDialTrouble,
  honeyTemperatureField,
  meterShape,
  prismTemperatureField,
} from './meterFields';
import { initialsField, momentField } from '../moments';
import { z } from '../zod';
import { textField } from '../fields';

/** How a reading came in. */
export const READING_SOURCES = ['typed', 'table', 'file', 'eyepiece', 'meter', 'serial'] as const;

export const readingContentSchema = z
  .object({
    /** the container it was taken from, null where it stands for the lot as a whole */
    containerId: idSchema.nullable(),
    /** which of the vessels of that container entry, counted from 1 */
    item: z.number().int().min(1).max(MOST_VESSELS).nullable(),
    spot: z.enum(SPOTS),
    /** the meter, null where none of one's own is named */
    instrumentId: idSchema.nullable(),
    ...meterShape,
    /** null where the meter has no ATC or does not fail */
    atcRangeC: atcRangeField.nullable(),
    /** what is known of a meter that is not named; a named one has its checks */
    zeroCheck: z.enum(['checked', 'unchecked']),
    /** as read, in the unit of the scale */
    dialValue: z.number(),
    /** of prism and honey, null where not noted */
    temperatureC: prismTemperatureField.nullable(),
    /** of the honey where noted apart from the prism */
    honeyTemperatureC: honeyTemperatureField.nullable(),
    sample: z.enum(SAMPLE_STATES),
    takenAt: momentField,
    reader: initialsField,
    source: z.enum(READING_SOURCES),
    /** standard deviation of the settled stretch of a stream, in the unit of the scale */
    settledStandard: z.number().min(0).nullable(),
    /** taken from a stand-in for practice: teaches how well one reads, says nothing of the honey */
    practice: z.boolean(),
    remark: textField(300),
  })
  .superRefine((reading, context) => {
    const fail = (message: string): void =>
      context.addIssue({ code: 'custom', path: ['dialValue'], message });
    const trouble = honeyDialTrouble(reading.scale, reading.dialValue);
    if (trouble !== null) return fail(trouble);
    if (!prismTemperatureField.nullable().safeParse(reading.temperatureC).success) return;
    if (interpretReading(dialReadingOf(reading)).status !== 'read') {
      fail('readingBeyondHoney');
    }
  });
export type ReadingContent = z.infer<typeof readingContentSchema>;

/** What the core reads of a reading, without what is known of its meter. */
export function dialReadingOf(
  reading: Pick<
    ReadingContent,
    'scale' | 'dialValue' | 'temperatureC' | 'honeyTemperatureC' | 'atc' | 'atcRangeC' | 'sample'
  >,
): DialReading {
  const { scale, dialValue, temperatureC, honeyTemperatureC, atc, atcRangeC, sample } = reading;
  return {
    scale,
    dialValue,
    temperatureC,
    honeyTemperatureC,
    atc,
    sample,
    ...(atcRangeC && { atcRangeC }),
  };
}

export const readingKind = recordKind({
  kind: 'reading',
  table: 'readings',
  since: 1,
  owner: 'lot',
  part: 'lot',
  content: readingContentSchema,
  refers: (content) => [
    { path: 'containerId', id: content.containerId, kind: 'container' },
    { path: 'instrumentId', id: content.instrumentId, kind: 'instrument' },
  ],
  follows: ({ instrumentId }) => [instrumentId],
});
export type Reading = RevisionOf<typeof readingKind>;
