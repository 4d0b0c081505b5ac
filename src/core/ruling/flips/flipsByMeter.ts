import { coarseDrying, ORDINARY_ROOM } from '../../drying/coarseDrying';
import { BUDGET_DEFAULTS, type ReadingBudget } from '../../moisture/readingBudget';
import { ruleOnLot, type Ruling } from '../engine';
import type { LotEvidence, ReadingEvidence } from '../evidence';
import { OUTCOME_WORDS, tried, type Flip } from './flip';
import { isAccepted, type Outcome } from '../outcome';
import { canBeDried } from './ways';
import { hundredths, percent, say, temperature } from '../../message/message';

/** Most further readings that are proposed. */
const MOST_READINGS = 20;

/** Widest shift of the mean that is searched [% moisture], and the number of halvings. */
const WIDEST_SHIFT_PERCENT = 4;
const HALVINGS = 12;

function withReadings(
  evidence: LotEvidence,
  change: (one: ReadingEvidence) => ReadingEvidence,
): LotEvidence {
  return { ...evidence, readings: evidence.readings.map(change) };
}

function withBudget(evidence: LotEvidence, change: Partial<ReadingBudget>): LotEvidence {
  return withReadings(evidence, (reading) => ({
    ...reading,
    budget: { ...reading.budget, ...change },
  }));
}

function shifted(evidence: LotEvidence, shiftPercent: number): LotEvidence {
  return withReadings(evidence, (reading) => ({
    ...reading,
    moisturePercent: reading.moisturePercent + shiftPercent,
  }));
}

/** The smallest shift in one direction that gives a wanted outcome, or null within the range searched. */
function smallestShift(
  evidence: LotEvidence,
  wanted: (outcome: Outcome) => boolean,
  direction: 1 | -1,
): number | null {
  const reaches = (size: number): boolean =>
    wanted(ruleOnLot(shifted(evidence, direction * size)).outcome);
  if (!reaches(WIDEST_SHIFT_PERCENT)) return null;
  let low = 0;
  let high = WIDEST_SHIFT_PERCENT;
  for (let step = 0; step < HALVINGS; step += 1) {
    const middle = (low + high) / 2;
    if (reaches(middle)) high = middle;
    else low = middle;
  }
  return direction * high;
}

/** The tenths to state for a shifted mean: the nearest, and the one further away. */
function statedMeans(mean: number, shift: number): number[] {
  const tenths = (mean + shift) * 10;
  return [Math.round(tenths), shift < 0 ? Math.floor(tenths) : Math.ceil(tenths)].map(
    (value) => value / 10,
  );
}

function atMean(evidence: LotEvidence, ruling: Ruling, shift: number | null): Flip[] {
  if (shift === null) return [];
  const { mean } = ruling.belief;
  const wanted = ruleOnLot(shifted(evidence, shift)).outcome;
  const outcomeAt = (to: number): Outcome => ruleOnLot(shifted(evidence, to - mean)).outcome;
  const to = statedMeans(mean, shift).find((statedMean) => outcomeAt(statedMean) === wanted);
  if (to === undefined || wanted === ruling.outcome) return [];
  const side = shift < 0 ? 'drier' : 'wetter';
  const sentence = say('flips.atAMeanOfOr', {
    to: percent(to),
    side,
    outcome: OUTCOME_WORDS[wanted],
  });
  return [
    { id: `${side}-${wanted}`, sentence, outcome: wanted, evidence: shifted(evidence, to - mean) },
  ];
}

/** The next milder ruling, the way to acceptance, and the next more severe ruling. */
export function byMoisture(evidence: LotEvidence, ruling: Ruling): Flip[] {
  const isOther = (outcome: Outcome): boolean => outcome !== ruling.outcome;
  const milder = atMean(evidence, ruling, smallestShift(evidence, isOther, -1));
  const accepted =
    milder[0] && !isAccepted(milder[0].outcome)
      ? atMean(evidence, ruling, smallestShift(evidence, isAccepted, -1))
      : [];
  const worse = atMean(evidence, ruling, smallestShift(evidence, isOther, 1));
  return [...accepted, ...milder, ...worse];
}

function repeated(evidence: LotEvidence, mean: number, times: number): LotEvidence {
  const last = evidence.readings[evidence.readings.length - 1];
  if (!last) return evidence;
  const more = Array.from({ length: times }, (_, at) => ({
    ...last,
    id: `supposed-${at}`,
    moisturePercent: mean,
  }));
  return { ...evidence, readings: [...evidence.readings, ...more] };
}

function byMoreReadings(evidence: LotEvidence, ruling: Ruling): Flip[] {
  if (ruling.outcome !== 'measure') return [];
  for (let times = 1; times <= MOST_READINGS; times += 1) {
    const changed = repeated(evidence, ruling.belief.mean, times);
    const outcome = ruleOnLot(changed).outcome;
    if (outcome !== ruling.outcome) {
      const sentence = say('flips.ofTheSameMean', { times, outcome: OUTCOME_WORDS[outcome] });
      return [{ id: 'more-readings', sentence, outcome, evidence: changed }];
    }
  }
  return [];
}

/** The same readings, had the meter been checked and found right. */
function checkedMeter(evidence: LotEvidence): LotEvidence {
  const calibrated = withBudget(evidence, {
    calibration: BUDGET_DEFAULTS.calibration.checked,
    calibrationDof: BUDGET_DEFAULTS.calibrationDof.checked,
  });
  return withReadings(calibrated, (reading) => ({ ...reading, zeroCheck: 'checked' }));
}

/** A checked meter and one more reading each step, for lots that neither alone would settle. */
function byCheckAndReadings(evidence: LotEvidence, ruling: Ruling): Flip[] {
  const checked = checkedMeter(evidence);
  return byMoreReadings(checked, ruling).map((flip) => ({
    ...flip,
    id: 'check-and-readings',
    sentence: say('flips.aZeroCheckThatFinds', { sentence: flip.sentence }),
  }));
}

/** One reading of every vessel that has none, each at the present mean. */
function byUntestedVessels(evidence: LotEvidence, ruling: Ruling): Flip[] {
  const last = evidence.readings[evidence.readings.length - 1];
  const tested = new Set(evidence.readings.map((reading) => reading.vesselId));
  const untested = evidence.vessels.filter((vessel) => !tested.has(vessel.id));
  if (!last || untested.length === 0 || ruling.outcome !== 'measure') return [];
  const more = untested.map(({ id }) => ({
    ...last,
    id: `supposed-${id}`,
    vesselId: id,
    moisturePercent: ruling.belief.mean,
  }));
  const words = say('flips.aReadingOfEachOf', { untested: untested.length });
  const changed = { ...evidence, readings: [...evidence.readings, ...more] };
  return tried('untested-vessels', words, changed, ruling);
}

/** More readings, untested vessels, a zero check. */
export function byMeter(evidence: LotEvidence, ruling: Ruling): Flip[] {
  const more = [...byMoreReadings(evidence, ruling), ...byUntestedVessels(evidence, ruling)];
  if (evidence.readings.every((reading) => reading.zeroCheck === 'checked')) return more;
  const words = say('flips.aZeroCheckThatFindsThe');
  const check = tried('zero-check', words, checkedMeter(evidence), ruling);
  if (check.length + more.length > 0) return [...check, ...more];
  return byCheckAndReadings(evidence, ruling);
}

/**
 * Days of drying that a lot still in the comb would need, by the coarse model; the flip of the mean
 * that it must reach says what to measure then.
 */
export function byDrying(evidence: LotEvidence, flips: readonly Flip[]): Flip[] {
  const { comb, readings, vessels } = evidence;
  const goal = flips.find((flip) => flip.id.startsWith('drier-') && isAccepted(flip.outcome));
  // Honey in vessels is out of the comb.
  if (!comb || !goal || readings.length === 0 || vessels.length > 0 || !canBeDried(evidence))
    return [];
  const fromPercent = ruleOnLot(evidence).belief.mean;
  const toPercent = ruleOnLot(goal.evidence).belief.mean;
  const dried = coarseDrying({ fromPercent, toPercent, cappedShare: comb.cappedShare });
  if (dried.status !== 'reached') return [];
  const { temperatureC, relativeHumidity } = ORDINARY_ROOM;
  const days = Math.max(1, Math.round(dried.days));
  const sentence = say('flips.whileStillInTheComb', {
    days,
    temperature: temperature(temperatureC),
    humidity: hundredths(relativeHumidity),
    outcome: OUTCOME_WORDS[goal.outcome],
  });
  return [{ ...goal, id: 'days-of-drying', sentence }];
}
