import { requireFinite } from '../../errors';
import { CONFORMS_FROM, guardOf, type Estimate } from '../../conformity/conformity';
import { fermentationClass, type FermentationClass } from '../../fermentation/lochhead';
import { checkAgainMonths, storageBand } from '../../fermentation/storage';
import {
  YEAST_GROWS_FROM_AW,
  hasWaterActivity,
  waterActivity,
} from '../../fermentation/waterActivity';
import { isMeasured, type Belief } from '../belief';
import { ordinaryVessels, type LotEvidence } from '../evidence';
import { rememberedBy } from '../../lists/rememberedBy';
import type { Bearing, Rule, RuleContext } from '../rule';
import { vesselEstimate, vesselMoistures } from '../vesselMoistures';
import {
  type Message,
  type MessageValue,
  percent,
  say,
  temperature,
  within,
} from '../../message/message';

/**
 * The class that honey belongs to with 95 in 100: judged by the upper end of what its moisture may be,
 * since an unproven safety is none.
 */
export const keepingClass = (moisture: Estimate): FermentationClass =>
  fermentationClass(Math.min(100, upperPercent(moisture)));

/** A vessel with the upper end of what its moisture may be [%]. */
interface UpperEnd {
  /** null where the lot speaks for itself */
  readonly label: string | null;
  readonly moisture: Estimate;
}

/** No decision hangs on it that looking again could spoil: 95 in 100, whatever is asked of the limit. */
const upperPercent = (moisture: Estimate): number =>
  moisture.mean + guardOf(moisture, CONFORMS_FROM);

/**
 * What a lot keeps like: like the one of its vessels that may be the wettest, for honey spoils vessel by
 * vessel; one that was not read may differ from the mean as a single vessel does.
 */
const wettestEnd = rememberedBy((evidence: LotEvidence, belief: Belief): UpperEnd => {
  const vessels = ordinaryVessels(evidence.vessels);
  const read = new Set(
    vesselMoistures(evidence, belief).map((vesselMoisture) => vesselMoisture.vesselId),
  );
  const unread = vessels.find((vessel) => !read.has(vessel.id));
  const each = vessels.length < 2 ? [] : vessels.filter((vessel) => read.has(vessel.id));
  const ends: UpperEnd[] = [
    { label: null, moisture: unread ? vesselEstimate(evidence, belief, unread.id) : belief },
    ...each.map(({ id, label }) => ({ label, moisture: vesselEstimate(evidence, belief, id) })),
  ];
  return ends.reduce((a, b) => (upperPercent(b.moisture) > upperPercent(a.moisture) ? b : a));
});

/** Moisture of the vessel of a lot that may be the wettest; of the lot where that is one vessel. */
export const wettestMoisture = (evidence: LotEvidence, belief: Belief): Estimate => {
  requireFinite({ evidence, belief }, 'wettestMoisture');
  return wettestEnd(evidence, belief).moisture;
};

/** The class of the wettest end of a lot. */
export const lotFermentationClass = (evidence: LotEvidence, belief: Belief): FermentationClass =>
  keepingClass(wettestEnd(evidence, belief).moisture);

/** What a class says, with the yeast count where a laboratory made one. */
function classWords(found: FermentationClass, yeastPerG: number | null): Message {
  if (found.id === 'safe') return say('rules.safeForAboutAYear');
  if (found.id === 'always-in-danger') return say('rules.alwaysInDangerOfFermenting');
  const below = found.safeBelowYeastPerG;
  const cells = say('rules.yeastCellsPerGram', { below });
  if (yeastPerG === null) return say('rules.safeOnlyBelowWhichWere', { cells });
  return yeastPerG < below
    ? say('rules.safeForAboutAYearBelow', { cells, yeastPerG })
    : say('rules.inDangerFromOnAnd', { cells, yeastPerG });
}

function activityWords(belief: Belief): MessageValue {
  if (!hasWaterActivity(belief.mean)) return '';
  const aw = waterActivity(belief.mean);
  const values = { aw: aw.toFixed(2), edge: YEAST_GROWS_FROM_AW.toFixed(2) };
  if (aw >= YEAST_GROWS_FROM_AW) return say('rules.waterActivityFeedsYeast', values);
  return values.aw === values.edge
    ? say('rules.waterActivityJustUnder', { edge: values.edge })
    : say('rules.waterActivityUnder', values);
}

const yeastCounted = ({ evidence }: RuleContext): number | null =>
  evidence.laboratory?.values.yeastPerG?.value ?? null;

function bearingOf(found: FermentationClass, context: RuleContext): Bearing {
  const { belief, evidence } = context;
  if ((yeastCounted(context) ?? Infinity) < found.safeBelowYeastPerG) return 'note';
  if (found.id === 'safe') return isMeasured(belief) ? 'accept' : 'note';
  const surelyInDanger = fermentationClass(belief.mean).id === 'always-in-danger';
  return surelyInDanger && isMeasured(belief) && evidence.honeyKind !== 'heather'
    ? 'dry'
    : 'condition';
}

export const fermentationRisk: Rule = {
  id: 'fermentation-class',
  title: say('rules.fermentationByWaterAndYeast'),
  source: {
    name: say('rules.lochheadChirifeZamoraMotto'),
    standing: 'recalled',
  },
  needs: ['reading', 'comb'],
  find: (context) => {
    const { belief, evidence } = context;
    const { label, moisture } = wettestEnd(evidence, belief);
    const found = keepingClass(moisture);
    const upper = percent(upperPercent(moisture));
    const months = checkAgainMonths(found.id, evidence.storageTemperatureC);
    const bearing = bearingOf(found, context);
    return [
      {
        bearing,
        ...(bearing === 'condition' && {
          short: say('rules.lookAgain', { within: within(months) }),
        }),
        sentence: say('rules.mayHaveUpToWater', {
          label: label ?? say('rules.it'),
          upper,
          classWords: classWords(found, yeastCounted(context)),
          activityWords: activityWords(belief),
          within: within(months),
        }),
      },
    ];
  },
};

export const storageTemperature: Rule = {
  id: 'storage-temperature',
  title: say('rules.temperatureOfTheStore'),
  source: {
    name: say('rules.wilsonMarvinDoubtfulFromMemory'),
    standing: 'recalled',
  },
  needs: ['storage'],
  find: ({ evidence, belief }) => {
    const safe = lotFermentationClass(evidence, belief).id === 'safe';
    const stored = evidence.storageTemperatureC;
    const at = stored === null ? '' : temperature(stored);
    const edge = temperature(11);
    switch (storageBand(stored)) {
      case 'not-known':
        return safe
          ? []
          : [
              {
                bearing: 'note',
                sentence: say('rules.theStorageTemperatureIsNot', { edge }),
              },
            ];
      case 'cold':
        return [{ bearing: 'note', sentence: say('rules.storedAtWhereYeastHardly', { at }) }];
      case 'cool':
        return [
          {
            bearing: 'note',
            sentence: say('rules.storedAtHoneyGranulatesFastest', { at }),
          },
        ];
      case 'yeast-grows':
        return safe
          ? []
          : [
              {
                bearing: 'note',
                sentence: say('rules.storedAtWhereYeastGrows', { at, edge }),
              },
            ];
      case 'warm':
        return [
          {
            bearing: 'note',
            sentence: say('rules.storedAtHeatCostsEnzymes', { at }),
          },
        ];
    }
  },
};
