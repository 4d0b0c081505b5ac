import type { Rule } from '../rule';

/** Evidence that is there but cannot be used: nothing may be accepted past it. */
export const setAsideRecords: Rule = {
  id: 'set-aside-records',
  title: 'Records that need correcting',
  source: { name: 'a ruling rests on all of its evidence', standing: 'our choice' },
  needs: [],
  find({ evidence }) {
    const count = evidence.setAside ?? 0;
    if (count === 0) return [];
    const what = count === 1 ? 'One record of this lot has' : `${count} records of this lot have`;
    const sentence = `${what} a value that cannot be right and is left out until it is corrected: do that first, then decide.`;
    return [{ bearing: 'measure', step: 'correct-records', sentence }];
  },
};
