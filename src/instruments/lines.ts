import type { Scale } from '../core';

/** Longest line that is looked at [characters]. */
export const LONGEST_LINE = 200;

/** What a line of a meter says. */
export interface MeterLine {
  readonly scale: Scale;
  readonly dialValue: number;
  /** [°C], null where the line does not tell */
  readonly temperatureC: number | null;
  /** on the meter's own clock [s], null where the line does not tell */
  readonly atS: number | null;
}

const SCALE_UNITS: Readonly<Record<string, Scale>> = {
  bx: 'brix',
  brix: 'brix',
  '%bx': 'brix',
  '°bx': 'brix',
  '%': 'water',
  '%w': 'water',
  nd: 'nD',
  ri: 'nD',
};

/** A number, with a decimal point or comma, and its unit. */
const PAIR = /(-?\d+(?:[.,]\d+)?)\s*(%bx|°bx|brix|bx|%w|%|nd|ri|°c|c|°f|f|s)(?![a-z0-9])/gi;

/** What is left of an understood line: separators only. */
const ONLY_SEPARATORS = /^[\s;|,]*$/;

const celsius = (fahrenheit: number): number => ((fahrenheit - 32) * 5) / 9;

interface Found {
  scale: Scale | null;
  dialValue: number;
  temperatureC: number | null;
  atS: number | null;
}

/** Puts a number with its unit into its place; false where that place is taken already. */
function place(found: Found, value: number, unit: string): boolean {
  const scale = SCALE_UNITS[unit];
  if (scale !== undefined) {
    if (found.scale !== null) return false;
    found.scale = scale;
    found.dialValue = value;
    return true;
  }
  if (unit === 's') {
    if (found.atS !== null) return false;
    found.atS = value;
    return true;
  }
  if (found.temperatureC !== null) return false;
  found.temperatureC = unit.endsWith('f') ? celsius(value) : value;
  return true;
}

/**
 * Reads a line of a meter: numbers with their units in any order, such as `81.24 Bx 22.5 C` or
 * `1.4932 nD; 72.1 F; 12.5 s`. A line with anything else in it is not understood: half a line must
 * never become a reading.
 *
 * @returns what it says, or null
 */
export function readLine(text: string): MeterLine | null {
  if (text.length > LONGEST_LINE) return null;
  const found: Found = { scale: null, dialValue: NaN, temperatureC: null, atS: null };
  let fits = true;
  const rest = text.replace(PAIR, (_pair, number: string, unit: string) => {
    fits &&= place(found, Number(number.replace(',', '.')), unit.toLowerCase());
    return '';
  });
  const { scale, ...values } = found;
  return fits && scale !== null && ONLY_SEPARATORS.test(rest) ? { scale, ...values } : null;
}

/** Most characters kept while waiting for the end of a line. */
const MOST_PENDING = 4096;

/** Cuts a stream of text into lines; what has no end yet waits, and garbage without an end is dropped. */
export class LineCutter {
  private pending = '';

  /** Lines that are complete now. */
  push(text: string): string[] {
    const parts = (this.pending + text).split(/\r\n|\n|\r/);
    this.pending = parts.pop() ?? '';
    if (this.pending.length > MOST_PENDING) this.pending = '';
    return parts.filter((part) => part.trim() !== '');
  }

  /** Whether a line was begun and not ended. */
  get unfinished(): boolean {
    return this.pending.trim() !== '';
  }
}
