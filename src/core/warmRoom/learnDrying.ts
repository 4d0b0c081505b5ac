import jstat from 'jstat';
import type { HoneyPart } from './solver/batch';
import { FACTORS, runUnder, type DryingBelief } from './dryingBelief';
import type { DryingRun, BatchMoment } from './dryingRun';
import { FORECAST_NODES } from './forecast';
import { simulateDrying } from './solver/simulateDrying';

/** What was measured of a batch while it dried. */
export interface DryingObservation {
  /** place of the batch among those of the run */
  readonly batch: number;
  readonly day: number;
  /** mean of the whole batch, of one of its parts, or what a box lost */
  readonly of: 'all' | 'open' | 'capped' | 'loss';
  /** moisture, or water lost by the honey there was at first [%] */
  readonly percent: number;
  /** spread from comb to comb included [%] */
  readonly standardUncertainty: number;
}

/** What was learned, and how. */
export interface LearnedDrying {
  readonly status: 'converged' | 'max-iterations';
  readonly belief: DryingBelief;
  readonly iterations: number;
  /** measured less expected, by the doubt of the measurement, after learning [1] */
  readonly residuals: readonly number[];
}

const MOST_ITERATIONS = 12;

/** Change of every value, by its spread, below which the search ends [1]. */
const CONVERGED = 0.02;

/** Step of the differences, by the spread of each value [1]. */
const DIFFERENCE = 0.1;

/** Water lost, by the honey there was at first [%]. */
function lossPercent(parts: readonly HoneyPart[], waterKg: number): number {
  const honeyKg = parts.reduce((sum, part) => sum + part.massKg, 0);
  const firstKg = parts.reduce((sum, part) => sum + (part.massKg * part.moisturePercent) / 100, 0);
  return (100 * (firstKg - waterKg)) / honeyKg;
}

function expectedOf(
  { parts, meanPercent, waterKg }: BatchMoment,
  run: DryingRun,
  { batch, of }: DryingObservation,
): number {
  if (of === 'loss') return lossPercent(run.batches[batch]?.parts ?? [], waterKg);
  const at = run.batches[batch]?.parts.findIndex((part) => part.surface === of) ?? -1;
  return of === 'all' ? meanPercent : (parts[at]?.meanPercent ?? meanPercent);
}

/** What a draw makes one expect of each observation [%]. */
function expectations(
  run: DryingRun,
  observations: readonly DryingObservation[],
  values: readonly number[],
): number[] {
  const reportDays = [...new Set(observations.map((observation) => observation.day))].sort(
    (a, b) => a - b,
  );
  const under = { ...runUnder(run, { values }), reportDays, nodes: FORECAST_NODES };
  const { moments } = simulateDrying(under);
  return observations.map((observation) => {
    const moment = moments[reportDays.indexOf(observation.day)];
    const found = moment?.batches.get(run.batches[observation.batch]?.id ?? '');
    return found ? expectedOf(found, under, observation) : NaN;
  });
}

/** Values that an observation can bear on: the factors, and the start of batches that were measured. */
function bearing(belief: DryingBelief, observations: readonly DryingObservation[]): number[] {
  const measured = new Set(observations.map((observation) => FACTORS.length + observation.batch));
  return belief.mean.map((_, at) => at).filter((at) => at < FACTORS.length || measured.has(at));
}

interface Linear {
  /** measured less expected, by doubt */
  readonly residuals: number[];
  /** slope of each expectation by each value, by doubt; rows are observations */
  readonly slopes: number[][];
}

function lineariseAt(
  run: DryingRun,
  observations: readonly DryingObservation[],
  prior: DryingBelief,
  values: readonly number[],
): Linear {
  const here = expectations(run, observations, values);
  const spread = (at: number): number => Math.sqrt(prior.covariance[at]?.[at] ?? 0);
  const columns = new Map(
    bearing(prior, observations)
      .filter((at) => spread(at) > 0)
      .map((at) => {
        const step = DIFFERENCE * spread(at);
        const moved = values.map((value, index) => (index === at ? value + step : value));
        const there = expectations(run, observations, moved);
        return [at, there.map((value, index) => (value - here[index]!) / step)];
      }),
  );
  return {
    residuals: observations.map(
      (observation, at) => (observation.percent - here[at]!) / observation.standardUncertainty,
    ),
    slopes: observations.map((observation, row) =>
      values.map(
        (_, column) => (columns.get(column)?.[row] ?? 0) / observation.standardUncertainty,
      ),
    ),
  };
}

/**
 * What a belief makes one expect of an observation before it is made.
 *
 * @returns mean and standard deviation [%], the doubt of the observation itself left out
 * @throws DomainError as `simulateDrying`
 */
export function expectedObservation(
  run: DryingRun,
  belief: DryingBelief,
  observation: DryingObservation,
): { readonly mean: number; readonly standard: number } {
  const alone = { ...observation, standardUncertainty: 1 };
  const { residuals, slopes } = lineariseAt(run, [alone], belief, belief.mean);
  const [slope = []] = slopes;
  const spread = product(belief.covariance, slope).reduce(
    (sum, value, at) => sum + value * (slope[at] ?? 0),
    0,
  );
  return {
    mean: observation.percent - (residuals[0] ?? 0),
    standard: Math.sqrt(Math.max(0, spread)),
  };
}

const product = (matrix: readonly (readonly number[])[], vector: readonly number[]): number[] =>
  matrix.map((row) => row.reduce((sum, value, at) => sum + value * (vector[at] ?? 0), 0));

const columnOf = (matrix: readonly (readonly number[])[], column: number): number[] =>
  matrix.map((row) => row[column] ?? 0);

/** How far good agreement may narrow a belief: few readings agree by luck. @source our choice */
const LEAST_SCALE = 0.95;

/**
 * The belief with its degrees of freedom: one more for each measurement. Where the measurements lie
 * further out than believed, prior and doubts together were too sure, and all of it widens; where they
 * lie nearer, it narrows a little.
 *
 * @source multivariate t of a normal-inverse-gamma model, Gelman and others, Bayesian Data Analysis,
 * 14.8, recalled from memory
 */
function beliefAfter(
  prior: DryingBelief,
  mean: readonly number[],
  covariance: readonly (readonly number[])[],
  residuals: readonly number[],
): DryingBelief {
  const before = prior.degreesOfFreedom ?? Infinity;
  if (!Number.isFinite(before)) return { mean, covariance };
  const degreesOfFreedom = before + residuals.length;
  const precision = jstat.jStat.inv(prior.covariance.map((row) => [...row]));
  const apart = mean.map((value, at) => value - prior.mean[at]!);
  const pulled = product(precision, apart).reduce((sum, value, at) => sum + value * apart[at]!, 0);
  const misfit = pulled + residuals.reduce((sum, residual) => sum + residual ** 2, 0);
  const scale = Math.max(LEAST_SCALE, (before + misfit) / degreesOfFreedom);
  return {
    mean,
    covariance: covariance.map((row) => row.map((value) => value * scale)),
    degreesOfFreedom,
  };
}

/**
 * The belief after measurements: the most likely values by Gauss and Newton with the prior kept, and
 * the covariance of the model made straight there.
 *
 * @param run - from its first batch to the last observation, air included
 * @param prior - in the order of the run's batches
 * @param observations - none: the prior comes back
 * @throws DomainError as `simulateDrying`
 * @source Bayesian least squares, Tarantola (2005), recalled from memory
 */
export function learnDrying(
  run: DryingRun,
  prior: DryingBelief,
  observations: readonly DryingObservation[],
): LearnedDrying {
  if (observations.length === 0) {
    return { status: 'converged', belief: prior, iterations: 0, residuals: [] };
  }
  const precision = jstat.jStat.inv(prior.covariance.map((row) => [...row]));
  const spreads = prior.mean.map((_, at) => Math.sqrt(prior.covariance[at]?.[at] ?? 1));
  let values = [...prior.mean];
  for (let iterations = 1; ; iterations += 1) {
    const { residuals, slopes } = lineariseAt(run, observations, prior, values);
    const curvature = precision.map((row, at) =>
      row.map((value, column) => {
        const [a, b] = [columnOf(slopes, at), columnOf(slopes, column)];
        return value + a.reduce((sum, slope, index) => sum + slope * b[index]!, 0);
      }),
    );
    const covariance = jstat.jStat.inv(curvature);
    const pulled = product(
      precision,
      prior.mean.map((value, at) => value - values[at]!),
    );
    const gradient = pulled.map(
      (value, at) => value + residuals.reduce((sum, r, row) => sum + r * slopes[row]![at]!, 0),
    );
    const step = product(covariance, gradient);
    const size = Math.max(...step.map((value, at) => Math.abs(value) / spreads[at]!));
    const damped = Math.min(1, 1.5 / Math.max(size, 1e-9));
    if (size < CONVERGED || iterations >= MOST_ITERATIONS) {
      const status = size < CONVERGED ? 'converged' : 'max-iterations';
      return {
        status,
        belief: beliefAfter(prior, values, covariance, residuals),
        iterations,
        residuals,
      };
    }
    values = values.map((value, at) => value + damped * step[at]!);
  }
}
