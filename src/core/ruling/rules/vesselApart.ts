import { conformityDecision, conformityProbability } from '../../conformity/conformity';
import type { VesselMoisture } from '../../moisture/lotMoisture';
import { limitPercent } from '../evidence';
import type { Found, Rule, RuleContext } from '../rule';
import { percent, withDoubt } from '../say';

/** Spread of readings in one vessel from which layers are likely [% moisture]. @source common practice, no source */
export const LAYERING_SPREAD_PERCENT = 0.5;

function nameOf({ evidence }: RuleContext, vessel: VesselMoisture): string {
  return evidence.vessels.find((one) => one.id === vessel.vesselId)?.label ?? 'The lot as a whole';
}

function over(context: RuleContext, vessel: VesselMoisture): Found[] {
  const { meanPercent: mean, uncertainty } = vessel;
  const limit = limitPercent(context.evidence);
  const estimate = { mean, standardUncertainty: uncertainty.standard };
  if (conformityDecision(conformityProbability(estimate, limit)) !== 'over') return [];
  return [
    {
      bearing: 'over',
      sentence: `${nameOf(context, vessel)} by itself measures ${withDoubt(mean, uncertainty.expanded)}, over ${percent(limit)}: set it apart, whatever the mean of the lot says.`,
    },
  ];
}

export const vesselApart: Rule = {
  id: 'vessel-apart',
  title: 'Each vessel by itself',
  source: { name: 'JCGM 106:2012, guarded decision at 95 %', standing: 'recalled from memory' },
  needs: ['reading', 'vessel'],
  find: (context) => {
    const vessels = context.belief.measured?.vessels ?? [];
    return vessels.length < 2 ? [] : vessels.flatMap((one) => over(context, one));
  },
};

export const layeredVessel: Rule = {
  id: 'layered-vessel',
  title: 'Readings of one vessel differ',
  source: { name: 'unstirred honey lies in layers', standing: 'common practice, no source' },
  needs: ['reading'],
  find: (context) =>
    (context.belief.measured?.vessels ?? [])
      .filter((one) => one.spreadPercent > LAYERING_SPREAD_PERCENT)
      .map((one) => ({
        bearing: 'note',
        sentence: `${nameOf(context, one)}: readings differ by ${percent(one.spreadPercent)}; drier honey sinks, so stir it through and read again.`,
      })),
};

export const untestedVessels: Rule = {
  id: 'untested-vessels',
  title: 'Vessels not tested',
  source: { name: 'what was not measured is said', standing: 'our choice' },
  needs: ['reading', 'vessel'],
  find: ({ belief, evidence }) => {
    const tested = new Set(evidence.readings.map((one) => one.vesselId));
    const untested = evidence.vessels.filter((one) => !tested.has(one.id)).length;
    if (!belief.measured || untested === 0 || evidence.vessels.length < 2) return [];
    return [
      {
        bearing: 'note',
        sentence: `${untested} of ${evidence.vessels.length} vessels have no reading of their own; what they may differ by is in the ±.`,
      },
    ];
  },
};
