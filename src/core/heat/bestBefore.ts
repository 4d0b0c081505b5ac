import { requireInRange } from '../errors';
import { daysLeftAt, type HeatBalance, type HeatLimits } from './heatBudget';

/** What ends a best-before proposal: warmth at that store, or the day to look again. */
export type BestBeforeReason = 'heat' | 'check-again';

/** A proposal, with its reason. */
export interface BestBefore {
  readonly days: number;
  readonly reason: BestBeforeReason;
}

const DAYS_A_MONTH = 30.4;

/**
 * Best-before proposal: the least of what HMF and diastase leave at the store's temperature, by the
 * worse end of their bands, and the day to look at it again. A proposal; the keeper decides and a
 * laboratory certifies.
 *
 * @param storeC - yearly mean of the store [°C], -20..50
 * @param balance - of warmth so far
 * @param options - check again after so many months, 0..12; limits by what is claimed
 * @returns whole days
 * @throws DomainError `out-of-range`
 * @source handbook section 7; White and others (1964), recalled from memory
 */
export function bestBefore(
  storeC: number,
  balance: Pick<HeatBalance, 'hmf' | 'diastase'>,
  { checkMonths, limits }: { readonly checkMonths: number; readonly limits: HeatLimits },
): BestBefore {
  const fn = 'bestBefore';
  requireInRange(checkMonths, [0, 12], { fn, param: 'checkMonths', unit: 'months' });
  const byHeat = daysLeftAt(
    requireInRange(storeC, [-20, 50], { fn, param: 'storeC', unit: '°C' }),
    balance,
    limits,
  );
  const byCheck = checkMonths * DAYS_A_MONTH;
  return byHeat < byCheck
    ? { days: Math.floor(byHeat), reason: 'heat' }
    : { days: Math.floor(byCheck), reason: 'check-again' };
}
