import { conformityDecision, conformityProbability } from '../../conformity/conformity';
import { limitPercent } from '../evidence';
import type { Found, Rule, RuleContext } from '../rule';
import { inHundred, percent, withDoubt } from '../say';

/** What a honey that misses the target can still be given: gel does not dry. */
function missed({ evidence, belief }: RuleContext, probability: number): Found {
  const figure = withDoubt(belief.mean, belief.expanded);
  const target = percent(evidence.targetPercent);
  const sentence = `Measured ${figure}: wetter than your target of ${target}, with ${inHundred(1 - probability)}.`;
  return evidence.honeyKind === 'heather'
    ? {
        bearing: 'condition',
        sentence: `${sentence} Gelled heather does not dry as other honey does.`,
      }
    : { bearing: 'dry', sentence };
}

function found(context: RuleContext): Found {
  const { evidence, belief } = context;
  const probability = conformityProbability(belief, evidence.targetPercent);
  const target = percent(evidence.targetPercent);
  if (conformityDecision(probability) === 'over') return missed(context, probability);
  if (probability >= 0.5) {
    return {
      bearing: 'accept',
      sentence: `Your target of ${target} is met, with ${inHundred(probability)}.`,
    };
  }
  return {
    bearing: 'measure',
    sentence: `Your target of ${target} is not settled: ${inHundred(1 - probability)} speak for wetter.`,
  };
}

export const moistureAgainstTarget: Rule = {
  id: 'moisture-against-target',
  title: 'Moisture against your target',
  source: { name: 'target of the keeper', standing: 'common practice, no source' },
  needs: ['reading'],
  find: (context) =>
    context.belief.basis === 'readings' &&
    context.evidence.targetPercent < limitPercent(context.evidence)
      ? [found(context)]
      : [],
};
