import type { RuleSet, School } from '../../core';
import { limitsWords } from './english/limits';

function noteOf(id: string): string {
  const note: unknown = Object.entries(limitsWords).find(([name]) => name === id)?.[1];
  return typeof note === 'function' ? String((note as () => string)()) : '';
}

/** What is to be known of a rule set: the keeper's own words, or ours of one that ships. */
export const ruleSetNote = ({ id, note }: RuleSet): string => note || noteOf(id);

/** Where a school fails: the keeper's own words, or ours of one that ships. */
export const weakPointOf = ({ id, weakPoint }: School): string => weakPoint || noteOf(id);
