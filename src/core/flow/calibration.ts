import { DomainError, requireInRange, requireFinite } from '../errors';
import { goldenMinimum } from '../fit/goldenMinimum';
import { strainerCycle, minutesInCycle, type HoneyState, type Strainer } from './strainer';

/** So much had gone through, so long after the mesh was clean. */
export interface StrainingMark {
  readonly minutes: number;
  readonly kg: number;
}

/** What the first buckets say of a strainer. */
export interface Calibrated {
  readonly strainer: Strainer;
  /** of the logarithm of the flow, one standard deviation [1] */
  readonly flowSpread: number;
}

/** Spreads of the logarithms before anything was measured. @source our choice, no source */
export const STRAINER_PRIOR = { flow: 0.5, clogging: 0.8 } as const;

/** Of a time taken by watch and of kilograms read from a pail [1]. @source our choice, no source */
const MARK_SPREAD = 0.1;

/** Times and masses that a mark can have: what lies outside tells nothing of a strainer. */
const MARK_MINUTES: readonly [number, number] = [0.05, 1e4];
const MARK_KG: readonly [number, number] = [0.05, 1e5];

/** Whether a mark can tell something of a strainer: a pail forgotten for a week does not. */
export const isTellingMark = ({ minutes, kg }: StrainingMark): boolean =>
  minutes >= MARK_MINUTES[0] && minutes <= MARK_MINUTES[1] && kg >= MARK_KG[0] && kg <= MARK_KG[1];

/** Farthest that matter may be from what is assumed, as a logarithm. */
const FARTHEST = 3;

/** Logarithm of the time that a strainer takes for a mark. */
function logMinutes(strainer: Strainer, honey: HoneyState, kg: number): number {
  // scraped much later than any bucket: the marks tell when it really was
  const cycle = strainerCycle({ ...strainer, scrapeAtShare: 0.02 }, honey);
  return Math.log(minutesInCycle(cycle, Math.min(kg, cycle.kg)));
}

/** Sum over marks of what the time is longer than computed, for some clogging. */
function longer(base: Strainer, honey: HoneyState, marks: readonly StrainingMark[]) {
  return (logClog: number): number[] => {
    const tried = { ...base, clogFactor: base.clogFactor * Math.exp(logClog) };
    return marks.map(({ minutes, kg }) => logMinutes(tried, honey, kg) - Math.log(minutes));
  };
}

/** The flow that fits best for some clogging, as a logarithm, and how badly all fits then. */
function flowFor(differences: readonly number[]): { logFlow: number; badness: number } {
  const weight = 1 / MARK_SPREAD ** 2;
  const prior = 1 / STRAINER_PRIOR.flow ** 2;
  const sum = differences.reduce((total, difference) => total + difference, 0);
  const logFlow = (weight * sum) / (weight * differences.length + prior);
  const misfit = differences.reduce(
    (total, difference) => total + weight * (difference - logFlow) ** 2,
    0,
  );
  return { logFlow, badness: misfit + prior * logFlow ** 2 };
}

/**
 * A strainer as the first buckets show it: flow and clogging that fit best, held by what is usual.
 *
 * @param marks - kilograms [0.05..1e5] at minutes [0.05..1e4] since the mesh was clean
 * @throws DomainError `empty` without marks, `out-of-range`
 * @source Bayesian least squares of logarithms; the most likely values
 */
export function calibratedStrainer(
  base: Strainer,
  honey: HoneyState,
  marks: readonly StrainingMark[],
): Calibrated {
  requireFinite({ base, honey, marks }, 'calibratedStrainer');
  const fn = 'calibratedStrainer';
  if (marks.length === 0) {
    throw new DomainError({ code: 'empty', fn, param: 'marks', value: 0, unit: '1' });
  }
  for (const { minutes, kg } of marks) {
    requireInRange(minutes, MARK_MINUTES, { fn, param: 'minutes', unit: 'min' });
    requireInRange(kg, MARK_KG, { fn, param: 'kg', unit: 'kg' });
  }
  const differencesAt = longer(base, honey, marks);
  const badness = (logClog: number): number =>
    flowFor(differencesAt(logClog)).badness + (logClog / STRAINER_PRIOR.clogging) ** 2;
  const logClog = goldenMinimum(badness, [-FARTHEST, FARTHEST], 1e-4);
  const { logFlow } = flowFor(differencesAt(logClog));
  return {
    strainer: {
      ...base,
      flowFactor: base.flowFactor * Math.exp(logFlow),
      clogFactor: base.clogFactor * Math.exp(logClog),
    },
    flowSpread: flowSpread(differencesAt, logClog, marks.length),
  };
}

/** Spread of the flow, what is not known of the clogging included. */
function flowSpread(
  differencesAt: (logClog: number) => number[],
  logClog: number,
  count: number,
): number {
  const nudge = 1e-3;
  const up = differencesAt(logClog + nudge);
  const slopes = differencesAt(logClog).map((difference, at) => (up[at]! - difference) / nudge);
  const weight = 1 / MARK_SPREAD ** 2;
  const flow = weight * count + 1 / STRAINER_PRIOR.flow ** 2;
  const clog = slopes.reduce(
    (sum, slope) => sum + weight * slope ** 2,
    1 / STRAINER_PRIOR.clogging ** 2,
  );
  const both = slopes.reduce((sum, slope) => sum - weight * slope, 0);
  return Math.sqrt(clog / (flow * clog - both ** 2));
}
