import type { InWords } from '../lot/signedRuling';

/** Findings by their keys, where the words do not matter. */
export const IN_CODES: InWords = {
  tell: (value) => (typeof value === 'object' && 'key' in value ? value.key : String(value)),
  source: ({ standing }) => standing,
};
