import { GUARD_FACTOR } from '../../conformity/conformity';
import {
  fermentationClass,
  type FermentationClass,
  type FermentationClassId,
} from '../../fermentation/lochhead';
import { checkAgainMonths, storageBand } from '../../fermentation/storage';
import {
  YEAST_GROWS_FROM_AW,
  hasWaterActivity,
  waterActivity,
} from '../../fermentation/waterActivity';
import type { Belief } from '../belief';
import type { Bearing, Rule, RuleContext } from '../rule';
import { percent } from '../say';

/**
 * The class that the lot belongs to with 95 in 100: judged by the upper end of what the moisture
 * may be, since an unproven safety is none.
 */
export function lotFermentationClass(belief: Belief): FermentationClass {
  return fermentationClass(Math.min(100, belief.mean + GUARD_FACTOR * belief.standardUncertainty));
}

const CLASS_WORDS: Readonly<Record<FermentationClassId, string>> = {
  safe: 'safe for about a year whatever the yeast count',
  'under-1000': 'safe only under 1000 yeast cells per gram, and nobody counted them',
  'under-10': 'safe only under 10 yeast cells per gram, and nobody counted them',
  'under-1': 'safe only under 1 yeast cell per gram, and nobody counted them',
  'always-in-danger': 'always in danger of fermenting',
};

/** "1 month", "6 months", "2 weeks". */
function timeWords(months: number): string {
  if (months < 1) return `${Math.round(months * 4)} weeks`;
  return months === 1 ? '1 month' : `${months} months`;
}

function activityWords(belief: Belief): string {
  if (!hasWaterActivity(belief.mean)) return '';
  const aw = waterActivity(belief.mean);
  const side = aw >= YEAST_GROWS_FROM_AW ? 'yeast can grow from about' : 'under the';
  return ` (water activity about ${aw.toFixed(2)}, ${side} ${YEAST_GROWS_FROM_AW.toFixed(2)})`;
}

function bearingOf(found: FermentationClass, { belief, evidence }: RuleContext): Bearing {
  if (found.id === 'safe') return belief.basis === 'readings' ? 'accept' : 'note';
  const surelyInDanger = fermentationClass(belief.mean).id === 'always-in-danger';
  return surelyInDanger && belief.basis === 'readings' && evidence.honeyKind !== 'heather'
    ? 'dry'
    : 'condition';
}

export const fermentationRisk: Rule = {
  id: 'fermentation-class',
  title: 'Fermentation by water and yeast',
  source: {
    name: 'Lochhead (1933); Chirife, Zamora & Motto (2006)',
    standing: 'recalled from memory',
  },
  needs: ['reading', 'comb'],
  find: (context) => {
    const { belief, evidence } = context;
    const found = lotFermentationClass(belief);
    const upper = percent(belief.mean + GUARD_FACTOR * belief.standardUncertainty);
    const months = checkAgainMonths(found.id, evidence.storageTemperatureC);
    return [
      {
        bearing: bearingOf(found, context),
        sentence: `It may have up to ${upper} water: ${CLASS_WORDS[found.id]}${activityWords(belief)}; check again within ${timeWords(months)}.`,
      },
    ];
  },
};

export const storageTemperature: Rule = {
  id: 'storage-temperature',
  title: 'Temperature of the store',
  source: {
    name: 'Wilson & Marvin (1932), doubtful from memory',
    standing: 'recalled from memory',
  },
  needs: ['storage'],
  find: ({ evidence, belief, phrasing }) => {
    const safe = lotFermentationClass(belief).id === 'safe';
    const stored = evidence.storageTemperatureC;
    const at = stored === null ? '' : phrasing.temperature(stored);
    const edge = phrasing.temperature(11);
    switch (storageBand(stored)) {
      case 'not-known':
        return safe
          ? []
          : [
              {
                bearing: 'note',
                sentence: `The temperature of the store is not known; below ${edge} yeast hardly grows.`,
              },
            ];
      case 'cold':
        return [{ bearing: 'note', sentence: `Stored at ${at}, where yeast hardly grows.` }];
      case 'cool':
        return [
          {
            bearing: 'note',
            sentence: `Stored at ${at}: honey granulates fastest there, which leaves the liquid part wetter, and yeast can grow.`,
          },
        ];
      case 'yeast-grows':
        return safe
          ? []
          : [
              {
                bearing: 'note',
                sentence: `Stored at ${at}, where yeast grows best; a store below ${edge} would hold it back.`,
              },
            ];
      case 'warm':
        return [
          {
            bearing: 'note',
            sentence: `Stored at ${at}: heat costs enzymes and aroma and is no protection from yeast.`,
          },
        ];
    }
  },
};
