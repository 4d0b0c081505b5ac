import { EYE, type CappedEstimate, judgedCapping } from '../capping/cappedShare';
import { requireFinite, requireInRange } from '../errors';
import { coverageFactor } from '../stats/uncertainty';

/** One look of which the truth is known [1]. */
export interface KnownLook {
  readonly answered: number;
  readonly truth: number;
}

/** An eye with its known error, as a ruling uses it. */
export interface KnownEye {
  readonly looks: number;
  /** how much too high it answers where it answers none, and where it answers all [1] */
  readonly biasAtNone: number;
  readonly biasAtAll: number;
  /** how many counted points a look is worth once the bias is off */
  readonly worthPoints: number;
}

/** Looks from which an eye is known. @source our choice, no source */
export const FEWEST_LOOKS = 20;

/** Later looks count, so that an eye that learned is not held to what it was. @source our choice, no source */
export const LATEST_LOOKS = 120;

/**
 * What is believed of an eye before it practised: no bias, give or take a tenth in the middle and
 * two and a half from end to end; a spread as assumed of every eye, worth eight looks.
 *
 * @source our choice, no source
 */
const BEFORE = { middle: 0.1, slope: 0.25, looks: 8 } as const;

/** Least and most points that a look may be worth. @source our choice, no source */
const WORTH = { least: 6, most: 120 } as const;

const USUAL_FACTOR = 1.959964;

/** Variance of a look, times the points that it is worth: of a count, and of the steps of the scale. */
function relativeVariance(share: number): number {
  const p = Math.min(0.95, Math.max(0.05, share));
  return p * (1 - p) + (EYE.worthPoints * EYE.step ** 2) / 12;
}

/** Sums of a weighted line through errors over answers, with what is believed before. */
interface Line {
  readonly middle: number;
  readonly slope: number;
  readonly inverse: readonly [number, number, number];
}

function lineOf(looks: readonly KnownLook[]): Line {
  let [a, b] = [1 / (EYE.worthPoints * BEFORE.middle ** 2), 0];
  let c = 1 / (EYE.worthPoints * BEFORE.slope ** 2);
  let [u, v] = [0, 0];
  for (const { answered, truth } of looks) {
    const weight = 1 / relativeVariance(truth);
    const x = answered - 0.5;
    a += weight;
    b += weight * x;
    c += weight * x * x;
    u += weight * (answered - truth);
    v += weight * x * (answered - truth);
  }
  const determinant = a * c - b * b;
  const inverse = [c / determinant, -b / determinant, a / determinant] as const;
  const [p, q, r] = inverse;
  return { middle: p * u + q * v, slope: q * u + r * v, inverse };
}

/** What one look at this answer is worth, the doubt about the bias and the few looks included. */
function worthAt(answer: number, line: Line, perPoint: number, degrees: number): number {
  const x = answer - 0.5;
  const [p, q, r] = line.inverse;
  const leverage = p + 2 * q * x + r * x * x;
  const own = relativeVariance(answer);
  const factor = coverageFactor(degrees) / USUAL_FACTOR;
  return own / (perPoint * (own + leverage) * factor ** 2);
}

/**
 * How far off an eye is, and what one look of it is worth, from looks at combs of known truth.
 *
 * The error is a line over the answer (Bayesian, with a prior of no bias); the spread is an inverse
 * gamma around the assumed one, widened for few looks by Student's t.
 *
 * @param looks - oldest first; the latest 120 count. Shares 0..1
 * @returns null before twenty looks
 * @throws DomainError `out-of-range`
 * @source Bayesian linear regression with conjugate priors, recalled from memory; priors our choice
 */
export function knownEye(looks: readonly KnownLook[]): KnownEye | null {
  const fn = 'knownEye';
  for (const { answered, truth } of looks) {
    requireInRange(answered, [0, 1], { fn, param: 'answered', unit: '1' });
    requireInRange(truth, [0, 1], { fn, param: 'truth', unit: '1' });
  }
  if (looks.length < FEWEST_LOOKS) return null;
  const late = looks.slice(-LATEST_LOOKS);
  const line = lineOf(late);
  const biasAt = (answer: number): number => line.middle + line.slope * (answer - 0.5);
  const squares = late.reduce((sum, { answered, truth }) => {
    const off = answered - truth - biasAt(answered);
    return sum + (off * off) / relativeVariance(truth);
  }, 0);
  const prior =
    (line.middle / BEFORE.middle) ** 2 / EYE.worthPoints +
    (line.slope / BEFORE.slope) ** 2 / EYE.worthPoints;
  const degrees = BEFORE.looks + late.length;
  const perPoint = (BEFORE.looks / EYE.worthPoints + squares + prior) / degrees;
  const worth = Math.min(...[0, 0.5, 1].map((x) => worthAt(x, line, perPoint, degrees)));
  return {
    looks: late.length,
    biasAtNone: biasAt(0),
    biasAtAll: biasAt(1),
    worthPoints: Math.min(WORTH.most, Math.max(WORTH.least, worth)),
  };
}

/**
 * A share as it was judged, less what the eye is known to be off by.
 *
 * @param share - [1], 0..1
 * @throws DomainError `out-of-range`
 * @source a definition
 */
export function withoutBias(share: number, eye: KnownEye): number {
  const fn = 'withoutBias';
  requireFinite({ eye }, fn);
  requireInRange(share, [0, 1], { fn, param: 'share', unit: '1' });
  const bias = eye.biasAtNone + (eye.biasAtAll - eye.biasAtNone) * share;
  return Math.min(1, Math.max(0, share - bias));
}

/**
 * A glance: the bias of an eye that is known taken off, its own spread around it; of any other eye as assumed.
 *
 * @param share - as it was judged [1], 0..1
 * @param eye - of who judged it; null: not known
 * @throws DomainError `out-of-range`
 * @source Wilson (1927), recalled from memory
 */
export function glanceOf(share: number, eye: KnownEye | null): CappedEstimate {
  const fn = 'glanceOf';
  requireFinite({ eye }, fn);
  requireInRange(share, [0, 1], { fn, param: 'share', unit: '1' });
  if (!eye) return judgedCapping(share, EYE);
  return judgedCapping(withoutBias(share, eye), { worthPoints: eye.worthPoints, step: EYE.step });
}
