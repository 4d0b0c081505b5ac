import type { Found, Rule, RuleContext } from '../rule';
import { say, hundredths } from '../../message/message';

/** From here on it is worth a condition [1]. @source our choice, no source */
const WORTH_A_CONDITION = 0.5;

function found({ evidence }: RuleContext): Found | null {
  const { heat, laboratory } = evidence;
  // What a laboratory measured is judged by its own rule.
  if (!heat || laboratory?.values.hmfMgPerKg) return null;
  const { low, likely, high } = heat.spentShare;
  const said = say('rules.warmthHasUsedAboutOf', {
    likely: hundredths(likely),
    low: hundredths(low),
    high: hundredths(high),
  });
  if (low > 1) {
    return {
      bearing: 'divert',
      sentence: say('rules.overheatedEvenByTheMost', { said }),
    };
  }
  if (likely > 1) {
    return {
      bearing: 'measure',
      step: 'laboratory',
      sentence: say('rules.letALaboratoryMeasureHmf', { said }),
    };
  }
  return high > WORTH_A_CONDITION
    ? {
        bearing: 'condition',
        short: say('rules.storeItCoolAndUse'),
        sentence: say('rules.storeItCoolAndUseIt', { said }),
      }
    : { bearing: 'note', sentence: say('rules.asItIs', { said }) };
}

export const heatSpentRule: Rule = {
  id: 'heat-budget',
  title: say('rules.warmthBudget'),
  source: {
    name: say('rules.whiteAndOthersOnlyA'),
    standing: 'recalled',
  },
  needs: ['lot'],
  find: (context) => {
    const one = found(context);
    return one ? [one] : [];
  },
};
