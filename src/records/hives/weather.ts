import { WEATHER_RANGE_C } from '../../core';
import { idSchema } from '../envelope';
import { recordKind, type RevisionOf } from '../recordKind';
import { between, wrong } from '../fields';
import { dayField } from '../moments';
import { z } from '../zod';

/** Where a forecast came from. */
export const WEATHER_SOURCES = ['typed', 'file', 'stand-in'] as const;

/** Days of one forecast at most. */
export const MOST_WEATHER_DAYS = 60;

const weatherDaySchema = z
  .object({
    day: dayField,
    /** by day [°C] */
    highestC: between(...WEATHER_RANGE_C),
    /** by night [°C] */
    lowestC: between(...WEATHER_RANGE_C),
    /** null where nobody said */
    rainMm: between(0, 500).nullable(),
  })
  .refine((day) => day.highestC >= day.lowestC, {
    path: ['highestC'],
    message: 'highestBelowLowest',
  });

/** Weather to come, day by day, as it was typed, pasted or sent; the later record of a day holds. */
export const weatherContentSchema = z.object({
  /** null: all yards */
  yardId: idSchema.nullable(),
  source: z.enum(WEATHER_SOURCES),
  days: z
    .array(weatherDaySchema)
    .min(1, 'weatherEmpty')
    .max(MOST_WEATHER_DAYS, wrong('tooMany', MOST_WEATHER_DAYS)),
});
export type WeatherContent = z.infer<typeof weatherContentSchema>;

export const weatherKind = recordKind({
  kind: 'weather',
  table: 'weathers',
  since: 9,
  owner: null,
  part: null,
  content: weatherContentSchema,
  refers: (content) => [{ path: 'yardId', id: content.yardId, kind: 'yard' }],
});
export type Weather = RevisionOf<typeof weatherKind>;
