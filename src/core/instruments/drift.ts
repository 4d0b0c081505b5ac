import { requireInRange, requireFinite } from '../errors';
import { BUDGET_DEFAULTS } from '../moisture/readingBudget';
import { pooledSpread, type Spread } from '../moisture/spreads';
import {
  posteriorDegreesOfFreedom,
  quadrature,
  rectangularUncertainty,
} from '../stats/uncertainty';
import type { ZeroOffset } from './zeroOffset';

/** A zero check in the history of a meter. */
export interface ZeroPoint extends ZeroOffset {
  readonly id: string;
  /** when, in days from any common start */
  readonly atDay: number;
  /** the meter was set right afterwards, so that nothing is left to subtract */
  readonly adjusted: boolean;
}

/** Days in a month, as the drift is reported. */
const MONTH_DAYS = 30;

/**
 * How far the zero of a meter wanders in a month, as a random walk [% moisture], with the degrees
 * of freedom at which it is pooled with the meter's own history.
 *
 * @source common practice, no source
 */
export const DRIFT_PRIOR = { standardDeviation: 0.05, degreesOfFreedom: 4 } as const;

/** Offset that the meter still has once the check is over [index]. */
const leftIndex = (point: ZeroPoint): number => (point.adjusted ? 0 : point.offsetIndex);
const leftPercent = (point: ZeroPoint): number => (point.adjusted ? 0 : point.offsetPercent);

const byDay = (a: ZeroPoint, b: ZeroPoint): number => a.atDay - b.atDay;

/** Checks that a correction can rest on, oldest first. */
export function fullChecks(points: readonly ZeroPoint[]): ZeroPoint[] {
  requireFinite({ points }, 'fullChecks');
  return points.filter((point) => !point.rough).sort(byDay);
}

/** Size of a step between two checks beyond which it is no drift. */
function allowance(former: ZeroPoint, later: ZeroPoint, perRootMonth: number): number {
  const months = Math.max(0, later.atDay - former.atDay) / MONTH_DAYS;
  const drift = perRootMonth * Math.sqrt(months);
  return 2 * quadrature([former.standardPercent, later.standardPercent, drift]);
}

/** A step of the offset between one check and the next. */
export interface OffsetStep {
  readonly formerId: string;
  readonly laterId: string;
  /** found at the later minus left by the former [% moisture] */
  readonly stepPercent: number;
  /** what drift and the checks themselves explain, at 95 % [% moisture] */
  readonly allowancePercent: number;
  /** larger than what explains it: something happened to the meter in between */
  readonly jump: boolean;
}

interface Pair {
  readonly former: ZeroPoint;
  readonly later: ZeroPoint;
  readonly stepPercent: number;
}

/** Each full check with the one before it. */
function pairsOf(points: readonly ZeroPoint[]): Pair[] {
  const checks = fullChecks(points);
  return checks.slice(1).flatMap((later, at) => {
    const former = checks[at];
    if (!former) return [];
    return [{ former, later, stepPercent: later.offsetPercent - leftPercent(former) }];
  });
}

const monthsOf = ({ former, later }: Pair): number =>
  Math.max(1, later.atDay - former.atDay) / MONTH_DAYS;

/** From so many steps on a meter's own usual step is used to tell a jump from drift. */
const OWN_STEPS_FROM = 4;

/** Turns the median of absolute deviations into a standard deviation. */
const MEDIAN_TO_STANDARD = 1.4826;

/** The usual step over a month, which a few jumps do not move. */
function usualStep(pairs: readonly Pair[]): number {
  if (pairs.length < OWN_STEPS_FROM) return DRIFT_PRIOR.standardDeviation;
  const sizes = pairs
    .map((pair) => Math.abs(pair.stepPercent) / Math.sqrt(monthsOf(pair)))
    .sort((a, b) => a - b);
  const middle = sizes[Math.floor(sizes.length / 2)] ?? 0;
  return Math.max(DRIFT_PRIOR.standardDeviation, MEDIAN_TO_STANDARD * middle);
}

/**
 * The drift of a meter as a random walk, from its own full checks pooled with what is assumed.
 * Steps that are jumps do not count as drift.
 *
 * @param points - checks of one meter in any order
 * @returns standard deviation over one month [% moisture]
 * @source random walk; prior as in `DRIFT_PRIOR`
 */
export const driftPerRootMonth = (points: readonly ZeroPoint[]): number =>
  driftSpread(points).standardDeviation;

/** The drift over one month with the degrees of freedom behind it. */
function driftSpread(points: readonly ZeroPoint[]): Spread {
  const pairs = pairsOf(points);
  const usual = usualStep(pairs);
  const steps = pairs
    .filter((pair) => Math.abs(pair.stepPercent) <= allowance(pair.former, pair.later, usual))
    .map((pair) => {
      const ofChecks = pair.former.standardPercent ** 2 + pair.later.standardPercent ** 2;
      return Math.max(0, pair.stepPercent ** 2 - ofChecks) / monthsOf(pair);
    });
  const squares = steps.reduce((sum, step) => sum + step, 0);
  return pooledSpread(DRIFT_PRIOR, squares, steps.length);
}

/**
 * Every step from one full check to the next, and whether it is a jump.
 *
 * @param points - checks of one meter in any order
 * @source normalised error of two results, ISO 13528, recalled from memory
 */
export function offsetSteps(points: readonly ZeroPoint[]): OffsetStep[] {
  requireFinite({ points }, 'offsetSteps');
  const drift = driftPerRootMonth(points);
  return pairsOf(points).map(({ former, later, stepPercent }) => {
    const allowancePercent = allowance(former, later, drift);
    const jump = Math.abs(stepPercent) > allowancePercent;
    return { formerId: former.id, laterId: later.id, stepPercent, allowancePercent, jump };
  });
}

/** What is known of a meter's zero at a moment. */
export type Calibration =
  | { readonly status: 'none' }
  | {
      readonly status: 'rough';
      readonly checkId: string;
      readonly agrees: boolean;
      readonly standardPercent: number;
    }
  | {
      readonly status: 'known';
      readonly checkId: string;
      /** to be subtracted from the index shown [1] */
      readonly offsetIndex: number;
      /** the check and what may have drifted since [% moisture] */
      readonly standardPercent: number;
      /** behind it */
      readonly degreesOfFreedom: number;
      /** the check found a jump that no second check has confirmed */
      readonly jumped: boolean;
    };

/** The last check up to a moment, else the first one after it. */
function nearest(sorted: readonly ZeroPoint[], atDay: number): ZeroPoint | undefined {
  return sorted.filter((zeroPoint) => zeroPoint.atDay <= atDay).at(-1) ?? sorted[0];
}

function roughCalibration(points: readonly ZeroPoint[], atDay: number): Calibration {
  const last = nearest(points.filter((point) => point.rough).sort(byDay), atDay);
  if (!last) return { status: 'none' };
  const agrees = Math.abs(last.offsetPercent) <= 2 * last.standardPercent;
  const { unchecked } = BUDGET_DEFAULTS.calibration;
  const standardPercent = agrees
    ? Math.min(unchecked, last.standardPercent)
    : Math.max(unchecked, Math.abs(last.offsetPercent) / Math.sqrt(3));
  return { status: 'rough', checkId: last.id, agrees, standardPercent };
}

/**
 * Size of the jump that the last of some checks found [% moisture]; 0 where it found none. The check
 * itself may have gone wrong: until a second one agrees, half the jump stays in doubt either way.
 */
function unconfirmedJump(points: readonly ZeroPoint[]): number {
  const last = offsetSteps(points).at(-1);
  return last?.jump ? Math.abs(last.stepPercent) : 0;
}

/**
 * What is known of a meter's zero at a moment: from the last full check before it, its offset and
 * what may have drifted since. Where there is none before, the first one after it acts backwards: what
 * it found the meter was off by before, with what may have drifted in between. A rough check corrects
 * nothing; it only narrows the doubt.
 *
 * @param points - checks of one meter in any order
 * @param atDay - the moment, in the days of the checks
 * @throws DomainError `out-of-range` for a moment that is no number
 * @source JCGM 100:2008 (GUM), 3.2.3 (known errors are corrected), recalled from memory
 */
export function calibrationAt(points: readonly ZeroPoint[], atDay: number): Calibration {
  requireFinite({ points, atDay }, 'calibrationAt');
  const place = { fn: 'calibrationAt', param: 'atDay', unit: 'd' };
  requireInRange(atDay, [-Number.MAX_VALUE, Number.MAX_VALUE], place);
  const checks = fullChecks(points);
  const check = nearest(checks, atDay);
  if (!check) return roughCalibration(points, atDay);
  const isBefore = check.atDay <= atDay;
  const months = Math.abs(atDay - check.atDay) / MONTH_DAYS;
  const known = isBefore ? checks.filter((zeroPoint) => zeroPoint.atDay <= atDay) : [check];
  const spread = driftSpread(known);
  const drift = spread.standardDeviation * Math.sqrt(months);
  const jump = unconfirmedJump(known);
  const parts = [
    { standard: check.standardPercent, degreesOfFreedom: check.degreesOfFreedom ?? Infinity },
    { standard: drift, degreesOfFreedom: spread.degreesOfFreedom },
    { standard: rectangularUncertainty(jump / 2), degreesOfFreedom: Infinity },
  ];
  return {
    status: 'known',
    checkId: check.id,
    // What a check left behind counts afterwards, what it found counts before.
    offsetIndex: isBefore ? leftIndex(check) : check.offsetIndex,
    standardPercent: quadrature(parts.map((part) => part.standard)),
    degreesOfFreedom: posteriorDegreesOfFreedom(parts),
    jumped: jump > 0,
  };
}

/**
 * The jump that throws doubt on a reading: found by the first full check after it, where that one
 * differs from the last before it by more than drift explains. Null where there is none.
 *
 * @param points - checks of one meter in any order
 * @param atDay - moment of the reading, in the days of the checks
 * @returns the later check with the offset that it found
 * @source our choice, no source
 */
export function jumpAfter(points: readonly ZeroPoint[], atDay: number): ZeroPoint | null {
  const later = fullChecks(points).find((fullCheck) => fullCheck.atDay > atDay);
  if (!later) return null;
  const step = offsetSteps(points).find((offsetStep) => offsetStep.laterId === later.id);
  return step?.jump ? later : null;
}

/** Whether a check is due, and why. */
export interface CheckDue {
  readonly due: boolean;
  readonly because: 'never' | 'jump' | 'days' | 'readings' | null;
  /** days until it is due by the calendar; negative where overdue, null where never checked */
  readonly daysLeft: number | null;
  readonly readingsLeft: number;
}

/** How a meter was used since its last check, and how often it is to be checked. */
export interface CheckHabit {
  /** of the last check, null where there was none */
  readonly lastDay: number | null;
  readonly today: number;
  readonly readingsSince: number;
  readonly everyDays: number;
  readonly everyReadings: number;
  /** the last check found a jump that no second one has confirmed */
  readonly jumped?: boolean;
}

/** Whether a zero check is due: by a jump, by days or by readings. @source common practice, no source */
export function checkDue(habit: CheckHabit): CheckDue {
  requireFinite({ habit }, 'checkDue');
  const { lastDay, today, readingsSince, everyDays, everyReadings } = habit;
  const readingsLeft = everyReadings - readingsSince;
  if (lastDay === null) return { due: true, because: 'never', daysLeft: null, readingsLeft };
  const daysLeft = everyDays - (today - lastDay);
  const byUse = daysLeft <= 0 ? 'days' : readingsLeft <= 0 ? 'readings' : null;
  const because = habit.jumped ? 'jump' : byUse;
  return { due: because !== null, because, daysLeft, readingsLeft };
}
