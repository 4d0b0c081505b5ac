import type { Found, Rule, RuleContext } from '../rule';

/** From here on it is worth a condition [1]. @source our choice, no source */
const WORTH_A_CONDITION = 0.5;

const hundredths = (share: number): string => `${Math.round(100 * share)} %`;

function found({ evidence }: RuleContext): Found | null {
  const { heat, laboratory } = evidence;
  // What a laboratory measured is judged by its own rule.
  if (!heat || laboratory?.values.hmfMgPerKg) return null;
  const { low, likely, high } = heat.spentShare;
  const said = `Warmth has used about ${hundredths(likely)} of what HMF and diastase allow (${hundredths(low)} to ${hundredths(high)}, an estimate)`;
  if (low > 1) {
    return {
      bearing: 'divert',
      sentence: `${said}: overheated by the most favourable reckoning; for cooking only where local rules know that grade, and never fed to bees.`,
    };
  }
  if (likely > 1) {
    return {
      bearing: 'measure',
      step: 'laboratory',
      sentence: `${said}: let a laboratory measure HMF and diastase before it is sold.`,
    };
  }
  return high > WORTH_A_CONDITION
    ? {
        bearing: 'condition',
        short: 'store it cool and use it within months',
        sentence: `${said}: store it cool and use it within months.`,
      }
    : { bearing: 'note', sentence: `${said}.` };
}

export const heatSpentRule: Rule = {
  id: 'heat-budget',
  title: 'Budget of warmth',
  source: {
    name: 'White and others (1964), only a laboratory certifies',
    standing: 'recalled from memory',
  },
  needs: ['lot'],
  find: (context) => {
    const one = found(context);
    return one ? [one] : [];
  },
};
