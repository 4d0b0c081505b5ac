import { labWater, type LabWater } from '../../quality/laboratory';
import type { Rule } from '../rule';
import { type Message, percent, say, withDoubt } from '../../message/message';

const METHOD_WORDS: Readonly<Record<LabWater['by'], Message>> = {
  karlFischerPercent: say('rules.byKarlFischerTitration'),
  refractometerPercent: say('rules.byRefractometer'),
};

/** What the methods differ by of themselves [% water, expanded]. @source common practice, no source */
const METHODS_DIFFER_PERCENT = 0.2;

export const laboratoryWater: Rule = {
  id: 'laboratory-water',
  title: say('rules.waterByALaboratory'),
  source: { name: say('rules.twoIndependentMeasurementsShould'), standing: 'choice' },
  needs: ['lot', 'reading'],
  find: ({ evidence, belief }) => {
    const { laboratory } = evidence;
    const water = labWater(laboratory);
    if (!laboratory || !water) {
      return laboratory?.waterIsEarlier
        ? [
            {
              bearing: 'note',
              sentence: say('rules.theLaboratorysWaterIsFrom', { from: laboratory.from }),
            },
          ]
        : [];
    }
    const said = say('rules.theLaboratoryFoundWater2', {
      withDoubt: withDoubt(water.percent, water.expanded),
      methodWord: METHOD_WORDS[water.by],
      from: laboratory.from,
    });
    if (belief.basis !== 'readings') {
      const note = water.by === 'karlFischerPercent' ? say('rules.theLimitsHereAreBy') : '';
      return [{ bearing: 'note', sentence: say('rules.saidWithNote', { said, note }) }];
    }
    const methods = water.by === 'karlFischerPercent' ? METHODS_DIFFER_PERCENT : 0;
    const apart = water.percent - belief.mean;
    const room = Math.hypot(water.expanded, belief.expanded, methods);
    return [
      Math.abs(apart) > room
        ? {
            bearing: 'measure',
            step: 'check-zero',
            sentence: say('rules.moreThanYourReadingsOne', {
              said,
              apart: percent(Math.abs(apart)),
              side: apart > 0 ? 'more' : 'less',
            }),
          }
        : {
            bearing: 'note',
            sentence: say('rules.yourReadingsSayWhichAgrees', { said, mean: percent(belief.mean) }),
          },
    ];
  },
};
