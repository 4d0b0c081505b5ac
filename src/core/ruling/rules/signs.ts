import { FERMENTING_FAULTS } from '../../quality/senses';
import type { FermentationSign, LotEvidence } from '../evidence';
import type { Rule } from '../rule';
import { listed, type Message, say } from '../../message/message';

const NAMES: Readonly<Record<FermentationSign, Message>> = {
  'foam-returns': say('rules.foamThatComesBack'),
  gas: say('rules.gas'),
  'sour-smell': say('rules.aSourYeastyOrBoozy'),
  'bulging-lid': say('rules.aBulgingLid'),
};

/** Signs ticked for the lot, and those that were smelt, tasted or seen at the bench. */
function signsIn({ signs, senses }: LotEvidence): FermentationSign[] {
  const smelt = senses?.faults.some((fault) => FERMENTING_FAULTS.includes(fault));
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
  title: say('rules.signsOfFermentation'),
  source: { name: say('rules.aSignOutranksANumber'), standing: 'practice' },
  needs: ['signs'],
  find: ({ evidence }) =>
    signsIn(evidence).length === 0
      ? []
      : [
          {
            bearing: 'divert',
            sentence: say('rules.signsOfFermentationWereSeen', {
              signs: listed(signsIn(evidence).map((sign) => NAMES[sign])),
            }),
          },
        ],
};
