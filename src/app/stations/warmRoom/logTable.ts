import {
  DAY_MS,
  celsiusFromFahrenheit,
  logGaps,
  logSpikes,
  type AirSeries,
  type LogGap,
  type LogSpike,
} from '../../../core';
import {
  MOST_LOG_ENTRIES,
  airLogContentSchema,
  type AirLogContent,
  type LogPlace,
} from '../../../records';
import { cellsOf, looksLikeHeading } from '../../format/cells';
import { cellOf, columnsByHeading, numericColumns, type Columns } from '../../format/columns';
import { readDecimal } from '../../format/decimal';
import {
  guessDateOrder,
  logMoments,
  readLogTime,
  type DateOrder,
  type LogTime,
} from '../../format/logTimes';
import { commonWords } from '../../words/english/common';
import { roomWords } from '../../words/english/room';

/** Columns that a logger's table may have. */
export const LOG_FIELDS = ['time', 'clock', 'temperature', 'humidity'] as const;
export type LogField = (typeof LOG_FIELDS)[number];

export const LOG_FIELD_NAMES: Readonly<Record<LogField, string>> = {
  time: roomWords.dateWithOrWithoutTime(),
  clock: roomWords.timeOfDayWhereApart(),
  temperature: commonWords.temperature(),
  humidity: roomWords.relativeHumidity(),
};

/** A logger's table as it is matched. */
export interface LogForm {
  paste: string;
  heading: 'yes' | 'no';
  columns: Columns<LogField>;
  order: DateOrder;
  unit: 'C' | 'F';
  place: LogPlace;
}

export const FRESH_LOG: LogForm = {
  paste: '',
  heading: 'yes',
  columns: { time: '', clock: '', temperature: '', humidity: '' },
  order: 'iso',
  unit: 'C',
  place: 'inside',
};

const HEADINGS: Readonly<Record<LogField, RegExp>> = {
  humidity: /hum|r\.?h\.?\b|feucht/i,
  temperature: /temp|°\s*[cf]|celsius|fahrenheit/i,
  time: /date|stamp|zeit|when|^time$/i,
  clock: /^time|clock|hour/i,
};

/** Warmer than any room in °C: then the column is in °F [°C]. */
const WARMEST_ROOM_C = 48;

const numbersIn = (cells: readonly string[]): number[] =>
  cells.flatMap((cell) => {
    const typed = readDecimal(cell);
    return typed.ok ? [typed.value] : [];
  });

const meanOf = (values: readonly number[]): number =>
  values.reduce((sum, value) => sum + value, 0) / Math.max(1, values.length);

function columnsBy(
  heading: readonly string[],
  rows: readonly (readonly string[])[],
): LogForm['columns'] {
  const found = columnsByHeading(heading, HEADINGS);
  const taken = new Set(Object.values(found));
  const numeric = numericColumns(rows).filter((at) => !taken.has(String(at)));
  if (found.time === '') found.time = heading.length > 0 && !taken.has('0') ? '0' : '';
  if (found.temperature === '') found.temperature = String(numeric.shift() ?? '');
  if (found.humidity === '') found.humidity = String(numeric.shift() ?? '');
  return found;
}

/** Date and time of day of a row as one text. */
function timeText(row: readonly string[], columns: LogForm['columns']): string {
  return [cellOf(row, columns, 'time'), cellOf(row, columns, 'clock')].join(' ').trim();
}

/** What each column most likely holds, in which order dates stand, and in which unit. */
export function guessLog(paste: string): Pick<LogForm, 'heading' | 'columns' | 'order' | 'unit'> {
  const cells = cellsOf(paste, 400);
  const heading = looksLikeHeading(cells);
  const rows = heading ? cells.slice(1) : cells;
  const columns = columnsBy(heading ? (cells[0] ?? []) : (cells[0] ?? []).map(() => ''), rows);
  const name = heading ? (cells[0]?.[Number(columns.temperature)] ?? '') : '';
  const hot =
    meanOf(numbersIn(rows.map((row) => cellOf(row, columns, 'temperature')))) > WARMEST_ROOM_C;
  return {
    heading: heading ? 'yes' : 'no',
    columns,
    order: guessDateOrder(rows.map((row) => timeText(row, columns))),
    unit: /°?\s*F\b|fahrenheit/.test(name) || hot ? 'F' : 'C',
  };
}

/** A line that cannot be kept, and what is wrong with it. */
export interface BadLine {
  /** as it stands in the text, counted from 1 with the heading */
  readonly line: number;
  readonly sentence: string;
  readonly cells: readonly string[];
}

/** A logger's table as it was read. */
export interface ReadLog {
  /** the first log of it; null where no line can be kept */
  readonly content: AirLogContent | null;
  /** all that is to be kept: a long table makes several logs, one after the other */
  readonly parts: readonly AirLogContent[];
  readonly bad: readonly BadLine[];
  readonly gaps: readonly LogGap[];
  readonly spikes: readonly LogSpike[];
  /** days of gaps and spikes are counted from here [ms] */
  readonly zeroMs: number;
}

/** A line as it stands in the table. */
interface Line {
  readonly time: LogTime;
  readonly temperatureC: number;
  /** as it stands there; a share or a percentage */
  readonly humidity: number;
}

interface Entry extends Omit<Line, 'time'> {
  readonly ms: number;
}

function lineOf(row: readonly string[], form: LogForm): Line | string {
  const { columns, order, unit } = form;
  const text = timeText(row, columns);
  const time = readLogTime(text, order);
  if (time === null) return roomWords.isNotATimeIn({ text });
  const [temperature, humidity] = (['temperature', 'humidity'] as const).map((field) =>
    readDecimal(cellOf(row, columns, field)),
  );
  if (!temperature?.ok) return roomWords.thereIsNoTemperatureIn();
  if (!humidity?.ok) return roomWords.thereIsNoHumidityIn();
  const temperatureC = unit === 'F' ? celsiusFromFahrenheit(temperature.value) : temperature.value;
  if (!(temperatureC >= -30 && temperatureC <= 60)) {
    return roomWords.cannotBeTheAirOf({ value: temperature.value, unit });
  }
  if (!(humidity.value >= 0 && humidity.value <= 100))
    return roomWords.cannotBeAHumidity({ value: humidity.value });
  return { time, temperatureC, humidity: humidity.value };
}

const NOTHING: ReadLog = { content: null, parts: [], bad: [], gaps: [], spikes: [], zeroMs: 0 };

function seriesIn(entries: readonly Entry[], zeroMs: number, by: number): AirSeries {
  return {
    days: entries.map((entry) => (entry.ms - zeroMs) / DAY_MS),
    temperatureC: entries.map((entry) => entry.temperatureC),
    relativeHumidity: entries.map((entry) => entry.humidity / by),
  };
}

/** A stretch of entries as a log that can be kept; null where it cannot. */
function contentOf(entries: readonly Entry[], by: number, form: LogForm): AirLogContent | null {
  const zeroMs = entries[0]?.ms ?? 0;
  const series = seriesIn(entries, zeroMs, by);
  const parsed = airLogContentSchema.safeParse({
    place: form.place,
    source: 'file',
    startedAt: new Date(zeroMs).toISOString(),
    minutes: series.days.map((day) => Math.round(day * 1440 * 1000) / 1000),
    temperatureC: series.temperatureC.map((value) => Math.round(value * 100) / 100),
    relativeHumidity: series.relativeHumidity.map((value) => Math.round(value * 1e4) / 1e4),
    remark: '',
  });
  return parsed.success ? parsed.data : null;
}

/** Every line of a logger's table, read with the columns as they are matched; each is kept or named. */
export function readLog(form: LogForm): ReadLog {
  const cells = cellsOf(form.paste);
  const skip = form.heading === 'yes' ? 1 : 0;
  const bad: BadLine[] = [];
  const lines: (Line & { readonly line: number; readonly cells: readonly string[] })[] = [];
  cells.slice(skip).forEach((row, at) => {
    const found = lineOf(row, form);
    const line = at + 1 + skip;
    if (typeof found === 'string') bad.push({ line, sentence: found, cells: row });
    else lines.push({ ...found, line, cells: row });
  });
  const moments = logMoments(lines.map((line) => line.time));
  const byTime = new Map<number, Entry>();
  lines.forEach(({ temperatureC, humidity, line, cells: row }, at) => {
    const ms = moments[at] ?? 0;
    const there = byTime.get(ms);
    if (!there) byTime.set(ms, { ms, temperatureC, humidity });
    else if (there.temperatureC !== temperatureC || there.humidity !== humidity) {
      bad.push({ line, sentence: roomWords.anEarlierLineHasThe(), cells: row });
    }
  });
  const entries = [...byTime.values()].sort((a, b) => a.ms - b.ms);
  const [first] = entries;
  if (!first) return { ...NOTHING, bad };
  const by = entries.some((entry) => entry.humidity > 1) ? 100 : 1;
  const parts = Array.from({ length: Math.ceil(entries.length / MOST_LOG_ENTRIES) }, (_, at) =>
    contentOf(entries.slice(at * MOST_LOG_ENTRIES, (at + 1) * MOST_LOG_ENTRIES), by, form),
  ).filter((item) => item !== null);
  const series = seriesIn(entries, first.ms, by);
  return {
    content: parts[0] ?? null,
    parts,
    bad: bad.sort((a, b) => a.line - b.line),
    gaps: logGaps(series),
    spikes: logSpikes(series),
    zeroMs: first.ms,
  };
}
