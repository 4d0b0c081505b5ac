/** Why a precondition failed; the edges turn these into sentences. */
export type DomainErrorCode = 'out-of-range' | 'empty' | 'mismatched-lengths';

/** What was wrong with an argument, in terms a caller can show beside a field. */
export interface DomainErrorDetails {
  readonly code: DomainErrorCode;
  /** the function whose precondition failed */
  readonly fn: string;
  /** the parameter at fault */
  readonly param: string;
  readonly value: number;
  /** unit of `value` and `limits`, '1' for none */
  readonly unit: string;
  readonly limits?: readonly [number, number];
}

/** The one error that the core throws: a broken precondition, never an outcome of good input. */
export class DomainError extends Error implements DomainErrorDetails {
  readonly code: DomainErrorCode;
  readonly fn: string;
  readonly param: string;
  readonly value: number;
  readonly unit: string;
  readonly limits?: readonly [number, number];

  constructor(details: DomainErrorDetails) {
    const range = details.limits ? `, allowed ${details.limits[0]} to ${details.limits[1]}` : '';
    super(`${details.fn}: ${details.param} = ${details.value} ${details.unit}${range}`);
    this.name = 'DomainError';
    this.code = details.code;
    this.fn = details.fn;
    this.param = details.param;
    this.value = details.value;
    this.unit = details.unit;
    if (details.limits) this.limits = details.limits;
  }
}

/** Where a checked argument stands: function, parameter and unit. */
export interface ArgumentPlace {
  readonly fn: string;
  readonly param: string;
  readonly unit: string;
}

/**
 * The value itself, once it is known to be finite and inside its range.
 *
 * @throws DomainError `out-of-range` otherwise, NaN included
 */
export function requireInRange(
  value: number,
  limits: readonly [number, number],
  place: ArgumentPlace,
): number {
  if (!(value >= limits[0] && value <= limits[1])) {
    throw new DomainError({ code: 'out-of-range', value, limits, ...place });
  }
  return value;
}

/**
 * The value itself, once it is known to be a whole number inside its range.
 *
 * @throws DomainError `out-of-range` otherwise, NaN and fractions included
 */
export function requireWhole(
  value: number,
  limits: readonly [number, number],
  place: ArgumentPlace,
): number {
  if (Number.isInteger(value)) return requireInRange(value, limits, place);
  throw new DomainError({ code: 'out-of-range', value, limits, ...place });
}

/** Closes a union: a compile error where a case was forgotten. */
export function assertNever(value: never): never {
  throw new Error(`unexpected case: ${String(value)}`);
}

/** Places where an infinity means something: no limit of knowledge, no mesh, never. */
const MAY_BE_INFINITE: ReadonlySet<string> = new Set([
  'degreesOfFreedom',
  'calibrationDof',
  'strainedUm',
  'readyDay',
]);

/** Objects that were found sound: evidence never changes, and the same is asked about many times. */
const SOUND = new WeakSet<object>();

/**
 * Says of a result that it was computed from sound arguments, so that nobody looks through it again.
 *
 * @returns the value itself
 */
export function knownSound<T extends object>(value: T): T {
  SOUND.add(value);
  return value;
}

function firstUnsound(value: unknown, key: string): { param: string; value: number } | null {
  if (typeof value === 'number') {
    const isSound = Number.isFinite(value) || (value === Infinity && MAY_BE_INFINITE.has(key));
    return isSound ? null : { param: key, value };
  }
  if (typeof value !== 'object' || value === null || SOUND.has(value)) return null;
  if (ArrayBuffer.isView(value) || value instanceof Map || value instanceof Set) return null;
  if (Array.isArray(value)) {
    for (const item of value as unknown[]) {
      const found = firstUnsound(item, key);
      if (found) return found;
    }
  } else {
    for (const name in value) {
      const found = firstUnsound((value as Record<string, unknown>)[name], name);
      if (found) return found;
    }
  }
  SOUND.add(value);
  return null;
}

/**
 * Refuses what holds a number that is none, however deep: NaN and infinities, but for degrees of freedom.
 *
 * @param values - arguments by their name; objects are looked through once and never again
 * @param fn - the function that asks
 * @throws DomainError `out-of-range`, naming the field
 */
export function requireFinite(values: Readonly<Record<string, unknown>>, fn: string): void {
  for (const name in values) {
    const found = firstUnsound(values[name], name);
    if (found) throw new DomainError({ code: 'out-of-range', fn, unit: '1', ...found });
  }
}
