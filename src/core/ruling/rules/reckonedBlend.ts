import { decisionOn } from '../../conformity/conformity';
import { limitPercent } from '../evidence';
import type { Found, Rule, RuleContext } from '../rule';
import { percent, withDoubt } from '../say';

function found({ evidence, belief }: RuleContext): Found[] {
  const limit = limitPercent(evidence);
  const figure = `Reckoned ${withDoubt(belief.mean, belief.expanded)} from the measured containers that were blended`;
  switch (decisionOn(belief, limit)) {
    case 'conforms':
      return [
        { bearing: 'accept', sentence: `${figure}: at or under ${percent(limit)}.` },
        {
          bearing: 'condition',
          short: 'stir it, let it stand a day and take a reading',
          sentence:
            'Stir the blend through, let it stand a day and take a reading: what is reckoned was not measured.',
        },
      ];
    case 'over':
      return [{ bearing: 'over', sentence: `${figure}: over ${percent(limit)}.` }];
    case 'not-settled':
      return [
        {
          bearing: 'measure',
          sentence: `${figure}: not settled against ${percent(limit)}; stir it and take a reading.`,
        },
      ];
  }
}

/** A blend that nobody measured yet: conservation of water says what it should be. */
export const reckonedBlend: Rule = {
  id: 'reckoned-blend',
  title: 'Blend, reckoned',
  source: { name: 'conservation of water; JCGM 106:2012', standing: 'recalled from memory' },
  needs: ['lot'],
  find: (context) => (context.belief.basis === 'blend' ? found(context) : []),
};
