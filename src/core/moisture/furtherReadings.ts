import { decisionOn, type ConformityDecision } from '../conformity/conformity';
import { requireInRange } from '../errors';
import type { LotReading, LotVessel } from './vesselGroups';
import { lotEstimate } from './lotMoisture';
import { SPREAD_PRIORS, type LearnedSpreads, type Spread } from './spreads';

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
  readonly learned?: LearnedSpreads;
}

function decisionOf(question: FurtherQuestion): ConformityDecision {
  const { readings, vessels, limitPercent, learned } = question;
  const { repeatability = SPREAD_PRIORS.repeatability } = question;
  return decisionOn(lotEstimate(readings, vessels, repeatability, learned), limitPercent);
}

/** The next vessel to read: the untested ones in turn, then the tested ones again. */
function nextVesselIds({ readings, vessels }: FurtherQuestion): (string | null)[] {
  const tested = new Set(readings.map((reading) => reading.vesselId));
  const untested = vessels.filter((vessel) => !tested.has(vessel.id)).map((vessel) => vessel.id);
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
  const { readings, vessels } = question;
  const { mean } = lotEstimate(readings, vessels);
  const last = readings[readings.length - 1];
  if (!last) return { status: 'no-number' };
  const order = nextVesselIds(question);
  const supposed = Array.from({ length: MOST_FURTHER_READINGS }, (_, at): LotReading => {
    const vesselId = order[at % order.length] ?? null;
    return { ...last, id: `supposed-${at}`, vesselId, moisturePercent: mean };
  });
  const decisionAfter = (count: number): ConformityDecision =>
    decisionOf({ ...question, readings: [...readings, ...supposed.slice(0, count)] });
  if (decisionAfter(MOST_FURTHER_READINGS) === 'not-settled') return { status: 'no-number' };
  // The same mean with less doubt: once settled, it stays so; halving finds where.
  let [low, high] = [0, MOST_FURTHER_READINGS];
  while (high - low > 1) {
    const middle = Math.floor((low + high) / 2);
    if (decisionAfter(middle) === 'not-settled') low = middle;
    else high = middle;
  }
  const decision = decisionAfter(high);
  return decision === 'not-settled'
    ? { status: 'no-number' }
    : { status: 'more', readings: high, decision };
}
