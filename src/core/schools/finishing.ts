import { requireInRange, requireFinite } from '../errors';
import { studentCdf } from '../stats/uncertainty';

/**
 * Share of the honey cells that bees cap in a day during a flow in warm weather, on a frame half capped:
 * mean and standard deviation.
 *
 * @source common practice, no source
 */
export const CAPPING_RATE_PRIOR = { mean: 0.06, standardDeviation: 0.03 } as const;

/**
 * Capping slows as the frame fills: the last cells wait for their nectar. The pace falls straight from
 * the empty to the full frame, and is the usual one at half; `full` is where it would reach nothing.
 *
 * @source shape assumed: common practice says that the last tenth takes longest, no source
 */
const SLOWING = { full: 1.2, usualAt: 0.5 } as const;

/** A flow fades out over its last days: so many of them bring half of what they would [d]. @source our choice, no source */
const FADING_DAYS = 3;

/** Degrees of freedom of the usual pace, a guess; each earlier look adds one. @source our choice */
const PACE_DOF = 5;

/** Days of warmth that a flow's expected end may be off by, as a standard deviation. @source common practice, no source */
const END_UNCERTAINTY_DAYS = 4;

/** No comb is finished below the first, it goes at full pace from the second [°C]. @source common practice, no source */
const IDLE_BELOW_C = 10;
const FULL_PACE_FROM_C = 20;

/** Soonest and latest day on which to look again. @source common practice, no source */
const LOOK_AGAIN_DAYS = [2, 14] as const;

/** An earlier look at the same frame. */
export interface EarlierLook {
  readonly daysAgo: number;
  readonly share: number;
  readonly standardUncertainty: number;
}

/** What the chance of finishing follows from. */
export interface FinishingTask {
  /** capped share now, of the worse side [1] */
  readonly share: number;
  readonly standardUncertainty: number;
  /** share at which the school takes it [1] */
  readonly wantedShare: number;
  readonly earlier: readonly EarlierLook[];
  /** until the flow or the season is expected to end [d]; null where nectar comes no more */
  readonly daysLeft: number | null;
  /** of the days to come [°C], null where not known */
  readonly temperatureC: number | null;
}

/** Whether putting back helps. */
export interface Finishing {
  /** that bees finish it before nectar ends [1] */
  readonly probability: number;
  /** capped share gained a day [1/d] */
  readonly ratePerDay: number;
  readonly daysNeeded: number | null;
  readonly lookAgainInDays: number | null;
}

interface Rate {
  readonly mean: number;
  readonly variance: number;
}

/** Pace at a capped share, against that of a frame half capped [1]. */
const paceAt = (share: number): number => (SLOWING.full - share) / (SLOWING.full - SLOWING.usualAt);

/** How far a frame has come, in shares at the usual pace: grows by the rate each day. */
const progress = (share: number): number =>
  (SLOWING.full - SLOWING.usualAt) * Math.log(SLOWING.full / (SLOWING.full - share));

/** Full days that the days until the end of a flow are worth. */
const worthDays = (daysLeft: number): number =>
  daysLeft >= FADING_DAYS ? daysLeft - FADING_DAYS / 2 : daysLeft ** 2 / (2 * FADING_DAYS);

function pace(temperatureC: number | null): number {
  if (temperatureC === null) return 1;
  const share = (temperatureC - IDLE_BELOW_C) / (FULL_PACE_FROM_C - IDLE_BELOW_C);
  return Math.min(1, Math.max(0, share));
}

/** The prior rate, updated by what earlier looks at the same frame show. */
function rateOf(task: FinishingTask): Rate {
  const factor = pace(task.temperatureC);
  const prior: Rate = {
    mean: CAPPING_RATE_PRIOR.mean * factor,
    variance: (CAPPING_RATE_PRIOR.standardDeviation * Math.max(factor, 0.1)) ** 2,
  };
  return task.earlier.reduce((rate, look) => {
    if (!(look.daysAgo > 0)) return rate;
    requireInRange(look.share, [0, 1], { fn: 'finishing', param: 'share', unit: '1' });
    const slope = (progress(task.share) - progress(look.share)) / look.daysAgo;
    const spread = (item: { share: number; standardUncertainty: number }): number =>
      item.standardUncertainty / paceAt(item.share);
    const noise = (spread(task) ** 2 + spread(look) ** 2) / look.daysAgo ** 2;
    const gain = rate.variance / (rate.variance + noise);
    return { mean: rate.mean + gain * (slope - rate.mean), variance: rate.variance * (1 - gain) };
  }, prior);
}

function lookAgain(daysNeeded: number, daysLeft: number): number {
  const [soonest, latest] = LOOK_AGAIN_DAYS;
  const day = Math.min(Math.ceil(daysNeeded), Math.max(soonest, Math.ceil(daysLeft)));
  return Math.min(latest, Math.max(soonest, day));
}

/**
 * Days until a frame that went back is looked at again where nobody said what flows [d].
 *
 * @source common practice, no source: a week
 */
export const USUAL_LOOK_AGAIN_DAYS = 7;

/**
 * Chance that bees finish a frame that is put back, before nectar ends.
 *
 * Capping slows as the frame fills and as the flow fades. The pace is believed as a Student t, updated by
 * earlier looks at the same frame; the end of the flow lies about the expected day.
 *
 * @param task - shares 0..1, days >= 0
 * @throws DomainError `out-of-range`
 * @accuracy the chance within 0.07 of drawn seasons
 * @source normal update with known variances, recalled from memory; rates: common practice, no source
 */
export function finishing(task: FinishingTask): Finishing {
  requireFinite({ task }, 'finishing');
  const fn = 'finishing';
  requireInRange(task.share, [0, 1], { fn, param: 'share', unit: '1' });
  requireInRange(task.wantedShare, [0, 1], { fn, param: 'wantedShare', unit: '1' });
  const gap = progress(task.wantedShare) - progress(task.share);
  if (gap <= 0) return { probability: 1, ratePerDay: 0, daysNeeded: 0, lookAgainInDays: null };
  if (task.daysLeft === null) {
    return { probability: 0, ratePerDay: 0, daysNeeded: null, lookAgainInDays: null };
  }
  const daysLeft = requireInRange(task.daysLeft, [0, 366], { fn, param: 'daysLeft', unit: 'd' });
  const rate = rateOf(task);
  const days = worthDays(daysLeft);
  const gained = rate.mean * days;
  const spread = Math.sqrt(
    rate.variance * days ** 2 +
      (rate.mean * END_UNCERTAINTY_DAYS) ** 2 +
      (task.standardUncertainty / paceAt(task.share)) ** 2,
  );
  const daysNeeded = rate.mean > 0 ? gap / rate.mean : null;
  const degreesOfFreedom = PACE_DOF + task.earlier.length;
  return {
    probability: spread > 0 ? studentCdf((gained - gap) / spread, degreesOfFreedom) : 0,
    ratePerDay: rate.mean * paceAt(task.share),
    daysNeeded,
    lookAgainInDays: daysNeeded === null ? null : lookAgain(daysNeeded, daysLeft),
  };
}
