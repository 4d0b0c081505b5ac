import type { Estimate } from '../conformity/conformity';
import { requireInRange, requireFinite } from '../errors';
import {
  HONEY_STATES,
  expectedMixture,
  priorExpectation,
  type Expectation,
  type HoneyState,
  type ShakeResult,
  type StateShares,
} from './expectation';

/** What was seen of the comb before extracting. */
export interface CombJudgement {
  /** share of honey-bearing cells that were capped [1], 0..1 */
  readonly cappedShare: number;
  readonly shake: ShakeResult;
}

/** State shares from the mass in each state; nothing named is nothing there. */
export function stateShares(masses: Partial<Record<HoneyState, number>>): StateShares {
  requireFinite({ masses }, 'stateShares');
  const total = HONEY_STATES.reduce((sum, state) => sum + (masses[state] ?? 0), 0);
  const share = (state: HoneyState): number => (total > 0 ? (masses[state] ?? 0) / total : 0);
  return {
    capped: share('capped'),
    'not-done': share('not-done'),
    'nothing-fell': share('nothing-fell'),
    drops: share('drops'),
    runs: share('runs'),
  };
}

/** State shares of a comb judged as a whole; cells are taken as equally full. */
export function statesOfComb({ cappedShare, shake }: CombJudgement): StateShares {
  const place = { fn: 'statesOfComb', param: 'cappedShare', unit: '1' };
  const capped = requireInRange(cappedShare, [0, 1], place);
  return stateShares({ capped, [shake]: 1 - capped });
}

const ORDINARY = priorExpectation();

/**
 * Moisture to expect of a lot from capping and shake test, before any reading.
 *
 * @param comb - capped share 0..1 and shake result
 * @param expectation - the ordinary prior, or one's own
 * @returns mean and standard deviation [% by mass]
 * @throws DomainError `out-of-range`
 * @source common practice, no source (`EXPECTED_BY_STATE`)
 */
export function expectedMoisture(
  comb: CombJudgement,
  expectation: Expectation = ORDINARY,
): Estimate {
  return expectedMixture(statesOfComb(comb), expectation);
}
