import { requireFinite } from '../errors';
import type { RuleSource } from './rule';

/** A moisture as the rules say it: one decimal, with the sign. */
export const percent = (value: number): string => `${value.toFixed(1)} %`;

/** A mean with its expanded uncertainty. */
export const withDoubt = (mean: number, expanded: number): string =>
  `${mean.toFixed(1)} ± ${expanded.toFixed(1)} %`;

/** A probability in hundredths, never claiming certainty. */
export function inHundred(probability: number): string {
  requireFinite({ probability }, 'inHundred');
  if (probability > 0.995) return 'more than 99 in 100';
  if (probability < 0.005) return 'less than 1 in 100';
  return `${Math.round(probability * 100)} in 100`;
}

/** A source with its standing, as printed. */
export function sourceWords({ name, standing }: RuleSource): string {
  return `${name} (${standing})`;
}
