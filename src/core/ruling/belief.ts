import { knownSound, requireFinite } from '../errors';
import { expectedMixture, priorExpectation } from '../capping/expectation';
import { expectedMoisture } from '../capping/expectedMoisture';
import { expandedOf, normalEquivalent, type Estimate } from '../conformity/conformity';
import { estimateOf, lotEstimate, lotMoisture, type LotMoisture } from '../moisture/lotMoisture';
import { SPREAD_PRIORS } from '../moisture/spreads';
import { labWater } from '../quality/laboratory';
import { ordinaryReadings, ordinaryVessels, type CombEvidence, type LotEvidence } from './evidence';

/** What the moisture figure rests on. */
export const BASES = ['readings', 'laboratory', 'blend', 'earlier', 'comb', 'nothing'] as const;
export type Basis = (typeof BASES)[number];

/** Whether somebody measured the honey as it is now. */
export const isMeasured = ({ basis }: Pick<Belief, 'basis'>): boolean =>
  basis === 'readings' || basis === 'laboratory';

/** What is believed of the lot's moisture, and why. */
export interface Belief extends Estimate {
  readonly basis: Basis;
  /** half width of the 95 % interval [%] */
  readonly expanded: number;
  /** the measured detail, null without a reading */
  readonly measured: LotMoisture | null;
}

/**
 * Moisture of honey of which nothing at all is known [%].
 *
 * @source common practice, no source
 */
export const KNOWING_NOTHING: Estimate = { mean: 18.5, standardUncertainty: 2 };

/**
 * What honey may have changed by since it was read, where nobody read it afterwards [%, standard].
 *
 * @source our choice, no source
 */
const CHANGED_SINCE_PERCENT = 1;

/** Coverage factor behind a laboratory's expanded uncertainty. @source common practice, no source */
const LAB_COVERAGE = 2;

/** Water as a laboratory found it; one sample stands for all vessels. */
export function laboratoryEstimate(evidence: LotEvidence): Estimate | null {
  const { laboratory, vessels, learned } = evidence;
  const water = labWater(laboratory);
  if (!water) return null;
  const unread = vessels.length > 1 ? Math.sqrt(1 - 1 / vessels.length) : 0;
  const { standardDeviation, degreesOfFreedom } =
    learned?.betweenVessels ?? SPREAD_PRIORS.betweenVessels;
  const between =
    unread * normalEquivalent({ standardUncertainty: standardDeviation, degreesOfFreedom });
  return {
    mean: water.percent,
    standardUncertainty: Math.hypot(water.expanded / LAB_COVERAGE, between),
  };
}

/** Moisture before something happened that nobody read it after. */
function earlierEstimate(evidence: LotEvidence): Estimate | null {
  const { earlier = [], vessels, repeatability, learned } = evidence;
  const lastDay = Math.max(...earlier.map((earlierReading) => earlierReading.beforeDay));
  const last = earlier.filter((earlierReading) => earlierReading.beforeDay === lastDay);
  if (last.length === 0) return null;
  const { mean, standardUncertainty } = lotEstimate(last, vessels, repeatability, learned);
  return { mean, standardUncertainty: Math.hypot(standardUncertainty, CHANGED_SINCE_PERCENT) };
}

/** Moisture to expect from the comb: frame by frame where it was judged so. */
export function expectedOf(comb: CombEvidence): Estimate {
  const { states, expectation = priorExpectation() } = comb;
  return states ? expectedMixture(states, expectation) : expectedMoisture(comb, expectation);
}

function fromEstimate(estimate: Estimate, basis: Basis): Belief {
  return { ...estimate, basis, expanded: expandedOf(estimate), measured: null };
}

/**
 * The moisture believed from the evidence: readings where there are any, else the laboratory's water,
 * else what was blended, else readings from before something happened to the honey, else comb, else a
 * prior.
 *
 * Readings replace the expectation and are not mixed with it: a certificate states what was
 * measured. Suspicious vessels are judged by themselves and do not enter. The expectation stays beside it as a check (rule `comb-against-meter`).
 *
 * @throws DomainError as `lotMoisture` and `expectedMoisture`
 * @source JCGM 100 and 106, recalled from memory; expectation: common practice, no source
 */
export const beliefOf = (evidence: LotEvidence): Belief => knownSound(believed(evidence));

function believed(evidence: LotEvidence): Belief {
  requireFinite({ evidence }, 'beliefOf');
  const readings = ordinaryReadings(evidence);
  if (readings.length > 0) {
    const vessels = ordinaryVessels(evidence.vessels);
    const measured = lotMoisture(readings, vessels, evidence.repeatability, evidence.learned);
    return {
      ...estimateOf(measured),
      basis: 'readings',
      expanded: measured.uncertainty.expanded,
      measured,
    };
  }
  const titrated = laboratoryEstimate(evidence);
  if (titrated) return fromEstimate(titrated, 'laboratory');
  if (evidence.blended) return fromEstimate(evidence.blended, 'blend');
  const before = earlierEstimate(evidence);
  if (before) return fromEstimate(before, 'earlier');
  return evidence.comb
    ? fromEstimate(expectedOf(evidence.comb), 'comb')
    : fromEstimate(KNOWING_NOTHING, 'nothing');
}
