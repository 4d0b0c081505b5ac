import { conformityDecision, conformityProbability } from '../../conformity/conformity';
import type { VesselMoisture } from '../../moisture/lotMoisture';
import { LAYERING_SPREAD_PERCENT, type Spot } from '../../moisture/sampleState';
import { limitPercent, ordinaryVessels } from '../evidence';
import type { Found, Rule, RuleContext } from '../rule';
import { percent, withDoubt } from '../say';
import { suspectMoistures, suspectVesselsOf } from '../vesselMoistures';

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

/** What differs in a vessel: top and bottom, else its readings among themselves. */
function layeredWords(context: RuleContext, vessel: VesselMoisture): string {
  const at = (spot: Spot) => vessel.spots.find((one) => one.spot === spot)?.meanPercent;
  const [top, bottom] = [at('top'), at('bottom')];
  const name = nameOf(context, vessel);
  return top !== undefined &&
    bottom !== undefined &&
    Math.abs(top - bottom) > LAYERING_SPREAD_PERCENT
    ? `${name}: ${percent(top)} on top, ${percent(bottom)} at the bottom; drier honey sinks, so stir it through and read again.`
    : `${name}: readings differ by ${percent(vessel.spreadPercent)}; drier honey sinks, so stir it through and read again.`;
}

export const layeredVessel: Rule = {
  id: 'layered-vessel',
  title: 'Readings of one vessel differ',
  source: { name: 'unstirred honey lies in layers', standing: 'common practice, no source' },
  needs: ['reading'],
  find: (context) =>
    (context.belief.measured?.vessels ?? [])
      .filter((one) => one.spreadPercent > LAYERING_SPREAD_PERCENT)
      .map((one) => ({ bearing: 'note', sentence: layeredWords(context, one) })),
};

/** A suspicious vessel that was measured, by itself. */
function suspectFound(context: RuleContext, vessel: VesselMoisture): Found {
  const { meanPercent: mean, uncertainty } = vessel;
  const limit = limitPercent(context.evidence);
  const estimate = { mean, standardUncertainty: uncertainty.standard };
  const figure = `${nameOf(context, vessel)}, judged by itself, measures ${withDoubt(mean, uncertainty.expanded)}`;
  switch (conformityDecision(conformityProbability(estimate, limit))) {
    case 'conforms':
      return { bearing: 'note', sentence: `${figure}: at or under ${percent(limit)}.` };
    case 'over':
      return {
        bearing: 'condition',
        sentence: `${figure}, over ${percent(limit)}: set it apart; it is no part of this lot's figure.`,
      };
    case 'not-settled':
      return {
        bearing: 'condition',
        sentence: `${figure}, not settled against ${percent(limit)}: keep it apart or read it again.`,
      };
  }
}

export const suspectVessels: Rule = {
  id: 'suspect-vessels',
  title: 'Suspicious vessels',
  source: {
    name: 'what is tested on suspicion is judged by itself',
    standing: 'common practice, no source',
  },
  needs: ['vessel'],
  find: (context) => {
    const { evidence } = context;
    const measured = suspectMoistures(evidence);
    const tested = new Set(measured.map((one) => one.vesselId));
    const untested = suspectVesselsOf(evidence)
      .filter((one) => !tested.has(one.id))
      .map(({ label, suspectBecause = '' }): Found => {
        const sentence = `${label} is suspicious (${suspectBecause}) and was not tested: keep it apart, or read it.`;
        return { bearing: 'condition', sentence };
      });
    return [...measured.map((one) => suspectFound(context, one)), ...untested];
  },
};

export const untestedVessels: Rule = {
  id: 'untested-vessels',
  title: 'Vessels not tested',
  source: { name: 'what was not measured is said', standing: 'our choice' },
  needs: ['reading', 'vessel'],
  find: ({ belief, evidence }) => {
    const tested = new Set(evidence.readings.map((one) => one.vesselId));
    const vessels = ordinaryVessels(evidence.vessels);
    const untested = vessels.filter((one) => !tested.has(one.id)).length;
    if (!belief.measured || untested === 0 || vessels.length < 2) return [];
    return [
      {
        bearing: 'note',
        sentence: `${untested} of ${vessels.length} vessels have no reading of their own; what they may differ by is in the ±.`,
      },
    ];
  },
};
