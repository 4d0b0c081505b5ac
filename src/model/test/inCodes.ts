import type { MessageValue } from '../../core';
import type { InWords } from '../lot/signedRuling';

function coded(value: MessageValue): string {
  if (typeof value !== 'object') return String(value);
  return 'key' in value ? value.key : JSON.stringify(value);
}

/** Findings by their keys, where the words do not matter. */
export const IN_CODES: InWords = {
  tell: coded,
  source: ({ standing }) => standing,
};
