/** What is seen of somebody who was stung. */
export const STING_SIGNS = [
  'breath',
  'faint',
  'mouth',
  'known',
  'rash-elsewhere',
  'sick',
  'many',
  'here-only',
] as const;
export type StingSign = (typeof STING_SIGNS)[number];

/** What to do, the most urgent first. */
export type StingAdvice = 'call-now' | 'ask-doctor' | 'local' | 'look-first';

/** Each of these alone is an emergency. */
const ALONE: readonly StingSign[] = ['breath', 'faint', 'mouth', 'known'];

/** Two of these together are one: the whole body reacts. */
const TOGETHER: readonly StingSign[] = ['rash-elsewhere', 'sick', 'many'];

/**
 * What to do about a sting. In doubt it errs towards calling.
 *
 * @returns `look-first` where nobody said yet what is seen: nothing is called harmless unlooked
 * @source general first-aid teaching, recalled from memory; doctors and the emergency service decide
 */
export function stingAdvice(signs: readonly StingSign[]): StingAdvice {
  if (signs.some((sign) => ALONE.includes(sign))) return 'call-now';
  const general = TOGETHER.filter((sign) => signs.includes(sign)).length;
  if (general >= 2) return 'call-now';
  if (general === 1) return 'ask-doctor';
  return signs.includes('here-only') ? 'local' : 'look-first';
}
