import { Script, createContext } from 'node:vm';
import { DomainError } from '../errors';
import * as core from '..';
import { drawsMany } from './draws';
import { CALLS } from './everyCall';

/** What no quantity can be, and counts that nobody means. */
export const BAD_VALUES = [NaN, Infinity, -Infinity, -1, 0, 0.5, 1e12, -1e12, 1e-12] as const;

/** What is tried deep inside an argument, where there are many places. */
const FEW_VALUES = [NaN, Infinity, -1] as const;
const DEEP_FROM = 3;

/** Nothing takes so long, even where other work has the processors; only what never returns does [ms]. */
const TIME_LIMIT_MS = 10_000;

/** Of arguments with more places than these, a third is tried in every run, all under `npm run jest:many`. */
const MANY_PLACES = 60;

type Path = readonly (string | number)[];

/** Every place in arguments that holds a number, and every list. */
function placesOf(value: unknown, path: Path = [], seen: Set<unknown> = new Set()): Path[] {
  if (typeof value === 'number') return [path];
  if (typeof value !== 'object' || value === null || seen.has(value)) return [];
  if (value instanceof Map) return [];
  seen.add(value);
  // What is asked of the first and the last of a list is asked of all between.
  const entries = Object.entries(value);
  const asked = Array.isArray(value) ? [...new Set([entries[0], entries.at(-1)])] : entries;
  const inside = asked.flatMap((item) => (item ? placesOf(item[1], [...path, item[0]], seen) : []));
  return Array.isArray(value) && path.length > 0 ? [path, ...inside] : inside;
}

/** Arguments with one place changed; the rest shared. */
function changed(value: unknown, path: Path, to: unknown): unknown {
  const [first, ...rest] = path;
  if (first === undefined) return to;
  const source = value as Record<string, unknown>;
  const copy = (Array.isArray(value) ? [...(value as unknown[])] : { ...source }) as typeof source;
  copy[first] = changed(source[first], rest, to);
  return copy;
}

/** Whether something holds a NaN anywhere, words included. */
function holdsNaN(value: unknown, depth = 0): boolean {
  if (typeof value === 'number') return Number.isNaN(value);
  if (typeof value === 'string') return /\bNaN\b/.test(value);
  if (typeof value !== 'object' || value === null || depth > 8) return false;
  if (value instanceof Map || value instanceof Set) {
    return [...(value as Iterable<unknown>)].some((item) => holdsNaN(item, depth + 1));
  }
  if (ArrayBuffer.isView(value)) return [...(value as Float64Array)].some(Number.isNaN);
  return Object.values(value).some((item) => holdsNaN(item, depth + 1));
}

/** One for all calls: to make one costs more than most calls. */
const ROOM = createContext({});
const CALL = new Script('call()');

/** Calls a function under the time limit; an endless loop ends in an error of its own. */
function timed(call: () => unknown): unknown {
  ROOM['call'] = call;
  return CALL.runInContext(ROOM, { timeout: TIME_LIMIT_MS });
}

/** What is wrong with a call; null where it was refused or answered. */
function wrongWith(name: string, args: readonly unknown[]): string | null {
  const of = (core as unknown as Record<string, (...args: readonly unknown[]) => unknown>)[name];
  if (!of) return 'is not exported';
  try {
    const answer = timed(() => of(...args));
    return holdsNaN(answer) && !NAN_MEANS_ABSENT.has(name) ? 'hands NaN on' : null;
  } catch (error) {
    if (error instanceof DomainError) return null;
    const text = String(error);
    return text.includes('timed out') ? 'does not return' : `throws ${text.slice(0, 90)}`;
  }
}

/** Answers in which NaN says "not there", as their docblocks have it. */
const NAN_MEANS_ABSENT: ReadonlySet<string> = new Set([
  'doneBand',
  'humidityBand',
  'moistureAt',
  'moistureBand',
  'roomOutlook',
]);

/** Everything that a function does wrong with one argument changed at a time. */
export function wrongCalls(name: string): string[] {
  const call = CALLS[name];
  if (!call) return [`${name} has no sample call`];
  const good = call();
  const said = new Set<string>();
  const places = placesOf(good);
  const asked =
    drawsMany || places.length <= MANY_PLACES ? places : places.filter((_, at) => at % 3 === 0);
  for (const path of asked) {
    const isList = Array.isArray(path.reduce<unknown>((of, key) => (of as never)[key], good));
    const tried = path.length >= DEEP_FROM ? FEW_VALUES : BAD_VALUES;
    for (const to of isList ? [[]] : tried) {
      const wrong = wrongWith(name, changed(good, path, to) as readonly unknown[]);
      if (wrong) said.add(`${path.join('.')} = ${isList ? '[]' : String(to)}: ${wrong}`);
    }
  }
  return [...said];
}
