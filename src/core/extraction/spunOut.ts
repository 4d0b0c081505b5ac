import { requireInRange, requireFinite } from '../errors';

/** A frame weighed before and after spinning, wood and wax included [kg]. */
export interface SpunFrame {
  readonly beforeKg: number;
  readonly afterKg: number;
  /** frame with drawn, empty comb */
  readonly tareKg: number;
  /** what the scale and the tare may be off by together, either way */
  readonly plusMinusKg: number;
}

/** What the two weighings say. */
export interface SpunOut {
  readonly outKg: number;
  /** of the honey that was in it [1], 0..1, with its ends */
  readonly leftShare: { readonly low: number; readonly likely: number; readonly high: number };
  /** 'spin-on' where more than is usual is surely left */
  readonly verdict: 'empty' | 'spin-on' | 'not-settled';
}

/** Left in a comb that is spun out [1]. @source common practice, no source: extraction leaves 3 to 8 % in combs and cappings */
export const LEFT_WHEN_EMPTY = 0.06;

const share = (leftKg: number, fullKg: number): number => Math.min(1, Math.max(0, leftKg / fullKg));

/**
 * Whether a frame is empty, by its weight before and after.
 *
 * @param frame - all in kg, 0..20; before above the tare
 * @throws DomainError `out-of-range`
 * @source difference of two weighings; the tare's doubt enters whole
 */
export function spunOut({ beforeKg, afterKg, tareKg, plusMinusKg }: SpunFrame): SpunOut {
  requireFinite({ beforeKg, afterKg, tareKg, plusMinusKg }, 'spunOut');
  const place = (param: string) => ({ fn: 'spunOut', param, unit: 'kg' });
  requireInRange(tareKg, [0, 20], place('tareKg'));
  requireInRange(beforeKg, [tareKg + 0.05, 20], place('beforeKg'));
  requireInRange(afterKg, [0, beforeKg], place('afterKg'));
  requireInRange(plusMinusKg, [0, 5], place('plusMinusKg'));
  const full = beforeKg - tareKg;
  const left = afterKg - tareKg;
  const leftShare = {
    low: share(left - plusMinusKg, full),
    likely: share(left, full),
    high: share(left + plusMinusKg, full),
  };
  const isEmpty = leftShare.high <= LEFT_WHEN_EMPTY;
  const hasMore = leftShare.low > LEFT_WHEN_EMPTY;
  return {
    outKg: beforeKg - afterKg,
    leftShare,
    verdict: isEmpty ? 'empty' : hasMore ? 'spin-on' : 'not-settled',
  };
}
