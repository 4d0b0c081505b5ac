import { requireFinite } from '../errors';
import { BUDGET_DEFAULTS } from '../moisture/readingBudget';
import type { LearnedSpread } from '../moisture/learnedSpreads';
import { pooledSpread } from '../moisture/spreads';
import { fullChecks, type ZeroPoint } from './drift';

/**
 * What the zero of a meter that nobody checked may be off by, learned from what the first full check of
 * each of the keeper's own meters found; the guess stays in it.
 *
 * @param meters - checks of each meter, one list a meter
 * @returns standard deviation [% moisture] with its degrees of freedom, and from how many meters
 * @source pooled variance about zero with the prior kept; recalled from memory
 */
export function uncheckedZero(meters: readonly (readonly ZeroPoint[])[]): LearnedSpread {
  requireFinite({ meters }, 'uncheckedZero');
  const { calibration, calibrationDof } = BUDGET_DEFAULTS;
  const guess = {
    standardDeviation: calibration.unchecked,
    degreesOfFreedom: calibrationDof.unchecked,
  };
  const first = meters.flatMap((meter) => fullChecks(meter).slice(0, 1));
  const squares = first.reduce((sum, zeroPoint) => sum + zeroPoint.offsetPercent ** 2, 0);
  return { ...pooledSpread(guess, squares, first.length), from: first.length };
}
