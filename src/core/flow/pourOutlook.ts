import { DomainError, requireInRange, requireFinite } from '../errors';

/** What was in a pail at some time. */
export interface PourPoint {
  readonly minutes: number;
  readonly kg: number;
}

/** A pail under an open gate, looked ahead. */
export interface PourOutlook {
  readonly kgPerMin: number;
  /** true: from what was read; false: only as computed from the strainer */
  readonly measured: boolean;
  /** when it is full, on the clock of the points [min]; Infinity where nothing flows */
  readonly fullMinutes: number;
}

/** Least time and mass between two points that tell a flow. */
const LEAST_MINUTES = 0.25;

/**
 * When a pail is full. The last stretch that was read counts: flow falls while a mesh clogs, so this
 * is rather too early than too late.
 *
 * @param points - from when the gate was opened, rising in time
 * @param fullKg - [kg], above the last point
 * @param expectedKgPerMin - while nothing was read [kg/min], not negative
 * @throws DomainError `empty` without points, `out-of-range`
 */
export function pourOutlook(
  points: readonly PourPoint[],
  fullKg: number,
  expectedKgPerMin: number,
): PourOutlook {
  requireFinite({ points, fullKg, expectedKgPerMin }, 'pourOutlook');
  const fn = 'pourOutlook';
  const last = points[points.length - 1];
  if (!last) throw new DomainError({ code: 'empty', fn, param: 'points', value: 0, unit: '1' });
  requireInRange(fullKg, [0.01, 1e5], { fn, param: 'fullKg', unit: 'kg' });
  requireInRange(expectedKgPerMin, [0, 1e4], { fn, param: 'expectedKgPerMin', unit: 'kg/min' });
  const before = [...points]
    .reverse()
    .find((point) => point.minutes <= last.minutes - LEAST_MINUTES);
  const measured = before !== undefined && last.kg >= before.kg;
  const kgPerMin = measured
    ? (last.kg - before.kg) / (last.minutes - before.minutes)
    : expectedKgPerMin;
  const left = Math.max(0, fullKg - last.kg);
  const fullMinutes = left === 0 ? last.minutes : last.minutes + left / kgPerMin;
  return { kgPerMin, measured, fullMinutes: kgPerMin > 0 || left === 0 ? fullMinutes : Infinity };
}
