import {
  conformityDecision,
  conformityProbability,
  type ConformityDecision,
} from '../conformity/conformity';
import { requireInRange } from '../errors';
import type { LotReading, LotVessel } from './lotComponents';
import { lotMoisture } from './lotMoisture';
import { SPREAD_PRIORS, type Spread } from './spreads';

/** Most further readings that are worth proposing. @source our choice, no source */
export const MOST_FURTHER_READINGS = 20;

/** What more readings of the same mean would do about a limit. */
export type FurtherReadings =
  | { readonly status: 'settled'; readonly decision: Exclude<ConformityDecision, 'not-settled'> }
  | {
      readonly status: 'more';
      readonly readings: number;
      readonly decision: Exclude<ConformityDecision, 'not-settled'>;
    }
  | { readonly status: 'no-number' };

/** What is asked of some readings. */
export interface FurtherQuestion {
  readonly readings: readonly LotReading[];
  readonly vessels: readonly LotVessel[];
  readonly limitPercent: number;
  readonly repeatability?: Spread;
}

function decisionOf(question: FurtherQuestion): ConformityDecision {
  const { readings, vessels, limitPercent, repeatability = SPREAD_PRIORS.repeatability } = question;
  const { meanPercent, uncertainty } = lotMoisture(readings, vessels, repeatability);
  const estimate = { mean: meanPercent, standardUncertainty: uncertainty.standard };
  return conformityDecision(conformityProbability(estimate, limitPercent));
}

/** The next vessel to read: the untested ones in turn, then the tested ones again. */
function nextVesselIds({ readings, vessels }: FurtherQuestion): (string | null)[] {
  const tested = new Set(readings.map((one) => one.vesselId));
  const untested = vessels.filter((one) => !tested.has(one.id)).map((one) => one.id);
  return [...untested, ...tested];
}

/**
 * How many further readings of the same mean would settle a limit, if any number does.
 *
 * Untested vessels are read first, then all in turn. What is common to the readings of a meter is
 * never averaged away, so that there are means that no number of readings settles.
 *
 * @param question - readings (at least one), vessels, limit [%]
 * @returns settled already, the smallest number up to 20, or 'no-number'
 * @throws DomainError `empty` without a reading, `out-of-range` for a limit outside 0..100
 * @source JCGM 106:2012, 8.3, recalled from memory
 */
export function furtherReadings(question: FurtherQuestion): FurtherReadings {
  const place = { fn: 'furtherReadings', param: 'limitPercent', unit: '%' };
  requireInRange(question.limitPercent, [0, 100], place);
  const now = decisionOf(question);
  if (now !== 'not-settled') return { status: 'settled', decision: now };
  const { readings, vessels, repeatability } = question;
  const { meanPercent } = lotMoisture(readings, vessels, repeatability);
  const last = readings[readings.length - 1];
  const order = nextVesselIds(question);
  const supposed: LotReading[] = [];
  for (let count = 1; last && count <= MOST_FURTHER_READINGS; count += 1) {
    const vesselId = order[(count - 1) % order.length] ?? null;
    supposed.push({ ...last, id: `supposed-${count}`, vesselId, moisturePercent: meanPercent });
    const decision = decisionOf({ ...question, readings: [...readings, ...supposed] });
    if (decision !== 'not-settled') return { status: 'more', readings: count, decision };
  }
  return { status: 'no-number' };
}
