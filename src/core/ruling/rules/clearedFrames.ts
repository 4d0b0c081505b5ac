import type { Rule } from '../rule';
import { say } from '../../message/message';

/** Frames that were blocked by a treatment or feed and taken all the same, on the keeper's word. */
export const clearedFrames: Rule = {
  id: 'cleared-frames',
  title: say('rules.framesFromTreatedOrFed'),
  source: {
    name: say('rules.labelOfTheProductAnd'),
    standing: 'practice',
  },
  needs: ['comb'],
  find: ({ evidence }) =>
    (evidence.comb?.cleared ?? []).map(({ from, because }) => ({
      bearing: 'condition',
      short: say('rules.keepToTheLabelOf', { from }),
      sentence: say('rules.framesOfWereOnA', { from, because: because.replace(/\.+$/, '') }),
    })),
};
