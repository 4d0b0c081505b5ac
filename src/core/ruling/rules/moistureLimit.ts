import { canBeDried, waysOf } from '../flips/ways';
import { CONFORMS_FROM, conformityProbability, decisionOn } from '../../conformity/conformity';
import { labWater } from '../../quality/laboratory';
import { limitPercent } from '../evidence';
import { isMeasured } from '../belief';
import type { Found, NextStep, Rule, RuleContext } from '../rule';
import { settledBy } from '../flips/settledBy';
import { chance, type Message, percent, say, withDoubt } from '../../message/message';

function limitName({ evidence }: RuleContext): Message {
  const { ruleSet, honeyKind } = evidence;
  const kind = honeyKind === 'heather' ? say('rules.heather') : '';
  return say('rules.ofLimitpercentNameEditionKind', {
    limitPercent: percent(limitPercent(evidence)),
    name: ruleSet.name,
    edition: ruleSet.edition,
    kind,
  });
}

const isBlendable = ({ evidence, belief }: RuleContext): boolean =>
  waysOf(evidence, belief).some((way) => way.id === 'blend' && way.open);

/** What can still be done with honey over the limit. */
function remedy(context: RuleContext): Message {
  const { evidence, belief } = context;
  const bakers = evidence.ruleSet.bakersLimitPercent?.[evidence.honeyKind];
  const cooking =
    bakers !== undefined && belief.mean <= bakers
      ? say('rules.thisRuleSetAllowsBakers', { bakers: percent(bakers) })
      : '';
  if (canBeDried(evidence)) return say('rules.dryItAndMeasureAgain', { cooking });
  const why =
    evidence.honeyKind === 'heather'
      ? say('rules.gelledHeatherDoesNotDry')
      : say('rules.setHoneyDoesNotDry');
  return say('rules.soBlendIt', { why, way: isBlendable(context) ? 'blend' : 'divert', cooking });
}

/** What the figure rests on, as the sentence begins. */
function figureWords({ belief, evidence }: RuleContext): Message {
  const figure = withDoubt(belief.mean, belief.expanded);
  if (belief.basis === 'readings') return say('rules.measured', { figure });
  const water = labWater(evidence.laboratory);
  const by =
    water?.by === 'karlFischerPercent' ? say('rules.byKarlFischer') : say('rules.byRefractometer');
  return say('rules.theLaboratoryFoundWater', { figure, by });
}

const STEP_WORDS: Partial<Record<NextStep, Message>> = {
  read: say('rules.measureMoreOrTreatIt'),
  'read-each': say('rules.readTheOtherVesselsToo'),
  'check-zero': say('rules.moreReadingsWithThisMeter'),
  'other-meter': say('rules.moreReadingsWithThisMeterWill'),
  laboratory: say('rules.moreReadingsWithThisMeterWillNot'),
  'treat-as-over': say('rules.itIsTooNearThe'),
};

function notSettled(context: RuleContext, probability: number): Found {
  const step = context.belief.basis === 'readings' ? settledBy(context.evidence) : 'read';
  const side = probability >= 0.5 ? say('rules.toWithin') : say('rules.toOver');
  const surest = Math.max(probability, 1 - probability);
  const { conformsFrom = CONFORMS_FROM } = context.belief;
  // Who may stop at any reading is asked for more.
  const asked =
    surest >= CONFORMS_FROM
      ? say('rules.neededBecauseYouCanStop', { conformsFrom: (100 * conformsFrom).toFixed(1) })
      : '';
  const leaning = say('rules.leaningWith', { side, surest: chance(surest), asked });
  return {
    bearing: 'measure',
    step,
    sentence: say('rules.againstTheNotSettled', {
      figureWords: figureWords(context),
      limitName: limitName(context),
      leaning,
      stepWord: STEP_WORDS[step] ?? '',
    }),
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
        sentence: say('rules.atOrUnderTheWith', {
          figure,
          limitName: limitName(context),
          probability: chance(probability),
        }),
      };
    case 'over':
      return {
        bearing: canBeDried(evidence) ? 'over' : isBlendable(context) ? 'blend' : 'divert',
        sentence: say('rules.overTheWith', {
          figure,
          limitName: limitName(context),
          probability: chance(1 - probability),
          remedy: remedy(context),
        }),
      };
    case 'not-settled':
      return notSettled(context, probability);
  }
}

export const moistureAgainstLimit: Rule = {
  id: 'moisture-against-limit',
  title: say('rules.moistureAgainstTheLimit'),
  source: {
    name: say('rules.jcgmGuardedDecisionAtOver'),
    standing: 'recalled',
  },
  needs: ['reading'],
  find: (context) => (isMeasured(context.belief) ? [found(context)] : []),
};
