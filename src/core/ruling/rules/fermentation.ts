import { GUARD_FACTOR } from '../../conformity/conformity';
import { fermentationClass, type FermentationClass } from '../../fermentation/lochhead';
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

/** What a class says, with the yeast count where a laboratory made one. */
function classWords(found: FermentationClass, yeastPerG: number | null): string {
  if (found.id === 'safe') return 'safe for about a year whatever the yeast count';
  if (found.id === 'always-in-danger') return 'always in danger of fermenting';
  const below = found.safeBelowYeastPerG;
  const cells = `${below} yeast ${below === 1 ? 'cell' : 'cells'} per gram`;
  if (yeastPerG === null) return `safe only under ${cells}, and nobody counted them`;
  return yeastPerG < below
    ? `safe for about a year under ${cells}, and ${yeastPerG} were counted`
    : `in danger from ${cells} on, and ${yeastPerG} were counted`;
}

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

const yeastCounted = ({ evidence }: RuleContext): number | null =>
  evidence.laboratory?.values.yeastPerG?.value ?? null;

function bearingOf(found: FermentationClass, context: RuleContext): Bearing {
  const { belief, evidence } = context;
  if ((yeastCounted(context) ?? Infinity) < found.safeBelowYeastPerG) return 'note';
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
        sentence: `It may have up to ${upper} water: ${classWords(found, yeastCounted(context))}${activityWords(belief)}; check again within ${timeWords(months)}.`,
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
