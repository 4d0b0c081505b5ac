import { GUARD_FACTOR, decisionOn } from '../../conformity/conformity';
import { furtherReadings, type FurtherQuestion } from '../../moisture/furtherReadings';
import { lotEstimate } from '../../moisture/lotMoisture';
import { checkedReadings } from '../../moisture/narrowing';
import { limitPercent, ordinaryReadings, ordinaryVessels, type LotEvidence } from '../evidence';
import type { NextStep } from '../rule';

/** How well a laboratory finds water [%, standard]. @source common practice, no source */
const LABORATORY_PERCENT = 0.15;

/** Readings with another meter that are worth taking. @source our choice, no source */
const OTHER_METER_READINGS = 3;

/** The same readings had their meters been checked lately. */
const checkedBudgets = (question: FurtherQuestion): FurtherQuestion => ({
  ...question,
  readings: checkedReadings(question.readings),
});

/** With some readings of a second, checked meter that finds the same mean. */
function withOtherMeter(question: FurtherQuestion): boolean {
  const { readings, vessels, limitPercent: limit, repeatability, learned } = question;
  const { mean } = lotEstimate(readings, vessels);
  const first = checkedBudgets(question).readings[0]!;
  const more = Array.from({ length: OTHER_METER_READINGS }, (_, at) => ({
    ...(readings[at % readings.length] ?? first),
    budget: first.budget,
    id: `other-${at}`,
    meterId: 'another meter',
    moisturePercent: mean,
  }));
  const estimate = lotEstimate([...readings, ...more], vessels, repeatability, learned);
  return decisionOn(estimate, limit) !== 'not-settled';
}

/**
 * What would settle a lot that its readings leave open against a limit, the easiest first: more
 * readings, a zero check, another meter, a laboratory; where even that would not, it is treated as
 * over. Measuring is proposed only where it can settle it.
 *
 * @param evidence - with at least one ordinary reading
 * @throws DomainError as `furtherReadings`
 * @source JCGM 106:2012, 8.3, recalled from memory; order of effort: our choice
 */
export function settledBy(evidence: LotEvidence): NextStep {
  const readings = ordinaryReadings(evidence);
  const vessels = ordinaryVessels(evidence.vessels);
  const { repeatability, learned } = evidence;
  const limit = limitPercent(evidence);
  const question: FurtherQuestion = {
    readings,
    vessels,
    limitPercent: limit,
    ...(repeatability && { repeatability }),
    ...(learned && { learned }),
  };
  const settles = (asked: FurtherQuestion): boolean =>
    furtherReadings(asked).status !== 'no-number';
  if (settles(question)) {
    const read = new Set(readings.map((reading) => reading.vesselId));
    return vessels.length > 1 && vessels.some((vessel) => !read.has(vessel.id))
      ? 'read-each'
      : 'read';
  }
  const isUnchecked = readings.some((reading) => reading.zeroCheck === 'unchecked');
  if (isUnchecked && settles(checkedBudgets(question))) return 'check-zero';
  if (withOtherMeter(question)) return 'other-meter';
  const { mean } = lotEstimate(readings, vessels);
  const isNear = Math.abs(mean - limit) <= GUARD_FACTOR * LABORATORY_PERCENT;
  return isNear ? 'treat-as-over' : 'laboratory';
}
