import type { Estimate } from '../conformity/conformity';
import { requireInRange } from '../errors';

/** What the shake test showed: the frame held flat, open cells down, and shaken. */
export const SHAKE_RESULTS = ['not-done', 'nothing-fell', 'drops', 'runs'] as const;
export type ShakeResult = (typeof SHAKE_RESULTS)[number];

/** What was seen of the comb before extracting. */
export interface CombJudgement {
  /** share of honey-bearing cells that were capped [1], 0..1 */
  readonly cappedShare: number;
  readonly shake: ShakeResult;
}

/**
 * Moisture to expect of honey by the state of its cells: mean and standard deviation [%].
 *
 * @source common practice, no source; a damp climate makes capped honey wetter than this
 */
export const EXPECTED_BY_STATE = {
  capped: { mean: 17.6, standardUncertainty: 0.9 },
  open: {
    'not-done': { mean: 20, standardUncertainty: 2.2 },
    'nothing-fell': { mean: 18.6, standardUncertainty: 1.2 },
    drops: { mean: 22.5, standardUncertainty: 2.5 },
    runs: { mean: 26, standardUncertainty: 3.5 },
  },
} as const satisfies {
  capped: Estimate;
  open: Record<ShakeResult, Estimate>;
};

/**
 * Moisture to expect of a lot from capping and shake test, before any reading.
 *
 * Capped and open honey mix by their shares (cells taken as equally full); their doubts are taken
 * as shared, so that they add up and never cancel.
 *
 * @param comb - capped share 0..1 and shake result
 * @returns mean and standard deviation [% by mass]
 * @throws DomainError `out-of-range`
 * @source common practice, no source (`EXPECTED_BY_STATE`)
 */
export function expectedMoisture(comb: CombJudgement): Estimate {
  const place = { fn: 'expectedMoisture', param: 'cappedShare', unit: '1' };
  const capped = requireInRange(comb.cappedShare, [0, 1], place);
  const open = EXPECTED_BY_STATE.open[comb.shake];
  const mix = (part: keyof Estimate): number =>
    capped * EXPECTED_BY_STATE.capped[part] + (1 - capped) * open[part];
  return { mean: mix('mean'), standardUncertainty: mix('standardUncertainty') };
}
