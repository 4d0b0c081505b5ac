import type { Estimate } from '../conformity/conformity';
import { DomainError, requireInRange, requireFinite } from '../errors';
import { foundOnce } from '../lists/foundOnce';
import { rememberedBy } from '../lists/rememberedBy';
import { posteriorDegreesOfFreedom } from '../stats/uncertainty';

/** What the shake test showed: the frame held flat, open cells down, and shaken. */
export const SHAKE_RESULTS = ['not-done', 'nothing-fell', 'drops', 'runs'] as const;
export type ShakeResult = (typeof SHAKE_RESULTS)[number];

/** States of honey in the comb that differ in their moisture: under a capping, or open by shake test. */
export const HONEY_STATES = ['capped', ...SHAKE_RESULTS] as const;
export type HoneyState = (typeof HONEY_STATES)[number];

/** Share of the honey's mass in each state [1]; together one. */
export type StateShares = Readonly<Record<HoneyState, number>>;

/** Air of the yard in the season, as it matters to ripening; nothing is assumed where nobody said. */
export const CLIMATES = ['dry', 'ordinary', 'damp', 'not-said'] as const;
export type Climate = (typeof CLIMATES)[number];

/** What is expected of one state before any reading [% moisture]. */
export interface StateExpectation {
  readonly mean: number;
  /** how well this mean is known: standard deviation between keepers and places */
  readonly knowledge: number;
  /** from one lot to the next of the same keeper */
  readonly scatter: number;
}

/**
 * Moisture to expect by state in an ordinary climate.
 *
 * @source common practice, no source
 */
export const EXPECTED_BY_STATE: Readonly<Record<HoneyState, StateExpectation>> = {
  capped: { mean: 17.6, knowledge: 0.7, scatter: 0.57 },
  'not-done': { mean: 20, knowledge: 1.5, scatter: 1.6 },
  'nothing-fell': { mean: 18.6, knowledge: 0.9, scatter: 0.8 },
  drops: { mean: 22.5, knowledge: 1.6, scatter: 1.9 },
  runs: { mean: 26, knowledge: 2.2, scatter: 2.7 },
};

/**
 * What the climate changes: points added to each state's mean, and a factor on all spreads. In damp
 * air bees cap honey that is wetter.
 *
 * @source common practice, no source
 */
export const CLIMATE_EFFECTS: Readonly<
  Record<Climate, { readonly capped: number; readonly open: number; readonly spread: number }>
> = {
  dry: { capped: -0.4, open: -0.4, spread: 0.9 },
  ordinary: { capped: 0, open: 0, spread: 1 },
  damp: { capped: 0.9, open: 0.5, spread: 1.4 },
  // Between ordinary and damp, and wide enough for both.
  'not-said': { capped: 0.2, open: 0.1, spread: 1.2 },
};

/** Degrees of freedom of the scatters before any own lot. @source our choice, as for a guess */
const SCATTER_DOF = 6;

/** How far what is not known of one state is shared by another [1]. @source our choice, no source */
const SHARED_KNOWLEDGE = 0.5;

/** What is expected of every state, with what is not known of their means (covariance [%²]). */
export interface Expectation {
  readonly means: readonly number[];
  readonly covariance: readonly (readonly number[])[];
  readonly scatters: readonly number[];
  /** behind the scatters: a guess at first, more with every own lot */
  readonly degreesOfFreedom: number;
  /** how much the keeper's lots scatter against what was assumed [1] */
  readonly scatterFactor: number;
  /** lots that it has been updated by */
  readonly lots: number;
}

/**
 * The expectation before any lot of one's own.
 *
 * @param climate - of the yard
 * @returns means, covariance and scatters in the order of `HONEY_STATES`
 * @source common practice, no source (`EXPECTED_BY_STATE`, `CLIMATE_EFFECTS`)
 */
export const priorExpectation = (climate: Climate = 'ordinary'): Expectation => PRIORS[climate];

function priorOf(climate: Climate): Expectation {
  const effect = CLIMATE_EFFECTS[climate];
  const known = HONEY_STATES.map((state) => EXPECTED_BY_STATE[state].knowledge * effect.spread);
  return {
    means: HONEY_STATES.map(
      (state) => EXPECTED_BY_STATE[state].mean + (state === 'capped' ? effect.capped : effect.open),
    ),
    covariance: known.map((a, i) => known.map((b, j) => a * b * (i === j ? 1 : SHARED_KNOWLEDGE))),
    scatters: HONEY_STATES.map((state) => EXPECTED_BY_STATE[state].scatter * effect.spread),
    degreesOfFreedom: SCATTER_DOF,
    scatterFactor: 1,
    lots: 0,
  };
}

const PRIORS: Readonly<Record<Climate, Expectation>> = {
  'not-said': priorOf('not-said'),
  dry: priorOf('dry'),
  ordinary: priorOf('ordinary'),
  damp: priorOf('damp'),
};

function vectorOf(shares: StateShares, fn: string): number[] {
  const vector = HONEY_STATES.map((state) =>
    requireInRange(shares[state], [0, 1 + 1e-9], { fn, param: state, unit: '1' }),
  );
  const sum = vector.reduce((a, b) => a + b, 0);
  if (Math.abs(sum - 1) > 1e-6) {
    const limits = [1, 1] as const;
    throw new DomainError({
      code: 'out-of-range',
      fn,
      param: 'shares',
      value: sum,
      unit: '1',
      limits,
    });
  }
  return vector;
}

const dot = (a: readonly number[], b: readonly number[]): number =>
  a.reduce((sum, value, at) => sum + value * (b[at] ?? 0), 0);

/** Covariance times shares, and the variance of the mixture's mean. */
function spreadOf(expectation: Expectation, shares: readonly number[]) {
  const gain = expectation.covariance.map((row) => dot(row, shares));
  return { gain, variance: dot(gain, shares) };
}

/**
 * Moisture to expect of honey that is mixed from the states, before any reading.
 *
 * What is not known of the means follows their covariance; the scatter of a season is shared by all
 * states of a lot, so that it adds up and never cancels.
 *
 * @param shares - by mass, summing to one
 * @param expectation - the prior, or updated by own lots
 * @returns mean and standard uncertainty [% by mass], with the degrees of freedom behind it
 * @throws DomainError `out-of-range`
 * @source normal linear model (Gelman and others, Bayesian Data Analysis, 14.2), recalled from memory
 */
export function expectedMixture(shares: StateShares, expectation: Expectation): Estimate {
  requireFinite({ shares, expectation }, 'expectedMixture');
  const vector = vectorOf(shares, 'expectedMixture');
  const { variance } = spreadOf(expectation, vector);
  const scatter = dot(expectation.scatters, vector);
  return {
    mean: dot(expectation.means, vector),
    standardUncertainty: Math.sqrt(variance + scatter ** 2),
    degreesOfFreedom: posteriorDegreesOfFreedom([
      { standard: scatter, degreesOfFreedom: expectation.degreesOfFreedom },
      { standard: Math.sqrt(variance), degreesOfFreedom: Infinity },
    ]),
  };
}

/** A lot of one's own that was judged in the comb and measured later. */
export interface PastLot {
  readonly shares: StateShares;
  readonly measured: Estimate;
}

/** Shares of a lot as numbers; each lot teaches all that came after it, and is looked through once. */
const sharesVector = foundOnce((lot: PastLot) => {
  requireFinite({ lot }, 'updatedExpectation');
  return vectorOf(lot.shares, 'updatedExpectation');
});

/** Means and covariance while lot after lot is learned from; changed in place. */
interface Learned {
  readonly means: number[];
  readonly covariance: number[][];
}

/** Sum of products; a loop, since own lots learn from one another hundreds of thousands of times. */
function product(a: readonly number[], b: readonly number[]): number {
  let sum = 0;
  for (let at = 0; at < a.length; at += 1) sum += a[at]! * b[at]!;
  return sum;
}

/** Learns from one lot; how far it was from the means by what was expected [1]. */
function learnFrom({ means, covariance }: Learned, scatters: readonly number[], lot: PastLot) {
  const vector = sharesVector(lot);
  const gain: number[] = [];
  for (const row of covariance) gain.push(product(row, vector));
  const noise = product(scatters, vector) ** 2 + lot.measured.standardUncertainty ** 2;
  const total = product(gain, vector) + noise;
  const apart = lot.measured.mean - product(means, vector);
  for (let i = 0; i < means.length; i += 1) {
    means[i]! += (gain[i]! * apart) / total;
    const row = covariance[i]!;
    for (let j = 0; j < row.length; j += 1) row[j]! -= (gain[i]! * gain[j]!) / total;
  }
  return apart ** 2 / total;
}

/** The means after some lots, and the sum of the surprises: the joint distance, whatever the order. */
function afterLots(prior: Expectation, lots: readonly PastLot[]) {
  const learned = { means: [...prior.means], covariance: prior.covariance.map((row) => [...row]) };
  let surprise = 0;
  for (const lot of lots) surprise += learnFrom(learned, prior.scatters, lot);
  return { after: { ...prior, ...learned, lots: prior.lots + lots.length }, surprise };
}

/**
 * The expectation after one's own lots: the means of the states by what was measured, and how much this
 * keeper's lots scatter about them. Surprises larger than expected widen the scatters by one factor,
 * smaller ones narrow them; the guess stays in it by its degrees of freedom.
 *
 * @param prior - expectation before
 * @param lots - past lots with their measured moisture; the order does not matter
 * @returns expectation after
 * @throws DomainError `out-of-range`
 * @source normal linear model with a scaled inverse chi-square factor on the scatters (normal-inverse-
 * gamma), Gelman and others, Bayesian Data Analysis, 14.2 and 14.8, recalled from memory; the factor is
 * found at the prior scatters and then kept
 */
export const updatedExpectation = (prior: Expectation, lots: readonly PastLot[]): Expectation =>
  updatedBy(prior, lots);

/** The same lots teach every ruling on a lot, until another one comes. */
const updatedBy = rememberedBy((prior: Expectation, lots: readonly PastLot[]): Expectation => {
  requireFinite({ prior }, 'updatedExpectation');
  const fn = 'updatedExpectation';
  const place = { fn, param: 'degreesOfFreedom', unit: '1' };
  requireInRange(prior.degreesOfFreedom, [0.5, Infinity], place);
  const states = prior.means.length;
  requireInRange(prior.covariance.length, [states, states], { fn, param: 'covariance', unit: '1' });
  if (lots.length === 0) return prior;
  const { surprise } = afterLots(prior, lots);
  const degreesOfFreedom = prior.degreesOfFreedom + lots.length;
  const factor = Number.isFinite(degreesOfFreedom)
    ? Math.sqrt((prior.degreesOfFreedom + surprise) / degreesOfFreedom)
    : 1;
  const scaled = {
    ...prior,
    scatters: prior.scatters.map((scatter) => scatter * factor),
    scatterFactor: prior.scatterFactor * factor,
    degreesOfFreedom,
  };
  return afterLots(scaled, lots).after;
});
