import type { FermentationSign } from '../evidence';
import type { Rule } from '../rule';

const NAMES: Readonly<Record<FermentationSign, string>> = {
  'foam-returns': 'foam that comes back',
  gas: 'gas',
  'sour-smell': 'a sour, yeasty or boozy smell',
  'bulging-lid': 'a bulging lid',
};

export const signsOfFermentation: Rule = {
  id: 'signs-of-fermentation',
  title: 'Signs of fermentation',
  source: { name: 'a sign outranks a number', standing: 'common practice, no source' },
  needs: ['signs'],
  find: ({ evidence }) =>
    evidence.signs.length === 0
      ? []
      : [
          {
            bearing: 'divert',
            sentence:
              `Signs of fermentation were seen (${evidence.signs.map((one) => NAMES[one]).join(', ')}), ` +
              'whatever the meter says: not for the jar and not fed back to bees; never heat it in a closed jar, the pressure can burst it.',
          },
        ],
};
