import { canBeDried, waysOf } from '../flips/ways';
import { CONFORMS_FROM, conformityProbability, decisionOn } from '../../conformity/conformity';
import { labWater } from '../../quality/laboratory';
import { limitPercent } from '../evidence';
import { isMeasured } from '../belief';
import type { Found, NextStep, Rule, RuleContext } from '../rule';
import { settledBy } from '../flips/settledBy';
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

/** What the figure rests on, as the sentence begins. */
function figureWords({ belief, evidence }: RuleContext): string {
  const figure = withDoubt(belief.mean, belief.expanded);
  if (belief.basis === 'readings') return `Measured ${figure}`;
  const water = labWater(evidence.laboratory);
  const by = water?.by === 'karlFischerPercent' ? 'by Karl Fischer' : 'by refractometer';
  return `The laboratory found ${figure} water ${by}`;
}

const STEP_WORDS: Partial<Record<NextStep, string>> = {
  read: 'measure more, or treat it as over',
  'read-each': 'read the other vessels too, or treat it as over',
  'check-zero':
    'more readings with this meter do not settle it, a zero check can; or treat it as over',
  'other-meter':
    'more readings with this meter do not settle it, readings with a second one can; or treat it as over',
  laboratory:
    'more readings with this meter do not settle it, a laboratory can; or treat it as over',
  'treat-as-over': 'it lies too near the limit for any meter, so treat it as over',
};

function notSettled(context: RuleContext, probability: number): Found {
  const step = context.belief.basis === 'readings' ? settledBy(context.evidence) : 'read';
  const side = probability >= 0.5 ? 'to within' : 'to over';
  const surest = Math.max(probability, 1 - probability);
  const { conformsFrom = CONFORMS_FROM } = context.belief;
  // Who may stop at any reading is asked for more.
  const asked =
    surest >= CONFORMS_FROM
      ? ` (${(100 * conformsFrom).toFixed(1)} needed, because you can stop after any reading)`
      : '';
  const leaning = `leaning ${side} with ${inHundred(surest)}${asked}`;
  return {
    bearing: 'measure',
    step,
    sentence: `${figureWords(context)} against the ${limitName(context)}: not settled, ${leaning}; ${STEP_WORDS[step] ?? ''}.`,
  };
}

function found(context: RuleContext): Found {
  const { belief, evidence } = context;
  const limit = limitPercent(evidence);
  const probability = conformityProbability(belief, limit);
  const figure = figureWords(context);
  switch (decisionOn(belief, limit)) {
    case 'conforms':
      return {
        bearing: 'accept',
        sentence: `${figure}: at or under the ${limitName(context)}, with ${inHundred(probability)}.`,
      };
    case 'over':
      return {
        bearing: canBeDried(evidence) ? 'over' : isBlendable(context) ? 'blend' : 'divert',
        sentence: `${figure}: over the ${limitName(context)}, with ${inHundred(1 - probability)}; ${remedy(context)}.`,
      };
    case 'not-settled':
      return notSettled(context, probability);
  }
}

export const moistureAgainstLimit: Rule = {
  id: 'moisture-against-limit',
  title: 'Moisture against the limit',
  source: {
    name: 'JCGM 106:2012, guarded decision at 95 %, over all looks together',
    standing: 'recalled from memory',
  },
  needs: ['reading'],
  find: (context) => (isMeasured(context.belief) ? [found(context)] : []),
};
