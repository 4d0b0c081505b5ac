import { requireFinite } from '../errors';
import { WAX_SOFTENS_C } from './strainingAdvice';

/** Why wax comes through a strainer, or what helps against it. */
export const WAX_REASONS = ['torn', 'too-warm', 'too-coarse', 'no-second', 'settle'] as const;
export type WaxReason = (typeof WAX_REASONS)[number];

/** A first mesh over this lets flakes of cappings through [µm]. @source common practice, no source */
const COARSE_UM = 1500;

/** So near to where wax softens it is pressed through [K]. @source our choice */
const NEAR_K = 2;

/**
 * What to look at, in order, where wax comes through the first strainer.
 *
 * @param openingsUm - of the meshes, the first that honey meets first [µm]
 * @param temperatureC - of the honey at the strainer [°C]
 * @source common practice, no source
 */
export function waxThrough(openingsUm: readonly number[], temperatureC: number): WaxReason[] {
  requireFinite({ openingsUm, temperatureC }, 'waxThrough');
  const first = openingsUm[0] ?? Infinity;
  const found: WaxReason[] = ['torn'];
  if (temperatureC > WAX_SOFTENS_C - NEAR_K) found.push('too-warm');
  if (first > COARSE_UM) found.push('too-coarse');
  if (openingsUm.length < 2) found.push('no-second');
  return [...found, 'settle'];
}
