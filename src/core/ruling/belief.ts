import { expectedMixture, priorExpectation } from '../capping/expectation';
import { expectedMoisture } from '../capping/expectedMoisture';
import type { Estimate } from '../conformity/conformity';
import { lotMoisture, type LotMoisture } from '../moisture/lotMoisture';
import { coverageFactor } from '../stats/uncertainty';
import { ordinaryReadings, ordinaryVessels, type CombEvidence, type LotEvidence } from './evidence';

/** What the moisture figure rests on. */
export type Basis = 'readings' | 'blend' | 'comb' | 'nothing';

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

/** Moisture to expect from the comb: frame by frame where it was judged so. */
export function expectedOf(comb: CombEvidence): Estimate {
  const { states, expectation = priorExpectation() } = comb;
  return states ? expectedMixture(states, expectation) : expectedMoisture(comb, expectation);
}

function fromEstimate(estimate: Estimate, basis: Basis): Belief {
  const expanded = coverageFactor(Infinity) * estimate.standardUncertainty;
  return { ...estimate, basis, expanded, measured: null };
}

/**
 * The moisture believed from the evidence: readings where there are any, else what was blended, else
 * comb, else a prior.
 *
 * Readings replace the expectation and are not mixed with it: a certificate states what was
 * measured. Suspicious vessels are judged by themselves and do not enter. The expectation stays beside it as a check (rule `comb-against-meter`).
 *
 * @throws DomainError as `lotMoisture` and `expectedMoisture`
 * @source JCGM 100 and 106, recalled from memory; expectation: common practice, no source
 */
export function beliefOf(evidence: LotEvidence): Belief {
  const readings = ordinaryReadings(evidence);
  if (readings.length > 0) {
    const vessels = ordinaryVessels(evidence.vessels);
    const measured = lotMoisture(readings, vessels, evidence.repeatability);
    return {
      basis: 'readings',
      mean: measured.meanPercent,
      standardUncertainty: measured.uncertainty.standard,
      expanded: measured.uncertainty.expanded,
      measured,
    };
  }
  if (evidence.blended) return fromEstimate(evidence.blended, 'blend');
  return evidence.comb
    ? fromEstimate(expectedOf(evidence.comb), 'comb')
    : fromEstimate(KNOWING_NOTHING, 'nothing');
}
