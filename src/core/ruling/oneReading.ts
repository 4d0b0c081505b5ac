import { requireFinite } from '../errors';
import { guardOf } from '../conformity/conformity';
import { estimateOf, lotMoisture } from '../moisture/lotMoisture';
import { BUDGET_DEFAULTS, METHOD_TERMS } from '../moisture/readingBudget';
import { normalCdf } from '../stats/normal';
import { rectangularUncertainty } from '../stats/uncertainty';
import type { Belief } from './belief';
import { limitPercent, type LotEvidence, type ReadingEvidence } from './evidence';

/** Division of an ordinary hand refractometer [% moisture]. @source common practice, no source */
const ORDINARY_DIVISION_PERCENT = 0.2;

/** Change of moisture with temperature, middle of the honey range [%/°C]. @source AOAC 969.38, recalled from memory */
const PERCENT_PER_C = 0.09;

/** A reading as an ordinary, checked hand refractometer with a noted temperature would give it. */
export function ordinaryReading(moisturePercent: number, vesselId: string | null): ReadingEvidence {
  return {
    id: 'supposed',
    vesselId,
    moisturePercent,
    marks: [],
    zeroCheck: 'checked',
    spot: 'stirred',
    budget: {
      resolution: rectangularUncertainty(ORDINARY_DIVISION_PERCENT / 2),
      temperature: rectangularUncertainty(BUDGET_DEFAULTS.thermometerHalfWidthC * PERCENT_PER_C),
      calibration: BUDGET_DEFAULTS.calibration.checked,
      calibrationDof: BUDGET_DEFAULTS.calibrationDof.checked,
      relation: BUDGET_DEFAULTS.relation,
      method: METHOD_TERMS.blossom,
      sample: 0,
    },
  };
}

/** What a single reading would do to a lot of which none was taken. */
export interface OneReading {
  /** a reading up to here says: within the limit [%] */
  readonly conformsUpToPercent: number;
  /** a reading from here says: over the limit [%] */
  readonly overFromPercent: number;
  /** chance that one reading settles it, one way or the other [1] */
  readonly settlesWith: number;
}

/**
 * What one reading with an ordinary checked meter would settle about the limit.
 *
 * The reading to come is predicted from the belief: normal, with the variances of belief and
 * reading added.
 *
 * @param evidence - of the lot
 * @param belief - about its moisture before the reading
 * @returns edges of the guard band and the chance to end outside it
 * @throws DomainError as `lotMoisture`
 * @source JCGM 106:2012, 8.3, recalled from memory; predictive distribution of a normal mean
 */
export function whatOneReadingSettles(evidence: LotEvidence, belief: Belief): OneReading {
  requireFinite({ evidence, belief }, 'whatOneReadingSettles');
  const vesselId = evidence.vessels[0]?.id ?? null;
  const { vessels, repeatability, learned } = evidence;
  const reading = ordinaryReading(belief.mean, vesselId);
  const supposed = lotMoisture([reading], vessels, repeatability, learned);
  const standard = supposed.uncertainty.standard;
  const limit = limitPercent(evidence);
  const guard = guardOf(estimateOf(supposed));
  const conformsUpToPercent = limit - guard;
  const overFromPercent = limit + guard;
  const predictive = Math.hypot(belief.standardUncertainty, standard);
  const settlesWith =
    normalCdf((conformsUpToPercent - belief.mean) / predictive) +
    1 -
    normalCdf((overFromPercent - belief.mean) / predictive);
  return { conformsUpToPercent, overFromPercent, settlesWith };
}
