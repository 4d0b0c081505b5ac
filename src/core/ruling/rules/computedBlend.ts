import { decisionOn } from '../../conformity/conformity';
import { limitPercent } from '../evidence';
import type { Found, Rule, RuleContext } from '../rule';
import { percent, say, withDoubt } from '../../message/message';

function found({ evidence, belief }: RuleContext): Found[] {
  const limit = limitPercent(evidence);
  const figure = say('rules.calculatedFromTheMeasured', {
    withDoubt: withDoubt(belief.mean, belief.expanded),
  });
  switch (decisionOn(belief, limit)) {
    case 'conforms':
      return [
        { bearing: 'accept', sentence: say('rules.atOrUnder', { figure, limit: percent(limit) }) },
        {
          bearing: 'condition',
          short: say('rules.stirItLetItStand'),
          sentence: say('rules.stirTheBlendWellLet'),
        },
      ];
    case 'over':
      return [{ bearing: 'over', sentence: say('rules.over', { figure, limit: percent(limit) }) }];
    case 'not-settled':
      return [
        {
          bearing: 'measure',
          sentence: say('rules.notSettledAgainstStirIt', { figure, limit: percent(limit) }),
        },
      ];
  }
}

/** A blend that nobody measured yet: conservation of water says what it should be. */
export const computedBlend: Rule = {
  id: 'computed-blend',
  title: say('rules.blendCalculated'),
  source: { name: say('rules.conservationOfWaterJcgm'), standing: 'recalled' },
  needs: ['lot'],
  find: (context) => (context.belief.basis === 'blend' ? found(context) : []),
};
