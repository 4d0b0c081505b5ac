import type { CombEvidence, LotEvidence, ReadingEvidence } from './evidence';
import { ruleOnLot, type Ruling } from './engine';
import { BUDGET_DEFAULTS, type ReadingBudget } from '../moisture/readingBudget';
import { OUTCOMES, type Outcome } from './outcome';
import { percent } from './say';

/** A change of evidence that would give another ruling, verified by applying it. */
export interface Flip {
  readonly id: string;
  readonly sentence: string;
  readonly outcome: Outcome;
  /** the evidence after the change */
  readonly evidence: LotEvidence;
}

/** Most further readings that are proposed. */
const MOST_READINGS = 20;

/** Widest shift of the mean that is searched [% moisture], and the number of halvings. */
const WIDEST_SHIFT_PERCENT = 4;
const HALVINGS = 12;

const OUTCOME_WORDS: Readonly<Record<Outcome, string>> = {
  divert: 'divert',
  over: 'over the limit',
  dry: 'dry first',
  measure: 'measure more',
  accept: 'accept',
};

const severity = (outcome: Outcome): number => OUTCOMES.indexOf(outcome);

function withReadings(
  evidence: LotEvidence,
  change: (one: ReadingEvidence) => ReadingEvidence,
): LotEvidence {
  return { ...evidence, readings: evidence.readings.map(change) };
}

function withBudget(evidence: LotEvidence, change: Partial<ReadingBudget>): LotEvidence {
  return withReadings(evidence, (one) => ({ ...one, budget: { ...one.budget, ...change } }));
}

function shifted(evidence: LotEvidence, shiftPercent: number): LotEvidence {
  return withReadings(evidence, (one) => ({
    ...one,
    moisturePercent: one.moisturePercent + shiftPercent,
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
    (one) => one / 10,
  );
}

function atMean(evidence: LotEvidence, ruling: Ruling, shift: number | null): Flip[] {
  if (shift === null) return [];
  const { mean } = ruling.belief;
  const wanted = ruleOnLot(shifted(evidence, shift)).outcome;
  const outcomeAt = (to: number): Outcome => ruleOnLot(shifted(evidence, to - mean)).outcome;
  const to = statedMeans(mean, shift).find((one) => outcomeAt(one) === wanted);
  if (to === undefined || wanted === ruling.outcome) return [];
  const side = shift < 0 ? 'drier' : 'wetter';
  const sentence = `At a mean of ${percent(to)} or ${side}, measured the same way: ${OUTCOME_WORDS[wanted]}.`;
  return [
    { id: `${side}-${wanted}`, sentence, outcome: wanted, evidence: shifted(evidence, to - mean) },
  ];
}

/** The next milder ruling, the way to acceptance, and the next more severe ruling. */
function byMoisture(evidence: LotEvidence, ruling: Ruling): Flip[] {
  const isOther = (outcome: Outcome): boolean => outcome !== ruling.outcome;
  const isAccepted = (outcome: Outcome): boolean => outcome === 'accept';
  const milder = atMean(evidence, ruling, smallestShift(evidence, isOther, -1));
  const accepted =
    milder[0] && milder[0].outcome !== 'accept'
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
      const many = times === 1 ? '1 more reading' : `${times} more readings`;
      const sentence = `${many} of the same mean: ${OUTCOME_WORDS[outcome]}.`;
      return [{ id: 'more-readings', sentence, outcome, evidence: changed }];
    }
  }
  return [];
}

function tried(id: string, words: string, evidence: LotEvidence, ruling: Ruling): Flip[] {
  const outcome = ruleOnLot(evidence).outcome;
  if (outcome === ruling.outcome) return [];
  return [{ id, sentence: `${words}: ${OUTCOME_WORDS[outcome]}.`, outcome, evidence }];
}

/** The same readings, had the meter been checked and found right. */
function checkedMeter(evidence: LotEvidence): LotEvidence {
  const calibrated = withBudget(evidence, { calibration: BUDGET_DEFAULTS.calibration.checked });
  return withReadings(calibrated, (one) => ({ ...one, zeroCheck: 'checked' }));
}

/** A checked meter and one more reading each step, for lots that neither alone would settle. */
function byCheckAndReadings(evidence: LotEvidence, ruling: Ruling): Flip[] {
  const checked = checkedMeter(evidence);
  return byMoreReadings(checked, ruling).map((flip) => ({
    ...flip,
    id: 'check-and-readings',
    sentence: `A zero check that finds the meter right, and ${flip.sentence}`,
  }));
}

/** One reading of every vessel that has none, each at the present mean. */
function byUntestedVessels(evidence: LotEvidence, ruling: Ruling): Flip[] {
  const last = evidence.readings[evidence.readings.length - 1];
  const tested = new Set(evidence.readings.map((one) => one.vesselId));
  const untested = evidence.vessels.filter((one) => !tested.has(one.id));
  if (!last || untested.length === 0 || ruling.outcome !== 'measure') return [];
  const more = untested.map(({ id }) => ({
    ...last,
    id: `supposed-${id}`,
    vesselId: id,
    moisturePercent: ruling.belief.mean,
  }));
  const words =
    untested.length === 1
      ? 'A reading of the untested vessel, of the same mean'
      : `A reading of each of the ${untested.length} untested vessels, of the same mean`;
  const changed = { ...evidence, readings: [...evidence.readings, ...more] };
  return tried('untested-vessels', words, changed, ruling);
}

function byMeter(evidence: LotEvidence, ruling: Ruling): Flip[] {
  const more = [...byMoreReadings(evidence, ruling), ...byUntestedVessels(evidence, ruling)];
  if (evidence.readings.every((one) => one.zeroCheck === 'checked')) return more;
  const words = 'A zero check that finds the meter right';
  const check = tried('zero-check', words, checkedMeter(evidence), ruling);
  if (check.length + more.length > 0) return [...check, ...more];
  return byCheckAndReadings(evidence, ruling);
}

/** The comb judged as a whole: shares by state follow from share and shake, so that these can change. */
function asWhole(comb: CombEvidence): CombEvidence {
  const { cappedShare, shake, expectation, school, cleared } = comb;
  return {
    cappedShare,
    shake,
    ...(expectation && { expectation }),
    ...(school && { school }),
    ...(cleared && { cleared }),
  };
}

function byComb(evidence: LotEvidence, ruling: Ruling): Flip[] {
  if (!evidence.comb) return [];
  const comb = asWhole(evidence.comb);
  const shakes = (['nothing-fell', 'drops'] as const).filter((one) => one !== comb.shake);
  const byShake = shakes.flatMap((shake) => {
    const words =
      shake === 'drops' ? 'Drops at the shake test' : 'A shake test at which nothing falls';
    const id = `shake-${shake}`;
    return tried(id, words, { ...evidence, comb: { ...comb, shake } }, ruling);
  });
  const tenths = Math.round(comb.cappedShare * 10);
  const others = Array.from({ length: 11 }, (_, at) => at).sort(
    (a, b) => Math.abs(a - tenths) - Math.abs(b - tenths),
  );
  const byShare = others.flatMap((one) => {
    const words = `${one} tenths capped instead of ${tenths}`;
    const changed = { ...evidence, comb: { ...comb, cappedShare: one / 10 } };
    return tried('capped-share', words, changed, ruling);
  });
  return [...(comb.shake === 'not-done' ? byShake : byShake.slice(0, 1)), ...byShare.slice(0, 1)];
}

/** The words for a ruling that no further reading with this meter can change. */
export const NO_NUMBER_WILL =
  'No number of further readings with this meter settles it: what it may be off by is larger than the room left.';

/**
 * What would change the ruling: the nearest changes of evidence that give another outcome.
 *
 * Each is found by ruling again on the changed evidence, so each is true of the rules as they are.
 *
 * @param evidence - as ruled on
 * @param ruling - its ruling
 * @returns flips towards a milder ruling first
 * @throws DomainError as `ruleOnLot`
 * @source computed from the rules
 */
export function flipsOf(evidence: LotEvidence, ruling: Ruling): Flip[] {
  const flips =
    ruling.belief.basis === 'readings'
      ? [...byMeter(evidence, ruling), ...byMoisture(evidence, ruling)]
      : byComb(evidence, ruling);
  return flips.sort((a, b) => severity(b.outcome) - severity(a.outcome));
}

/** Whether a lot is stuck between readings: not settled, and no number of readings settles it. */
export function isStuck(ruling: Ruling, flips: readonly Flip[]): boolean {
  const settling = ['more-readings', 'untested-vessels', 'zero-check', 'check-and-readings'];
  return (
    ruling.outcome === 'measure' &&
    ruling.belief.basis === 'readings' &&
    !flips.some((one) => settling.includes(one.id))
  );
}
