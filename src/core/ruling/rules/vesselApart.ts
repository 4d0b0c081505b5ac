import { decisionOn } from '../../conformity/conformity';
import type { VesselMoisture } from '../../moisture/lotMoisture';
import { LAYERING_SPREAD_PERCENT, type Spot } from '../../moisture/sampleState';
import { allAreSuspect, limitPercent, ordinaryVessels } from '../evidence';
import type { Found, Rule, RuleContext } from '../rule';
import {
  anyVesselOver,
  suspectMoistures,
  suspectVesselsOf,
  vesselsAgainstLimit,
} from '../vesselMoistures';
import {
  chance,
  listed,
  type Message,
  type MessageValue,
  percent,
  say,
  withDoubt,
} from '../../message/message';

function nameOf({ evidence }: RuleContext, vessel: VesselMoisture): MessageValue {
  return (
    evidence.vessels.find((vesselEvidence) => vesselEvidence.id === vessel.vesselId)?.label ??
    say('rules.theLotAsAWhole')
  );
}

const withFigure = (context: RuleContext, vessel: VesselMoisture): Message =>
  say('rules.vesselWithFigure', {
    vessel: nameOf(context, vessel),
    figure: withDoubt(vessel.meanPercent, vessel.uncertainty.expanded),
  });

export const vesselApart: Rule = {
  id: 'vessel-apart',
  title: say('rules.eachContainerByItself'),
  source: { name: say('rules.jcgmGuardedDecisionAt'), standing: 'recalled' },
  needs: ['reading', 'vessel'],
  find: (context) => {
    const { over, notSettled } = vesselsAgainstLimit(context.evidence, context.belief);
    const limit = percent(limitPercent(context.evidence));
    const wet = over.map((vesselMoisture): Found => ({
      bearing: 'over',
      sentence: say('rules.byItselfIsOverWhatever', {
        withFigure: withFigure(context, vesselMoisture),
        limit,
      }),
    }));
    if (notSettled.length === 0) return wet;
    const vessels = listed(notSettled.map((vessel) => withFigure(context, vessel)));
    const count = notSettled.length;
    const sentence = say('rules.notSettledAgainst', { vessels, count, limit });
    return [...wet, { bearing: 'measure', step: 'read', sentence }];
  },
};

export const chanceOfAnyVessel: Rule = {
  id: 'any-vessel',
  title: say('rules.chanceThatAnyContainerIs'),
  source: { name: say('rules.jcgmOurChoice'), standing: 'recalled' },
  needs: ['reading', 'vessel'],
  find: ({ evidence, belief }) => {
    const over = anyVesselOver(evidence, belief);
    if (over === null) return [];
    const count = ordinaryVessels(evidence.vessels).length;
    const sentence = say('rules.chanceThatAnyOfThe', {
      count,
      limitPercent: percent(limitPercent(evidence)),
      chance: chance(over),
    });
    return [{ bearing: 'note', sentence }];
  },
};

/** What differs in a vessel: top and bottom, else its readings among themselves. */
function layeredWords(context: RuleContext, vessel: VesselMoisture): Message {
  const at = (spot: Spot) => vessel.spots.find((item) => item.spot === spot)?.meanPercent;
  const [top, bottom] = [at('top'), at('bottom')];
  const name = nameOf(context, vessel);
  return top !== undefined &&
    bottom !== undefined &&
    Math.abs(top - bottom) > LAYERING_SPREAD_PERCENT
    ? say('rules.atTheTopAtThe', { name, top: percent(top), bottom: percent(bottom) })
    : say('rules.readingsDifferByDrierHoney', {
        name,
        spreadPercent: percent(vessel.spreadPercent),
      });
}

export const layeredVessel: Rule = {
  id: 'layered-vessel',
  title: say('rules.readingsOfOneContainerDiffer'),
  source: { name: say('rules.unstirredHoneyLiesInLayers'), standing: 'practice' },
  needs: ['reading'],
  find: (context) =>
    (context.belief.measured?.vessels ?? [])
      .filter((vessel) => vessel.spreadPercent > LAYERING_SPREAD_PERCENT)
      .map((vessel) => ({ bearing: 'note', sentence: layeredWords(context, vessel) })),
};

/** A suspicious vessel that was measured, by itself. */
function suspectFound(context: RuleContext, vessel: VesselMoisture): Found {
  const { meanPercent: mean, uncertainty } = vessel;
  const limit = limitPercent(context.evidence);
  const estimate = { mean, standardUncertainty: uncertainty.standard };
  const figure = say('rules.judgedByItselfMeasures', {
    nameOf: nameOf(context, vessel),
    withDoubt: withDoubt(mean, uncertainty.expanded),
  });
  switch (decisionOn(estimate, limit)) {
    case 'conforms':
      return {
        bearing: 'note',
        sentence: say('rules.atOrUnder', { figure, limit: percent(limit) }),
      };
    case 'over':
      return {
        bearing: 'condition',
        short: say('rules.keepApart', { nameOf: nameOf(context, vessel) }),
        sentence: say('rules.overSetItAsideIt', { figure, limit: percent(limit) }),
      };
    case 'not-settled':
      return {
        bearing: 'condition',
        short: say('rules.keepApart', { nameOf: nameOf(context, vessel) }),
        sentence: say('rules.notSettledAgainstKeepIt', { figure, limit: percent(limit) }),
      };
  }
}

export const suspectVessels: Rule = {
  id: 'suspect-vessels',
  title: say('rules.containersKeptApart'),
  source: {
    name: say('rules.whatIsInDoubtIs'),
    standing: 'practice',
  },
  needs: ['vessel'],
  find: (context) => {
    const { evidence } = context;
    const measured = suspectMoistures(evidence);
    const tested = new Set(measured.map((vesselMoisture) => vesselMoisture.vesselId));
    const untested = suspectVesselsOf(evidence)
      .filter((suspectVessel) => !tested.has(suspectVessel.id))
      .map(({ label, suspectBecause = '' }): Found => {
        const sentence = say('rules.isKeptApartAndWas', { label, suspectBecause });
        return { bearing: 'condition', short: say('rules.keepApart2', { label }), sentence };
      });
    const all: Found[] = allAreSuspect(evidence.vessels)
      ? [
          {
            bearing: 'measure',
            step: 'read-each',
            sentence: say('rules.everyContainerOfThisLot'),
          },
        ]
      : [];
    return [
      ...all,
      ...measured.map((vesselMoisture) => suspectFound(context, vesselMoisture)),
      ...untested,
    ];
  },
};

export const untestedVessels: Rule = {
  id: 'untested-vessels',
  title: say('rules.containersNotTested'),
  source: { name: say('rules.whatWasNotMeasuredIs'), standing: 'choice' },
  needs: ['reading', 'vessel'],
  find: ({ belief, evidence }) => {
    const tested = new Set(evidence.readings.map((reading) => reading.vesselId));
    const vessels = ordinaryVessels(evidence.vessels);
    const untested = vessels.filter((vessel) => !tested.has(vessel.id)).length;
    if (!belief.measured || untested === 0 || vessels.length < 2) return [];
    return [
      {
        bearing: 'note',
        sentence: say('rules.ofContainersHaveNoReading', { untested, vessels: vessels.length }),
      },
    ];
  },
};
