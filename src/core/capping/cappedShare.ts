import { DomainError, requireInRange, requireFinite } from '../errors';
import { quadrature, rectangularUncertainty } from '../stats/uncertainty';
import { wilsonInterval, type Interval } from '../stats/wilson';
import { honeyShare, type CellShares } from './cellShares';

/** A capped share with what it may be off by. */
export interface CappedEstimate extends Interval {
  /** capped cells over cells that hold honey or nectar [1] */
  readonly share: number;
  readonly standardUncertainty: number;
}

/** Half width, in standard uncertainties, of the 95 % interval. */
const COVERAGE_FACTOR = 1.959964;

/**
 * How well the eye judges a share: as well as a count of so many points would, and in steps of the
 * scale. Forty points have a standard deviation of 0.08 at one half.
 *
 * @source common practice, no source
 */
export const EYE = { worthPoints: 40, step: 0.1 } as const;

/** The same for a comb that was copied cell by cell onto a drawing. @source common practice, no source */
export const COPY = { worthPoints: 120, step: 0.02 } as const;

/**
 * Capped share of the honey-bearing cells, or null where there are none: empty cells, brood and
 * pollen do not count.
 *
 * @source common practice, no source
 */
export function cappedShareOf(shares: CellShares): number | null {
  requireFinite({ shares }, 'cappedShareOf');
  const honey = honeyShare(shares);
  return honey > 0 ? shares.capped / honey : null;
}

/** Adds the standard uncertainty that an interval stands for. */
function withSpread(interval: Interval & { readonly share: number }): CappedEstimate {
  const standardUncertainty = (interval.high - interval.low) / (2 * COVERAGE_FACTOR);
  return { ...interval, standardUncertainty };
}

function bounded(share: number, standardUncertainty: number): CappedEstimate {
  const half = COVERAGE_FACTOR * standardUncertainty;
  return {
    share,
    standardUncertainty,
    low: Math.max(0, share - half),
    high: Math.min(1, share + half),
  };
}

/**
 * A capped share judged by eye or copied by hand, with its 95 % interval: Wilson's for the points
 * that the look is worth, widened by the step of the scale.
 *
 * @param share - [1], 0..1
 * @param skill - `EYE` or `COPY`
 * @throws DomainError `out-of-range`
 * @source Wilson (1927), recalled from memory; skills: common practice, no source
 */
export function judgedCapping(
  share: number,
  skill: { readonly worthPoints: number; readonly step: number },
): CappedEstimate {
  requireFinite({ share, skill }, 'judgedCapping');
  requireInRange(share, [0, 1], { fn: 'judgedCapping', param: 'share', unit: '1' });
  const counted = wilsonInterval(share * skill.worthPoints, skill.worthPoints);
  const step = COVERAGE_FACTOR * rectangularUncertainty(skill.step / 2);
  return withSpread({
    share,
    low: Math.max(0, share - Math.hypot(share - counted.low, step)),
    high: Math.min(1, share + Math.hypot(counted.high - share, step)),
  });
}

/**
 * A capped share from counted points, with Wilson's 95 % interval.
 *
 * @param capped - points on capped cells, >= 0
 * @param open - points on open honey or nectar, >= 0; not both 0
 * @throws DomainError `out-of-range`
 * @source Wilson (1927), recalled from memory
 */
export function countedCapping(capped: number, open: number): CappedEstimate {
  requireFinite({ capped, open }, 'countedCapping');
  const count = capped + open;
  return withSpread({ share: capped / count, ...wilsonInterval(capped, count) });
}

/** Half width from which more points hardly change a decision [1]. @source our choice, no source */
export const ENOUGH_HALF_WIDTH = 0.1;

/** Fewest points on honey before a count may be called enough. @source our choice, no source */
const FEWEST_POINTS = 12;

/**
 * Whether further points would hardly help: the interval is narrow, or wholly on one side of the
 * share that the school asks for.
 *
 * @param capped - points on capped cells
 * @param open - points on open honey
 * @param threshold - share that matters [1], 0..1
 * @source our choice, no source
 */
export function hasEnoughPoints(capped: number, open: number, threshold: number): boolean {
  if (capped + open < FEWEST_POINTS) return false;
  const { low, high } = wilsonInterval(capped, capped + open);
  return (high - low) / 2 <= ENOUGH_HALF_WIDTH || low > threshold || high < threshold;
}

/** A capped share with the amount it stands for (cells, area or mass, in one unit). */
export interface WeightedCapping {
  readonly capped: CappedEstimate;
  readonly weight: number;
}

/**
 * Capped share of several sides or frames together, weighted by the honey in each.
 *
 * @param parts - at least one, weights >= 0 with a positive sum
 * @returns share between the smallest and the largest of the parts
 * @throws DomainError `empty`, `out-of-range`
 * @source JCGM 100:2008 (GUM), 5.1.2, independent looks, recalled from memory
 */
export function pooledCapping(parts: readonly WeightedCapping[]): CappedEstimate {
  const fn = 'pooledCapping';
  const total = parts.reduce(
    (sum, { weight }) =>
      sum + requireInRange(weight, [0, Infinity], { fn, param: 'weight', unit: '1' }),
    0,
  );
  if (!(total > 0)) {
    throw new DomainError({ code: 'empty', fn, param: 'parts', value: parts.length, unit: '1' });
  }
  const share = parts.reduce((sum, part) => sum + part.capped.share * (part.weight / total), 0);
  const standard = quadrature(
    parts.map((part) => part.capped.standardUncertainty * (part.weight / total)),
  );
  return bounded(Math.min(1, Math.max(0, share)), standard);
}
