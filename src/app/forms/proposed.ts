import { get } from 'react-hook-form';

type Values = Readonly<Record<string, unknown>>;

/** Every field of a form with its path, such as `extractor.byHand`. */
function leavesOf(values: Values, under = ''): [path: string, value: unknown][] {
  return Object.entries(values).flatMap(([key, value]): [string, unknown][] => {
    const path = under === '' ? key : `${under}.${key}`;
    return typeof value === 'object' && value !== null && !Array.isArray(value)
      ? leavesOf(value as Values, path)
      : [[path, value]];
  });
}

/**
 * Fields that may take a new proposal: those that still hold one of the earlier ones. What was typed stays.
 *
 * @param now - what the form holds
 * @param earlier - what was proposed until now: what the form began with, what an earlier choice brought
 */
export const proposed = (
  values: Values,
  now: Values,
  earlier: readonly Values[],
): [path: string, value: unknown][] =>
  leavesOf(values).filter(([path]) => {
    const held: unknown = get(now, path);
    return earlier.some((before) => get(before, path) === held);
  });
