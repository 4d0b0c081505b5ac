import { requireInRange, requireWhole } from '../errors';
import { normalCdf, normalQuantile } from '../stats/normal';

/** What a one-sided statement about a lot of many containers promises. */
export interface ToleranceStatement {
  /** share of the containers that respect the limit [1] */
  readonly content: number;
  /** confidence of the statement [1] */
  readonly confidence: number;
}

/** 95 % of the containers, with 95 % confidence. */
const DEFAULT_STATEMENT: ToleranceStatement = { content: 0.95, confidence: 0.95 };

/** Largest factor looked for, and how near the probability must come. */
const HIGHEST_FACTOR = 200;
const NEAR_ENOUGH = 1e-8;
const MOST_STEPS = 100;

/**
 * Where a rising function crosses zero: false position, the end that stays put weighing half each
 * time (Illinois), which needs about ten steps where halving needs sixty.
 *
 * @source Dowell & Jarratt (1971), recalled from memory
 */
function crossing(f: (x: number) => number, from: number, to: number): number {
  let [low, high] = [from, to];
  let [atLow, atHigh] = [f(low), f(high)];
  let x = low;
  for (let step = 0; step < MOST_STEPS; step += 1) {
    x = (low * atHigh - high * atLow) / (atHigh - atLow);
    const atX = f(x);
    if (Math.abs(atX) < NEAR_ENOUGH) break;
    if (atX < 0) {
      [low, atLow] = [x, atX];
      atHigh /= 2;
    } else {
      [high, atHigh] = [x, atX];
      atLow /= 2;
    }
  }
  return x;
}

/** The factor doubled from a first guess until the probability is reached: a bracket for `crossing`. */
function bracket(f: (x: number) => number, guess: number): [number, number] {
  let low = 0;
  let high = guess;
  while (f(high) < 0 && high < HIGHEST_FACTOR) {
    low = high;
    high *= 2;
  }
  return [low, high];
}

/** Steps of the quadrature over the sample's standard deviation, and how far it reaches. */
const QUADRATURE = { steps: 400, standardDeviations: 9 } as const;

/**
 * Probability that a noncentral t variable is at most `t`: the normal, averaged over the sample's
 * standard deviation (chi) by Simpson's rule, its density normalised by the same sum.
 *
 * @source Abramowitz & Stegun (1964), 26.7.10, recalled from memory
 */
function noncentralCdf(t: number, dof: number, noncentrality: number): number {
  const half = QUADRATURE.standardDeviations / Math.sqrt(2 * dof);
  const [low, high] = [Math.max(0, 1 - half), 1 + half];
  let weighted = 0;
  let total = 0;
  for (let at = 0; at <= QUADRATURE.steps; at += 1) {
    const s = low + ((high - low) * at) / QUADRATURE.steps;
    const power = dof === 1 ? 0 : (dof - 1) * Math.log(s);
    const isEnd = at === 0 || at === QUADRATURE.steps;
    const density = (isEnd ? 1 : at % 2 === 1 ? 4 : 2) * Math.exp(power - (dof * (s * s - 1)) / 2);
    weighted += density * normalCdf(t * s - noncentrality);
    total += density;
  }
  return weighted / total;
}

/** Factors found so far: a page asks for the same one at every keystroke. */
const KNOWN = new Map<string, number>();

/**
 * One-sided normal tolerance factor: mean + k·s at or under the limit says that the stated content
 * of the containers conforms, with the stated confidence.
 *
 * k = t'(confidence; n − 1, z·√n) / √n, t' the noncentral t quantile, found by false position.
 *
 * @param n - number of containers tested, 2..1000, fixed before looking
 * @param statement - content and confidence, each 0.5..0.999
 * @returns k [1]
 * @throws DomainError `out-of-range`
 * @accuracy 1e-3
 * @source ISO 16269-6, recalled from memory
 * @example toleranceFactor(10) // => 2.911 ± 0.002
 */
export function toleranceFactor(n: number, statement = DEFAULT_STATEMENT): number {
  const fn = 'toleranceFactor';
  requireWhole(n, [2, 1000], { fn, param: 'n', unit: '1' });
  requireInRange(statement.content, [0.5, 0.999], { fn, param: 'content', unit: '1' });
  requireInRange(statement.confidence, [0.5, 0.999], { fn, param: 'confidence', unit: '1' });
  const key = `${n} ${statement.content} ${statement.confidence}`;
  const known = KNOWN.get(key);
  if (known !== undefined) return known;
  const factor = foundFactor(n, statement);
  KNOWN.set(key, factor);
  return factor;
}

function foundFactor(n: number, statement: ToleranceStatement): number {
  const root = Math.sqrt(n);
  const noncentrality = normalQuantile(statement.content) * root;
  const beyond = (k: number): number =>
    noncentralCdf(k * root, n - 1, noncentrality) - statement.confidence;
  const [low, high] = bracket(beyond, noncentrality / root + 1);
  return crossing(beyond, low, high);
}
