/** What is seen of somebody who was stung. */
export const STING_SIGNS = [
  'breath',
  'faint',
  'mouth',
  'known',
  'rash-elsewhere',
  'sick',
  'many',
  'big-swelling',
] as const;
export type StingSign = (typeof STING_SIGNS)[number];

/** What to do, the most urgent first. */
export type StingAdvice = 'call-now' | 'ask-doctor' | 'local';

/** Each of these alone is an emergency. */
const ALONE: readonly StingSign[] = ['breath', 'faint', 'mouth', 'known'];

/** Two of these together are one: the whole body reacts. */
const TOGETHER: readonly StingSign[] = ['rash-elsewhere', 'sick', 'many'];

/**
 * What to do about a sting. In doubt it errs towards calling.
 *
 * @source general first-aid teaching, recalled from memory; doctors and the emergency service decide
 */
export function stingAdvice(signs: readonly StingSign[]): StingAdvice {
  if (signs.some((sign) => ALONE.includes(sign))) return 'call-now';
  const general = TOGETHER.filter((sign) => signs.includes(sign)).length;
  if (general >= 2) return 'call-now';
  return general === 1 ? 'ask-doctor' : 'local';
}
