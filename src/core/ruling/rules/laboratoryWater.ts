import { labWater, type LabWater } from '../../quality/laboratory';
import type { Rule } from '../rule';
import { percent, withDoubt } from '../say';

const METHOD_WORDS: Readonly<Record<LabWater['by'], string>> = {
  karlFischerPercent: 'by Karl Fischer titration',
  refractometerPercent: 'by refractometer',
};

/** What the methods differ by of themselves [% water, expanded]. @source common practice, no source */
const METHODS_DIFFER_PERCENT = 0.2;

export const laboratoryWater: Rule = {
  id: 'laboratory-water',
  title: 'Water by a laboratory',
  source: { name: 'two independent measurements should agree', standing: 'our choice' },
  needs: ['lot', 'reading'],
  find: ({ evidence, belief }) => {
    const { laboratory } = evidence;
    const water = labWater(laboratory);
    if (!laboratory || !water) {
      return laboratory?.waterIsEarlier
        ? [
            {
              bearing: 'note',
              sentence: `The laboratory’s water (${laboratory.from}) is from before the honey changed: history, not its present moisture.`,
            },
          ]
        : [];
    }
    const said = `The laboratory found ${withDoubt(water.percent, water.expanded)} water ${METHOD_WORDS[water.by]} (${laboratory.from})`;
    if (belief.basis !== 'readings') {
      const note =
        water.by === 'karlFischerPercent' ? '; the limits here are by refractometry' : '';
      return [{ bearing: 'note', sentence: `${said}${note}.` }];
    }
    const methods = water.by === 'karlFischerPercent' ? METHODS_DIFFER_PERCENT : 0;
    const apart = water.percent - belief.mean;
    const room = Math.hypot(water.expanded, belief.expanded, methods);
    return [
      Math.abs(apart) > room
        ? {
            bearing: 'measure',
            step: 'check-zero',
            sentence: `${said}, ${percent(Math.abs(apart))} ${apart > 0 ? 'more' : 'less'} than your readings: one of the two is wrong, so check the zero of the meter and read again before you decide.`,
          }
        : {
            bearing: 'note',
            sentence: `${said}; your readings say ${percent(belief.mean)}, which agrees.`,
          },
    ];
  },
};
