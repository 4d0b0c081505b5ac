import type { ShakeResult } from './expectation';

/** Comb colder than this holds even nectar, so that nothing falls [°C]. @source common practice, no source */
export const COLD_COMB_BELOW_C = 20;

/** A shake test as it was done. */
export interface ShakeTest {
  readonly result: ShakeResult;
  /** of the comb [°C], null where not noted */
  readonly combTemperatureC: number | null;
}

/**
 * What a shake test is worth: on cold comb a clean result says nothing, since cold honey passes
 * falsely; what falls is wet at any temperature.
 *
 * @source common practice, no source
 */
export function trustedShake({ result, combTemperatureC }: ShakeTest): ShakeResult {
  const cold = combTemperatureC !== null && combTemperatureC < COLD_COMB_BELOW_C;
  return cold && result === 'nothing-fell' ? 'not-done' : result;
}
