import jstat from 'jstat';
import { DomainError } from '../errors';
import { DRYING_RATES, RATE_SPREADS, type DryingRates } from '../drying/rates';
import { normalDraws, seededRandom } from '../stats/seededRandom';
import type { DryingRun } from './dryingRun';

/** Logarithms of factors by which a rate or the room differs from what is assumed. */
export const FACTORS = [
  'diffusivityM2PerS',
  'filmKgPerM2DayKPa',
  'cappingKgPerM2DayKPa',
  'machine',
  'leakage',
] as const;
export type Factor = (typeof FACTORS)[number];

/** Standard deviations of the logarithms of what a room's plate and walls tell [1]. @source our choice */
const ROOM_SPREADS = { machine: 0.15, leakage: 0.4 } as const;

/**
 * What is believed of everything uncertain: factors first, in the order of `FACTORS`, then the start
 * moisture of each batch [%]. A normal distribution, so that prior and posterior have one form.
 */
export interface DryingBelief {
  readonly mean: readonly number[];
  readonly covariance: readonly (readonly number[])[];
  /** behind it, as those of Student's t; Infinity where not there (the normal) */
  readonly degreesOfFreedom?: number;
}

/**
 * Degrees of freedom of the rates before any reading: they are guesses, so that honey that dries twice
 * as fast is no wonder. Each reading adds one.
 *
 * @source our choice, as for a guess (JCGM 100:2008, G.4.2, recalled from memory)
 */
export const RATE_DOF = 3;

/** One possible truth: factors, and by how much each batch started wetter [%]. */
export interface DryingDraw {
  readonly values: readonly number[];
}

/** No start moisture is known better than this [%]. */
const LEAST_START_SPREAD = 0.05;

/** Standard deviations before anything was measured, in the order of a belief. */
function priorSpreads(startSpreads: readonly number[]): number[] {
  const factors = FACTORS.map((factor) =>
    factor === 'machine' || factor === 'leakage' ? ROOM_SPREADS[factor] : RATE_SPREADS[factor],
  );
  return [
    ...factors,
    ...startSpreads.map((startSpread) => Math.max(startSpread, LEAST_START_SPREAD)),
  ];
}

/**
 * The belief before any reading in the room.
 *
 * @param startSpreads - standard uncertainty of the start moisture of each batch [%]
 * @param rates - what was learned of the factors before, covariance included; nothing where not there
 * @source our choice, no source
 */
export function priorBelief(startSpreads: readonly number[], rates?: DryingBelief): DryingBelief {
  const spreads = priorSpreads(startSpreads);
  const learned = (row: number, column: number): number =>
    rates?.covariance[row]?.[column] ?? (row === column ? (spreads[row] ?? 0) ** 2 : 0);
  const isFactor = (at: number): boolean => at < FACTORS.length;
  return {
    mean: spreads.map((_, at) => (isFactor(at) ? (rates?.mean[at] ?? 0) : 0)),
    degreesOfFreedom: rates?.degreesOfFreedom ?? RATE_DOF,
    covariance: spreads.map((_, row) =>
      spreads.map((spread, column) => {
        if (isFactor(row) && isFactor(column)) return learned(row, column);
        return row === column ? spread ** 2 : 0;
      }),
    ),
  };
}

/** What is believed of the factors alone, to start the next season from. */
export function factorBelief({ mean, covariance, ...rest }: DryingBelief): DryingBelief {
  const many = FACTORS.length;
  return {
    ...rest,
    mean: mean.slice(0, many),
    covariance: covariance.slice(0, many).map((row) => row.slice(0, many)),
  };
}

/** Lower triangle whose product with its transpose is the covariance. */
export function triangleOf({ mean, covariance }: DryingBelief): number[][] {
  const lengths = [covariance.length, ...covariance.map((row) => row.length)];
  if (mean.length === 0 || lengths.some((value) => value !== mean.length)) {
    const at = { fn: 'triangleOf', param: 'covariance', unit: '1' };
    throw new DomainError({ code: 'mismatched-lengths', value: covariance.length, ...at });
  }
  const triangle = jstat.jStat.cholesky(covariance.map((row) => [...row]));
  if (triangle.some((row) => row.some((value) => !Number.isFinite(value)))) {
    const place = { fn: 'triangleOf', param: 'covariance', unit: '1' };
    throw new DomainError({ code: 'out-of-range', value: NaN, ...place });
  }
  return triangle;
}

/** From so many degrees of freedom on Student's t is drawn as the normal. */
const NEARLY_NORMAL_DOF = 1000;

/** What turns a normal draw into one of Student's t: √(ν/χ²) [1]; 1 for the normal. */
function tailFactor(degreesOfFreedom: number, normal: () => number): number {
  if (degreesOfFreedom > NEARLY_NORMAL_DOF) return 1;
  const whole = Math.max(1, Math.round(degreesOfFreedom));
  let chiSquare = 0;
  for (let one = 0; one < whole; one += 1) chiSquare += normal() ** 2;
  return Math.sqrt(whole / chiSquare);
}

/**
 * One possible truth of a belief; the same number gives the same draw. With few degrees of freedom all
 * factors of a draw lie further out together now and then (multivariate t); starts stay normal.
 *
 * @param triangle - of the belief, by `triangleOf`
 * @param number - of the draw, 0 and more
 */
export function beliefDraw(
  belief: DryingBelief,
  triangle: readonly (readonly number[])[],
  number: number,
): DryingDraw {
  const normal = normalDraws(seededRandom(0x5eed + 7919 * number));
  const standard = belief.mean.map(() => normal());
  const wider = tailFactor(belief.degreesOfFreedom ?? Infinity, normal);
  return {
    values: belief.mean.map((mean, row) => {
      const apart = standard.reduce(
        (sum, value, column) => sum + (triangle[row]?.[column] ?? 0) * value,
        0,
      );
      return mean + (row < FACTORS.length ? wider * apart : apart);
    }),
  };
}

/** Factors stay where the physics holds; a moisture stays within what honey can have. */
const factorOf = (value: number | undefined): number =>
  Math.exp(Math.min(3, Math.max(-3, value ?? 0)));
const moistureWithin = (percent: number): number => Math.min(30, Math.max(12, percent));

function scaledRates(rates: DryingRates, values: readonly number[]): DryingRates {
  const by = (factor: Factor): number => factorOf(values[FACTORS.indexOf(factor)]);
  return {
    ...rates,
    diffusivityM2PerS: rates.diffusivityM2PerS * by('diffusivityM2PerS'),
    filmKgPerM2DayKPa: rates.filmKgPerM2DayKPa * by('filmKgPerM2DayKPa'),
    cappingKgPerM2DayKPa: rates.cappingKgPerM2DayKPa * by('cappingKgPerM2DayKPa'),
  };
}

/** The run as it would go if a draw were the truth; dry matter of the batches stays what it is. */
export function runUnder(run: DryingRun, { values }: DryingDraw): DryingRun {
  const by = (factor: Factor): number => factorOf(values[FACTORS.indexOf(factor)]);
  const room = run.room && {
    ...run.room,
    room: {
      ...run.room.room,
      airChangesPerHour: run.room.room.airChangesPerHour * by('leakage'),
      dehumidifier: run.room.room.dehumidifier && {
        ...run.room.room.dehumidifier,
        ratedLPerDay: run.room.room.dehumidifier.ratedLPerDay * by('machine'),
      },
    },
  };
  const batches = run.batches.map((batch, at) => ({
    ...batch,
    parts: batch.parts.map((part) => {
      const wetter = values[FACTORS.length + at] ?? 0;
      return { ...part, moisturePercent: moistureWithin(part.moisturePercent + wetter) };
    }),
  }));
  return { ...run, room, batches, rates: scaledRates(run.rates ?? DRYING_RATES, values) };
}
