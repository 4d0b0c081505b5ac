import { celsiusFromFahrenheit } from '../../../core';
import { localDayOf } from '../../../model';
import type { Preferences } from '../../../records';
import { weatherEntry, type WeatherForm } from '../../forms/hives/weatherForm';
import { cellsOf, looksLikeHeading } from '../../format/cells';
import { cellOf, columnsByHeading, numericColumns, type Columns } from '../../format/columns';
import { readDecimal } from '../../format/decimal';
import { guessDateOrder, logMoments, readLogTime, type LogTime } from '../../format/logTimes';

type WeatherField = 'day' | 'highest' | 'lowest' | 'rain';

const HEADINGS: Readonly<Record<WeatherField, RegExp>> = {
  day: /date|day|when/i,
  highest: /high|max|warm/i,
  lowest: /low|min|night|cold/i,
  rain: /rain|precip|mm\b/i,
};

/** Warmer than any day in °C: then temperatures are in °F. */
const WARMEST_C = 48;

const valueOf = (text: string): number | null => {
  const read = readDecimal(text);
  return read.ok ? read.value : null;
};

/** Columns by their headings, else in the order day, highest, lowest, rain. */
function columnsOf(
  heading: readonly string[],
  rows: readonly (readonly string[])[],
): Columns<WeatherField> {
  const found = columnsByHeading(heading, HEADINGS);
  const taken = new Set(Object.values(found));
  if (found.day === '' && !taken.has('0')) found.day = '0';
  const numeric = numericColumns(rows).filter(
    (at) => String(at) !== found.day && !taken.has(String(at)),
  );
  for (const field of ['highest', 'lowest', 'rain'] as const) {
    if (found[field] === '') found[field] = String(numeric.shift() ?? '');
  }
  return found;
}

/** A pasted forecast: days as the form has them, and lines that say none. */
export interface PastedWeather {
  readonly days: WeatherForm['days'];
  readonly bad: number;
}

/** A forecast from the lines of a table, its temperatures in the keeper's unit. */
export function pastedWeather(text: string, preferences: Preferences): PastedWeather {
  const cells = cellsOf(text, 400);
  const hasHeading = looksLikeHeading(cells);
  const rows = hasHeading ? cells.slice(1) : cells;
  const heading = hasHeading ? (cells[0] ?? []) : [];
  const columns = columnsOf(heading, rows);
  const order = guessDateOrder(rows.map((row) => cellOf(row, columns, 'day')));
  const read = rows.flatMap((row) => {
    const time = readLogTime(cellOf(row, columns, 'day'), order);
    const highest = valueOf(cellOf(row, columns, 'highest'));
    const lowest = valueOf(cellOf(row, columns, 'lowest'));
    const rainMm = valueOf(cellOf(row, columns, 'rain'));
    return time === null || highest === null || lowest === null
      ? []
      : [{ time, highest, lowest, rainMm }];
  });
  const isWarm = read.some(({ highest }) => highest > WARMEST_C);
  const isFahrenheit = isWarm || /°?\s*F\b/.test(heading[Number(columns.highest)] ?? '');
  const celsius = (value: number): number => (isFahrenheit ? celsiusFromFahrenheit(value) : value);
  const moments = logMoments(read.map(({ time }): LogTime => time));
  const days = read.map(({ highest, lowest, rainMm }, at) => ({
    day: localDayOf(moments[at] ?? 0),
    highestC: celsius(highest),
    lowestC: celsius(lowest),
    rainMm,
  }));
  const form = weatherEntry.fill({ yardId: null, source: 'file', days }, preferences);
  return { days: form.days, bad: rows.length - read.length };
}
