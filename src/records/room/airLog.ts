import { recordKind, type RevisionOf } from '../recordKind';
import { between, remarkField } from '../fields';
import { momentField } from '../moments';
import { z } from '../zod';

export const LOG_PLACES = ['inside', 'outside'] as const;
export type LogPlace = (typeof LOG_PLACES)[number];

export const LOG_SOURCES = ['typed', 'file', 'stand-in'] as const;

/** Most entries of one log; a month by the minute is more than any forecast needs. */
export const MOST_LOG_ENTRIES = 50_000;

export const airLogContentSchema = z
  .object({
    place: z.enum(LOG_PLACES),
    source: z.enum(LOG_SOURCES),
    startedAt: momentField,
    /** since it started, ascending [min] */
    minutes: z.array(z.number().min(0)).min(1, 'logEmpty').max(MOST_LOG_ENTRIES),
    temperatureC: z.array(between(-30, 60)),
    /** [1] */
    relativeHumidity: z.array(between(0, 1)),
    remark: remarkField,
  })
  .superRefine(({ minutes, temperatureC, relativeHumidity }, context) => {
    const even =
      minutes.length === temperatureC.length && minutes.length === relativeHumidity.length;
    const rising = minutes.every((minute, at) => at === 0 || minute > (minutes[at - 1] ?? 0));
    const message = even ? 'notForward' : 'entriesUneven';
    if (!even || !rising) context.addIssue({ code: 'custom', path: ['minutes'], message });
  });
export type AirLogContent = z.infer<typeof airLogContentSchema>;

export const airLogKind = recordKind({
  kind: 'air-log',
  table: 'airLogs',
  since: 3,
  owner: 'warm-room',
  part: 'warm-room',
  content: airLogContentSchema,
  chain: ({ ownerId }) => ({ anchors: [ownerId], follows: [] }),
});
export type AirLog = RevisionOf<typeof airLogKind>;
