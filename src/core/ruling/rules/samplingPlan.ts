import { requireFinite } from '../../errors';
import { normalEquivalent } from '../../conformity/conformity';
import { estimateOf, lotMoisture, type VesselMoisture } from '../../moisture/lotMoisture';
import type { Spot } from '../../moisture/sampleState';
import { planVerdict, type CountVerdict, type PlanVerdict } from '../../sampling/planVerdict';
import { limitPercent, ordinaryReadings, ordinaryVessels, type LotEvidence } from '../evidence';
import type { Found, Rule } from '../rule';
import { percent } from '../say';
import { commonStandard } from '../vesselMoistures';

/** Whether a vessel was read at every spot of the plan; nothing said counts as stirred. */
function hasSpots({ spots }: VesselMoisture, planned: readonly Spot[] = []): boolean {
  const read = new Set<Spot>(spots.map((one) => (one.spot === 'not-said' ? 'stirred' : one.spot)));
  return planned.every((one) => read.has(one));
}

/** What the lot's sampling plan says so far, or null without a plan. */
export function planVerdictOf(evidence: LotEvidence): PlanVerdict | null {
  requireFinite({ evidence }, 'planVerdictOf');
  const { plan, repeatability, learned } = evidence;
  if (!plan) return null;
  const vessels = ordinaryVessels(evidence.vessels);
  const readings = ordinaryReadings(evidence).filter((one) => one.vesselId !== null);
  const measured =
    readings.length > 0 ? lotMoisture(readings, vessels, repeatability, learned) : null;
  // The plan knows only normals: as wide as few degrees of freedom ask.
  const standardOf = (one: VesselMoisture): number => normalEquivalent(estimateOf(one));
  return planVerdict({
    ...plan,
    containers: Math.max(1, vessels.length),
    limitPercent: limitPercent(evidence),
    systematicPercent: measured ? commonStandard(measured) : 0,
    tested: (measured?.vessels ?? [])
      .filter((one) => hasSpots(one, plan.spots))
      .map((one) => ({
        id: one.vesselId ?? '',
        meanPercent: one.meanPercent,
        standardUncertainty: standardOf(one),
      })),
  });
}

const hundredth = (share: number): string => `${Math.round(share * 1000) / 10} %`;

/** Why containers are counted although the plan goes by mean and spread. */
const COUNTED_BECAUSE: Readonly<Record<CountVerdict['because'], string>> = {
  asked: '',
  few: 'too few tested to have met a wetter group, so they are counted: ',
  outlier: 'one stands out wet, so they are counted: ',
  'not-normal': 'they do not scatter evenly about one mean, so they are counted: ',
};

function detailWords(verdict: Extract<PlanVerdict, { status: 'holds' | 'fails' }>): string {
  const { detail, tested } = verdict;
  const counted = detail.by === 'by-count' ? COUNTED_BECAUSE[detail.because] : '';
  return detail.by === 'mean-and-spread'
    ? `${tested} tested, ${percent(detail.meanPercent)} + ${detail.factor.toFixed(2)} × ${detail.standardDeviation.toFixed(2)} + ${detail.systematicPercent.toFixed(2)} for the meter = ${percent(detail.boundPercent)}`
    : `${counted}${tested} tested, ${detail.notConforming} of them not shown to conform; at most ${detail.badAtMost} of all are not ruled out, ${detail.badAllowed} may be`;
}

function found(verdict: PlanVerdict, evidence: LotEvidence): Found {
  const { content = 0, confidence = 0 } = evidence.plan ?? {};
  const promise = `at least ${hundredth(content)} of the vessels at or under ${percent(limitPercent(evidence))}, with ${hundredth(confidence)} confidence`;
  switch (verdict.status) {
    case 'incomplete': {
      const missing = verdict.missing.length;
      const vessels = missing === 1 ? '1 vessel' : `${missing} vessels`;
      return {
        bearing: 'note',
        sentence: `The plan is not complete: ${vessels} of it still to be read before it says anything (${promise}).`,
      };
    }
    case 'holds':
      return { bearing: 'note', sentence: `The plan holds: ${promise} (${detailWords(verdict)}).` };
    case 'fails':
      return {
        bearing: 'condition',
        short: 'read every vessel and go by each',
        sentence: `The plan does not hold: not shown that ${promise} (${detailWords(verdict)}). Read every vessel and go by each; reading on until it passes is no test.`,
      };
  }
}

export const samplingPlan: Rule = {
  id: 'sampling-plan',
  title: 'Sampling plan',
  source: {
    name: 'ISO 16269-6; hypergeometric distribution',
    standing: 'recalled from memory',
  },
  needs: ['reading', 'vessel'],
  find: ({ evidence }) => {
    const verdict = planVerdictOf(evidence);
    return verdict ? [found(verdict, evidence)] : [];
  },
};
