import { decisionOn } from '../../conformity/conformity';
import type { VesselMoisture } from '../../moisture/lotMoisture';
import { LAYERING_SPREAD_PERCENT, type Spot } from '../../moisture/sampleState';
import { allAreSuspect, limitPercent, ordinaryVessels } from '../evidence';
import type { Found, Rule, RuleContext } from '../rule';
import { inHundred, percent, withDoubt } from '../say';
import {
  anyVesselOver,
  suspectMoistures,
  suspectVesselsOf,
  vesselsAgainstLimit,
} from '../vesselMoistures';

function nameOf({ evidence }: RuleContext, vessel: VesselMoisture): string {
  return evidence.vessels.find((one) => one.id === vessel.vesselId)?.label ?? 'The lot as a whole';
}

const withFigure = (context: RuleContext, vessel: VesselMoisture): string =>
  `${nameOf(context, vessel)} (${withDoubt(vessel.meanPercent, vessel.uncertainty.expanded)})`;

export const vesselApart: Rule = {
  id: 'vessel-apart',
  title: 'Each vessel by itself',
  source: { name: 'JCGM 106:2012, guarded decision at 95 %', standing: 'recalled from memory' },
  needs: ['reading', 'vessel'],
  find: (context) => {
    const { over, notSettled } = vesselsAgainstLimit(context.evidence, context.belief);
    const limit = percent(limitPercent(context.evidence));
    const wet = over.map((one): Found => ({
      bearing: 'over',
      sentence: `${withFigure(context, one)} is over ${limit} by itself, whatever the mean of the lot says: set it apart.`,
    }));
    if (notSettled.length === 0) return wet;
    const names = notSettled.map((one) => withFigure(context, one)).join(', ');
    const [verb, what] =
      notSettled.length === 1
        ? ['is', 'it may be over; read it again or keep it apart']
        : ['are each', 'any of them may be over; read them again or keep them apart'];
    const sentence = `${names} ${verb} not settled against ${limit}: ${what}.`;
    return [...wet, { bearing: 'measure', step: 'read', sentence }];
  },
};

export const chanceOfAnyVessel: Rule = {
  id: 'any-vessel',
  title: 'Chance that any vessel is over',
  source: { name: 'JCGM 106:2012; our choice', standing: 'recalled from memory' },
  needs: ['reading', 'vessel'],
  find: ({ evidence, belief }) => {
    const chance = anyVesselOver(evidence, belief);
    if (chance === null) return [];
    const count = ordinaryVessels(evidence.vessels).length;
    const sentence = `Chance that any of the ${count} vessels is over ${percent(limitPercent(evidence))}: ${inHundred(chance)}.`;
    return [{ bearing: 'note', sentence }];
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
  switch (decisionOn(estimate, limit)) {
    case 'conforms':
      return { bearing: 'note', sentence: `${figure}: at or under ${percent(limit)}.` };
    case 'over':
      return {
        bearing: 'condition',
        short: `keep ${nameOf(context, vessel)} apart`,
        sentence: `${figure}, over ${percent(limit)}: set it apart; it is no part of this lot's figure.`,
      };
    case 'not-settled':
      return {
        bearing: 'condition',
        short: `keep ${nameOf(context, vessel)} apart`,
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
        return { bearing: 'condition', short: `keep ${label} apart`, sentence };
      });
    const all: Found[] = allAreSuspect(evidence.vessels)
      ? [
          {
            bearing: 'measure',
            step: 'read-each',
            sentence:
              'Every vessel of this lot is marked to be kept apart, so no ordinary one speaks for it: go by each vessel, or take the mark off those that are not in doubt.',
          },
        ]
      : [];
    return [...all, ...measured.map((one) => suspectFound(context, one)), ...untested];
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
