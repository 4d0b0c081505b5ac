import { decisionOn } from '../../conformity/conformity';
import { isMeasured } from '../belief';
import { limitPercent } from '../evidence';
import type { Rule } from '../rule';
import { canBeDried, waysOf } from '../flips/ways';
import { say } from '../../message/message';

/** Too wet, cannot be dried, and drier honey of one's own would bring it in. */
export const blendInstead: Rule = {
  id: 'blend-instead',
  title: say('rules.blendWithDrierHoney'),
  source: { name: say('rules.conservationOfWater'), standing: 'choice' },
  needs: ['reading', 'vessel'],
  find: ({ evidence, belief }) => {
    if (!isMeasured(belief) || canBeDried(evidence)) return [];
    const wanted = Math.min(evidence.targetPercent, limitPercent(evidence));
    const decision = decisionOn(belief, wanted);
    if (decision !== 'over') return [];
    const blend = waysOf(evidence, belief).find((way) => way.id === 'blend');
    return blend?.open
      ? [
          {
            bearing: 'blend',
            sentence: say('rules.itCanNoLongerBe', { because: blend.because }),
          },
        ]
      : [];
  },
};
