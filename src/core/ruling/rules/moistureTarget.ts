import { conformityProbability } from '../../conformity/conformity';
import { isMeasured } from '../belief';
import { limitPercent } from '../evidence';
import type { Found, Rule, RuleContext } from '../rule';
import { inHundred, percent, withDoubt } from '../say';
import { canBeDried } from '../flips/ways';

/** Legal, but wetter than the keeper wants: what can be done about it. */
function missed({ evidence, belief }: RuleContext, probability: number): Found {
  const figure = withDoubt(belief.mean, belief.expanded);
  const target = percent(evidence.targetPercent);
  const whatToDo = canBeDried(evidence)
    ? 'dry it, blend it with drier honey, or keep it cool and use it first'
    : 'blend it with drier honey, or keep it cool and use it first';
  const above = `Measured ${figure}: above your own target of ${target}, with ${inHundred(1 - probability)}`;
  return { bearing: 'above-target', sentence: `${above}; ${whatToDo}.` };
}

function found(context: RuleContext): Found {
  const { evidence, belief } = context;
  const probability = conformityProbability(belief, evidence.targetPercent);
  if (probability < 0.5) return missed(context, probability);
  return {
    bearing: 'accept',
    sentence: `Your target of ${percent(evidence.targetPercent)} is met, with ${inHundred(probability)}.`,
  };
}

export const moistureAgainstTarget: Rule = {
  id: 'moisture-against-target',
  title: 'Moisture against your target',
  source: { name: 'target of the keeper', standing: 'common practice, no source' },
  needs: ['reading'],
  find: (context) =>
    isMeasured(context.belief) && context.evidence.targetPercent < limitPercent(context.evidence)
      ? [found(context)]
      : [],
};
