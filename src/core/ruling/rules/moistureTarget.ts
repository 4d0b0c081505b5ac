import { conformityProbability } from '../../conformity/conformity';
import { isMeasured } from '../belief';
import { limitPercent } from '../evidence';
import type { Found, Rule, RuleContext } from '../rule';
import { canBeDried } from '../flips/ways';
import { chance, percent, say, withDoubt } from '../../message/message';

/** Legal, but wetter than the keeper wants: what can be done about it. */
function missed({ evidence, belief }: RuleContext, probability: number): Found {
  const figure = withDoubt(belief.mean, belief.expanded);
  const target = percent(evidence.targetPercent);
  const whatToDo = canBeDried(evidence)
    ? say('rules.dryItBlendItWith')
    : say('rules.blendItWithDrierHoney');
  const above = say('rules.measuredAboveYourOwnTarget', {
    figure,
    target,
    probability: chance(1 - probability),
  });
  return { bearing: 'above-target', sentence: say('rules.aboveAndWhatToDo', { above, whatToDo }) };
}

function found(context: RuleContext): Found {
  const { evidence, belief } = context;
  const probability = conformityProbability(belief, evidence.targetPercent);
  if (probability < 0.5) return missed(context, probability);
  return {
    bearing: 'accept',
    sentence: say('rules.yourTargetOfIsMet', {
      targetPercent: percent(evidence.targetPercent),
      probability: chance(probability),
    }),
  };
}

export const moistureAgainstTarget: Rule = {
  id: 'moisture-against-target',
  title: say('rules.moistureAgainstYourTarget'),
  source: { name: say('rules.targetOfTheKeeper'), standing: 'practice' },
  needs: ['reading'],
  find: (context) =>
    isMeasured(context.belief) && context.evidence.targetPercent < limitPercent(context.evidence)
      ? [found(context)]
      : [],
};
