import { requireInRange } from '../errors';
import { normalCdf } from '../stats/normal';

/**
 * Share of the honey cells that bees cap in a day during a flow in warm weather: mean and standard
 * deviation.
 *
 * @source common practice, no source
 */
export const CAPPING_RATE_PRIOR = { mean: 0.06, standardDeviation: 0.03 } as const;

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
    const slope = (task.share - look.share) / look.daysAgo;
    const noise =
      (task.standardUncertainty ** 2 + look.standardUncertainty ** 2) / look.daysAgo ** 2;
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
 * Chance that bees finish a frame that is put back, before nectar ends.
 *
 * Capping is taken to go on at a steady rate; the rate is normal, its prior updated by earlier looks
 * at the same frame; the end of the flow is normal around the expected day.
 *
 * @param task - shares 0..1, days >= 0
 * @throws DomainError `out-of-range`
 * @accuracy the chance within 0.05 of drawn seasons
 * @source normal update with known variances, recalled from memory; rates: common practice, no source
 */
export function finishing(task: FinishingTask): Finishing {
  const fn = 'finishing';
  requireInRange(task.share, [0, 1], { fn, param: 'share', unit: '1' });
  requireInRange(task.wantedShare, [0, 1], { fn, param: 'wantedShare', unit: '1' });
  const gap = task.wantedShare - task.share;
  if (gap <= 0) return { probability: 1, ratePerDay: 0, daysNeeded: 0, lookAgainInDays: null };
  if (task.daysLeft === null) {
    return { probability: 0, ratePerDay: 0, daysNeeded: null, lookAgainInDays: null };
  }
  const daysLeft = requireInRange(task.daysLeft, [0, 366], { fn, param: 'daysLeft', unit: 'd' });
  const rate = rateOf(task);
  const gained = rate.mean * daysLeft;
  const spread = Math.sqrt(
    rate.variance * daysLeft ** 2 +
      (rate.mean * END_UNCERTAINTY_DAYS) ** 2 +
      task.standardUncertainty ** 2,
  );
  const daysNeeded = rate.mean > 0 ? gap / rate.mean : null;
  return {
    probability: normalCdf((gained - gap) / spread),
    ratePerDay: rate.mean,
    daysNeeded,
    lookAgainInDays: daysNeeded === null ? null : lookAgain(daysNeeded, daysLeft),
  };
}
