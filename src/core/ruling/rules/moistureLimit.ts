import { conformityDecision, conformityProbability } from '../../conformity/conformity';
import { limitPercent } from '../evidence';
import type { Found, Rule, RuleContext } from '../rule';
import { inHundred, percent, withDoubt } from '../say';

function limitName({ evidence }: RuleContext): string {
  const { ruleSet, honeyKind } = evidence;
  const kind = honeyKind === 'heather' ? ', heather' : '';
  return `${percent(limitPercent(evidence))} of ${ruleSet.name}, ${ruleSet.edition}${kind}`;
}

function found(context: RuleContext): Found {
  const { belief, evidence } = context;
  const limit = limitPercent(evidence);
  const probability = conformityProbability(belief, limit);
  const figure = withDoubt(belief.mean, belief.expanded);
  switch (conformityDecision(probability)) {
    case 'conforms':
      return {
        bearing: 'accept',
        sentence: `Measured ${figure}: at or under the ${limitName(context)}, with ${inHundred(probability)}.`,
      };
    case 'over':
      return {
        bearing: evidence.honeyKind === 'heather' ? 'divert' : 'over',
        sentence: `Measured ${figure}: over the ${limitName(context)}, with ${inHundred(1 - probability)}.${
          evidence.honeyKind === 'heather'
            ? ' Gelled heather does not dry as other honey does.'
            : ''
        }`,
      };
    case 'not-settled':
      return {
        bearing: 'measure',
        sentence: `Measured ${figure} against the ${limitName(context)}: not settled, leaning ${
          probability >= 0.5 ? 'to within' : 'to over'
        } with ${inHundred(Math.max(probability, 1 - probability))}; measure more, or treat it as over.`,
      };
  }
}

export const moistureAgainstLimit: Rule = {
  id: 'moisture-against-limit',
  title: 'Moisture against the limit',
  source: { name: 'JCGM 106:2012, guarded decision at 95 %', standing: 'recalled from memory' },
  needs: ['reading'],
  find: (context) => (context.belief.basis === 'readings' ? [found(context)] : []),
};
