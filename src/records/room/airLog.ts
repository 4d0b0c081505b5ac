import { recordKind, type RevisionOf } from '../recordKind';
import { remarkField } from '../fields';
import { momentField } from '../moments';
import { z } from '../zod';

export const LOG_PLACES = ['inside', 'outside'] as const;
export type LogPlace = (typeof LOG_PLACES)[number];

export const LOG_SOURCES = ['typed', 'file', 'stand-in'] as const;

/** Most entries of one log; a month by the minute is more than any forecast needs. */
export const MOST_LOG_ENTRIES = 50_000;

const AIR = 'Air in or about a room has −30 to 60 °C.';
const HUMIDITY = 'Humidity lies between 0 and 100 %.';

export const airLogContentSchema = z
  .object({
    place: z.enum(LOG_PLACES),
    source: z.enum(LOG_SOURCES),
    startedAt: momentField,
    /** since it started, ascending [min] */
    minutes: z.array(z.number().min(0)).min(1, 'A log has entries.').max(MOST_LOG_ENTRIES),
    temperatureC: z.array(z.number().min(-30, AIR).max(60, AIR)),
    /** [1] */
    relativeHumidity: z.array(z.number().min(0, HUMIDITY).max(1, HUMIDITY)),
    remark: remarkField,
  })
  .superRefine(({ minutes, temperatureC, relativeHumidity }, context) => {
    const even =
      minutes.length === temperatureC.length && minutes.length === relativeHumidity.length;
    const rising = minutes.every((one, at) => at === 0 || one > (minutes[at - 1] ?? 0));
    const message = even ? 'The entries of a log go forward in time.' : 'Every entry has a time.';
    if (!even || !rising) context.addIssue({ code: 'custom', path: ['minutes'], message });
  });
export type AirLogContent = z.infer<typeof airLogContentSchema>;

export const airLogKind = recordKind({
  kind: 'air-log',
  name: 'Logs of air',
  table: 'airLogs',
  since: 3,
  owner: 'warm-room',
  part: 'warm-room',
  content: airLogContentSchema,
  chain: ({ ownerId }) => ({ anchors: [ownerId], follows: [] }),
});
export type AirLog = RevisionOf<typeof airLogKind>;
