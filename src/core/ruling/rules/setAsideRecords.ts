import type { Rule } from '../rule';
import { say } from '../../message/message';

/** Evidence that is there but cannot be used: nothing may be accepted past it. */
export const setAsideRecords: Rule = {
  id: 'set-aside-records',
  title: say('rules.recordsThatNeedCorrecting'),
  source: { name: say('rules.aRulingRestsOnAll'), standing: 'choice' },
  needs: [],
  find({ evidence }) {
    const count = evidence.setAside ?? 0;
    if (count === 0) return [];
    const sentence = say('rules.recordsOfThisLotHave', { count });
    return [{ bearing: 'measure', step: 'correct-records', sentence }];
  },
};
