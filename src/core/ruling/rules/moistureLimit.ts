import { canBeDried, waysOf } from '../ways';
import { conformityDecision, conformityProbability } from '../../conformity/conformity';
import { limitPercent } from '../evidence';
import type { Found, Rule, RuleContext } from '../rule';
import { inHundred, percent, withDoubt } from '../say';

function limitName({ evidence }: RuleContext): string {
  const { ruleSet, honeyKind } = evidence;
  const kind = honeyKind === 'heather' ? ', heather' : '';
  return `${percent(limitPercent(evidence))} of ${ruleSet.name}, ${ruleSet.edition}${kind}`;
}

const isBlendable = ({ evidence, belief }: RuleContext): boolean =>
  waysOf(evidence, belief).some((one) => one.id === 'blend' && one.open);

/** What can still be done with honey over the limit. */
function remedy(context: RuleContext): string {
  const { evidence, belief } = context;
  const bakers = evidence.ruleSet.bakersLimitPercent?.[evidence.honeyKind];
  const cooking =
    bakers !== undefined && belief.mean <= bakers
      ? `; up to ${percent(bakers)} this rule set knows baker's honey, for cooking only`
      : '';
  if (canBeDried(evidence)) return `dry it and measure again, or divert it${cooking}`;
  const why =
    evidence.honeyKind === 'heather'
      ? 'gelled heather does not dry as other honey does'
      : 'set honey does not dry';
  return `${why}, so ${isBlendable(context) ? 'blend' : 'divert'} it${cooking}`;
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
        bearing: canBeDried(evidence) ? 'over' : isBlendable(context) ? 'blend' : 'divert',
        sentence: `Measured ${figure}: over the ${limitName(context)}, with ${inHundred(1 - probability)}; ${remedy(context)}.`,
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
