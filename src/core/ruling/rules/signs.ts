import { FERMENTING_FAULTS } from '../../quality/senses';
import type { FermentationSign, LotEvidence } from '../evidence';
import type { Rule } from '../rule';

const NAMES: Readonly<Record<FermentationSign, string>> = {
  'foam-returns': 'foam that comes back',
  gas: 'gas',
  'sour-smell': 'a sour, yeasty or boozy smell',
  'bulging-lid': 'a bulging lid',
};

/** Signs ticked for the lot, and those that were smelt, tasted or seen at the bench. */
function signsIn({ signs, senses }: LotEvidence): FermentationSign[] {
  const smelt = senses?.faults.some((one) => FERMENTING_FAULTS.includes(one));
  const foams = senses?.foam === 'comes-back';
  const found: FermentationSign[] = [
    ...signs,
    ...(smelt ? ['sour-smell' as const] : []),
    ...(foams ? ['foam-returns' as const] : []),
  ];
  return [...new Set(found)];
}

export const signsOfFermentation: Rule = {
  id: 'signs-of-fermentation',
  title: 'Signs of fermentation',
  source: { name: 'a sign outranks a number', standing: 'common practice, no source' },
  needs: ['signs'],
  find: ({ evidence }) =>
    signsIn(evidence).length === 0
      ? []
      : [
          {
            bearing: 'divert',
            sentence:
              `Signs of fermentation were seen (${signsIn(evidence)
                .map((one) => NAMES[one])
                .join(', ')}), ` +
              'whatever the meter says: not for the jar and not fed back to bees; never heat it in a closed jar, the pressure can burst it.',
          },
        ],
};
