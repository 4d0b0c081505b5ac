import type { Rule } from '../rule';

/** Frames that were blocked by a treatment or feed and taken all the same, on the keeper's word. */
export const clearedFrames: Rule = {
  id: 'cleared-frames',
  title: 'Frames from treated or fed hives',
  source: {
    name: 'label of the product and local rules',
    standing: 'common practice, no source',
  },
  needs: ['comb'],
  find: ({ evidence }) =>
    (evidence.comb?.cleared ?? []).map(({ from, because }) => ({
      bearing: 'condition',
      short: `keep to the label of what ${from} was given`,
      sentence: `Frames of ${from} stood on a treated or fed hive and were taken on the keeper’s word (“${because.replace(/\.+$/, '')}”): the label and local rules decide, not Ripenum.`,
    })),
};
