import { addDays, format, parseISO } from 'date-fns';
import type { Preferences, WeatherContent } from '../../../records';
import { weatherContentSchema } from '../../../records/hives/weather';
import type { FormOf } from '../../entry/codec';
import { asIs, day, number, oneOf, optional, quantity } from '../../entry/codecs';
import { entryOf } from '../../entry/entry';
import { group, list } from '../../entry/groups';
import type { Parsed } from '../../entry/reader';
import { whenWords } from '../../words/english/when';

/** Days that stand ready to be typed. */
const READY_DAYS = 7;

const dayFields = {
  day: day(whenWords.day()),
  highestC: quantity('temperature', whenWords.highest()),
  lowestC: quantity('temperature', whenWords.lowest()),
  rainMm: optional(number(whenWords.rain(), { unit: 'mm', digits: 1 })),
};

/** Weather of the days to come. */
export const weatherEntry = entryOf(weatherContentSchema, {
  yardId: optional(oneOf(whenWords.weatherFor(), '')),
  source: asIs<WeatherContent['source']>('typed'),
  days: list(group(dayFields)),
});
export type WeatherForm = FormOf<typeof weatherEntry.fields>;
type WeatherRow = WeatherForm['days'][number];

const isTyped = ({ highestC, lowestC, rainMm }: WeatherRow): boolean =>
  [highestC, lowestC, rainMm].some((text) => text.trim() !== '');

/** The week from a day on, each day waiting for its temperatures. */
export const freshWeather = (today: string): WeatherForm => ({
  yardId: '',
  source: 'typed',
  days: Array.from({ length: READY_DAYS }, (_, at) => ({
    day: format(addDays(parseISO(today), at), 'yyyy-MM-dd'),
    highestC: '',
    lowestC: '',
    rainMm: '',
  })),
});

/** What was typed; days left empty are no days. What is wrong stands at its own row. */
export function readWeather(form: WeatherForm, preferences: Preferences): Parsed<WeatherContent> {
  const rows = form.days.map((row, at) => ({ row, at })).filter(({ row }) => isTyped(row));
  const read = weatherEntry.read({ ...form, days: rows.map(({ row }) => row) }, preferences);
  if (read.ok) return read;
  const errors = Object.entries(read.errors).map(([path, error]) => [
    path.replace(/^days\.(\d+)/, (_, at: string) => `days.${rows[Number(at)]?.at ?? at}`),
    error,
  ]);
  return { ok: false, errors: Object.fromEntries(errors) as typeof read.errors };
}
