import { EYE } from '../capping/cappedShare';
import { DomainError, requireInRange, requireFinite } from '../errors';
import { coverageFactor } from '../stats/uncertainty';
import type { Interval } from '../stats/wilson';
import { mostBad } from './finiteLot';

/**
 * Frames to look at closely when many are judged at one stroke: every k-th, from a random start, so
 * that boxes and positions are all met.
 *
 * @param count - frames in all, >= 1
 * @param wanted - frames to look at, 1..count
 * @param random - a uniform draw, 0 <= value < 1, from the caller's seeded source
 * @returns positions counted from 0, ascending, exactly `wanted` of them
 * @throws DomainError `out-of-range`
 * @source systematic sampling with fractional interval (Cochran 1977, ch. 8), recalled from memory
 */
export function systematicSample(count: number, wanted: number, random: number): number[] {
  const fn = 'systematicSample';
  requireInRange(count, [1, 1e6], { fn, param: 'count', unit: '1' });
  requireInRange(wanted, [1, count], { fn, param: 'wanted', unit: '1' });
  requireInRange(random, [0, 1 - Number.EPSILON], { fn, param: 'random', unit: '1' });
  const step = count / wanted;
  return Array.from({ length: wanted }, (_, at) => Math.floor((at + random) * step));
}

/** Frames to propose for a close look: some for few, slowly more for many. @source our choice, no source */
export function proposedSampleSize(count: number): number {
  requireInRange(count, [0, 1e6], { fn: 'proposedSampleSize', param: 'count', unit: '1' });
  return Math.min(count, Math.max(3, Math.ceil(1.5 * Math.sqrt(count))));
}

/** What a sample says about all frames. */
export interface SurveyVerdict {
  /** mean capped share of all frames [1] */
  readonly share: number;
  /** 95 % interval of that mean */
  readonly interval: Interval;
  /** frames of the sample that fall short of the share asked for */
  readonly short: number;
  /** at most so many of all frames fall short, with 95 % confidence */
  readonly shortAtMost: number;
}

const CONFIDENCE = 0.95;

/**
 * What a sample of frames says about the rest: the mean capped share with a t interval corrected for
 * the finite number and widened by the step of the scale, and how many frames may fall short at most (hypergeometric).
 *
 * @param shares - capped shares of the frames looked at, at least two [1]
 * @param count - frames in all
 * @param wanted - share asked for [1]
 * @throws DomainError `empty` for fewer than two, `out-of-range`
 * @source Cochran (1977), ch. 2; hypergeometric distribution; both recalled from memory
 */
export function surveyVerdict(
  shares: readonly number[],
  count: number,
  wanted: number,
): SurveyVerdict {
  requireFinite({ shares, count, wanted }, 'strokeVerdict');
  const fn = 'strokeVerdict';
  const looked = shares.length;
  if (looked < 2) {
    throw new DomainError({ code: 'empty', fn, param: 'shares', value: looked, unit: '1' });
  }
  requireInRange(count, [looked, 1e6], { fn, param: 'count', unit: '1' });
  const share =
    shares.reduce(
      (sum, value) => sum + requireInRange(value, [0, 1], { fn, param: 'shares', unit: '1' }),
      0,
    ) / looked;
  const variance =
    shares.reduce((sum, value) => sum + (value - share) ** 2, 0) / (looked - 1) +
    EYE.step ** 2 / 12;
  const half =
    coverageFactor(looked - 1) * Math.sqrt((variance / looked) * Math.max(0, 1 - looked / count));
  const short = shares.filter((value) => value + 1e-9 < wanted).length;
  return {
    share,
    interval: { low: Math.max(0, share - half), high: Math.min(1, share + half) },
    short,
    shortAtMost: mostBad({ lotSize: count, tested: looked, found: short }, CONFIDENCE),
  };
}
