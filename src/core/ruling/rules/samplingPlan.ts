import { requireFinite } from '../../errors';
import { normalEquivalent } from '../../conformity/conformity';
import { estimateOf, lotMoisture, type VesselMoisture } from '../../moisture/lotMoisture';
import type { Spot } from '../../moisture/sampleState';
import { planVerdict, type CountVerdict, type PlanVerdict } from '../../sampling/planVerdict';
import { limitPercent, ordinaryReadings, ordinaryVessels, type LotEvidence } from '../evidence';
import type { Found, Rule } from '../rule';
import { commonStandard } from '../vesselMoistures';
import { type Message, type MessageValue, percent, say, hundredths } from '../../message/message';

/** Whether a vessel was read at every spot of the plan; nothing said counts as stirred. */
function hasSpots({ spots }: VesselMoisture, planned: readonly Spot[] = []): boolean {
  const read = new Set<Spot>(
    spots.map((spot) => (spot.spot === 'not-said' ? 'stirred' : spot.spot)),
  );
  return planned.every((value) => read.has(value));
}

/** What the lot's sampling plan says so far, or null without a plan. */
export function planVerdictOf(evidence: LotEvidence): PlanVerdict | null {
  requireFinite({ evidence }, 'planVerdictOf');
  const { plan, repeatability, learned } = evidence;
  if (!plan) return null;
  const vessels = ordinaryVessels(evidence.vessels);
  const readings = ordinaryReadings(evidence).filter(
    (ordinaryReading) => ordinaryReading.vesselId !== null,
  );
  const measured =
    readings.length > 0 ? lotMoisture(readings, vessels, repeatability, learned) : null;
  // The plan knows only normals: as wide as few degrees of freedom ask.
  const standardOf = (vesselMoisture: VesselMoisture): number =>
    normalEquivalent(estimateOf(vesselMoisture));
  return planVerdict({
    ...plan,
    containers: Math.max(1, vessels.length),
    limitPercent: limitPercent(evidence),
    systematicPercent: measured ? commonStandard(measured) : 0,
    tested: (measured?.vessels ?? [])
      .filter((vessel) => hasSpots(vessel, plan.spots))
      .map((vessel) => ({
        id: vessel.vesselId ?? '',
        meanPercent: vessel.meanPercent,
        standardUncertainty: standardOf(vessel),
      })),
  });
}

/** Why containers are counted although the plan goes by mean and spread. */
const COUNTED_BECAUSE: Readonly<Record<CountVerdict['because'], MessageValue>> = {
  asked: '',
  few: say('rules.tooFewTestedToHave'),
  outlier: say('rules.oneStandsOut'),
  'not-normal': say('rules.notScatteredEvenly'),
};

function detailWords(verdict: Extract<PlanVerdict, { status: 'holds' | 'fails' }>): Message {
  const { detail, tested } = verdict;
  const counted = detail.by === 'by-count' ? COUNTED_BECAUSE[detail.because] : '';
  return detail.by === 'mean-and-spread'
    ? say('rules.testedForTheMeter', {
        tested,
        meanPercent: percent(detail.meanPercent),
        factor: detail.factor.toFixed(2),
        standardDeviation: detail.standardDeviation.toFixed(2),
        systematicPercent: detail.systematicPercent.toFixed(2),
        boundPercent: percent(detail.boundPercent),
      })
    : say('rules.testedOfThemNotShown', {
        counted,
        tested,
        notConforming: detail.notConforming,
        badAtMost: detail.badAtMost,
        badAllowed: detail.badAllowed,
      });
}

function found(verdict: PlanVerdict, evidence: LotEvidence): Found {
  const { content = 0, confidence = 0 } = evidence.plan ?? {};
  const promise = say('rules.atLeastOfTheContainers', {
    content: hundredths(content, 1),
    limitPercent: percent(limitPercent(evidence)),
    confidence: hundredths(confidence, 1),
  });
  switch (verdict.status) {
    case 'incomplete': {
      const missing = verdict.missing.length;
      return {
        bearing: 'note',
        sentence: say('rules.thePlanIsNotComplete', { missing, promise }),
      };
    }
    case 'holds':
      return {
        bearing: 'note',
        sentence: say('rules.thePlanHolds', { promise, detailWords: detailWords(verdict) }),
      };
    case 'fails':
      return {
        bearing: 'condition',
        short: say('rules.readEveryContainerAndGo'),
        sentence: say('rules.thePlanDoesNotHold', { promise, detailWords: detailWords(verdict) }),
      };
  }
}

export const samplingPlan: Rule = {
  id: 'sampling-plan',
  title: say('rules.samplingPlan'),
  source: {
    name: say('rules.isoHypergeometricDistribution'),
    standing: 'recalled',
  },
  needs: ['reading', 'vessel'],
  find: ({ evidence }) => {
    const verdict = planVerdictOf(evidence);
    return verdict ? [found(verdict, evidence)] : [];
  },
};
