import { DomainError, requireFinite, requireInRange } from '../errors';
import { JAR_RANGE_G } from './jarFaults';
import { studentQuantile } from '../stats/uncertainty';

/** Up to which net weight [g] how much may be missing from one jar: a share [1], or so many grams. */
const MAY_MISS: readonly (readonly [upToG: number, share: number | null, grams: number])[] = [
  [50, 0.09, 0],
  [100, null, 4.5],
  [200, 0.045, 0],
  [300, null, 9],
  [500, 0.03, 0],
  [1000, null, 15],
  [10_000, 0.015, 0],
  [15_000, null, 150],
  [20_000, 0.01, 0],
];

/**
 * What may be missing from a single jar.
 *
 * @param jarG - net weight on the label [g], 5..20,000
 * @returns [g]
 * @throws DomainError `out-of-range`
 * @source Council Directive 76/211/EEC, annex I, recalled from memory; local rules decide
 * @example mayMissG(500) // => 15
 */
export function mayMissG(jarG: number): number {
  const grams = requireInRange(jarG, JAR_RANGE_G, { fn: 'mayMissG', param: 'jarG', unit: 'g' });
  const [, share, fixed] = MAY_MISS.find(([upToG]) => grams <= upToG)!;
  return share === null ? fixed : share * grams;
}

/** What the weights of some jars say of a run. */
export interface FillCheck {
  readonly count: number;
  readonly meanG: number;
  /** ends of the 95 % interval of the mean of the run; null with one jar */
  readonly meanLowG: number | null;
  readonly meanHighG: number | null;
  /** from one jar to the next; null with one jar */
  readonly standardG: number | null;
  /** what one jar may lack */
  readonly mayMissG: number;
  /** places in the list, from 0, of jars that lack more than that */
  readonly short: readonly number[];
  /** of these, jars that lack more than twice that: not to be sold as they are */
  readonly farShort: readonly number[];
  readonly verdict: 'short-jars' | 'short-on-average' | 'not-settled' | 'full';
  /** to add to every jar so that the mean of the run is surely no less than the label says [g] */
  readonly addG: number;
}

/**
 * Whether jars hold what their label says, from some of them weighed: no jar lacks more than one may, and
 * the mean of the run is surely no less than the label.
 *
 * @param weightsG - net [g], each 0..40,000, one at least
 * @param jarG - net weight on the label [g]
 * @throws DomainError `out-of-range`, `empty`
 * @source Directive 76/211/EEC recalled from memory; interval by Student's t
 */
export function fillCheck(weightsG: readonly number[], jarG: number): FillCheck {
  requireFinite({ weightsG, jarG }, 'fillCheck');
  const fn = 'fillCheck';
  const missing = mayMissG(jarG);
  const count = weightsG.length;
  if (count === 0) {
    throw new DomainError({ code: 'empty', fn, param: 'weightsG', value: 0, unit: '1' });
  }
  for (const grams of weightsG)
    requireInRange(grams, [0, 40_000], { fn, param: 'weightsG', unit: 'g' });
  const meanG = weightsG.reduce((sum, grams) => sum + grams, 0) / count;
  const places = (lacks: number): number[] =>
    weightsG.flatMap((grams, at) => (grams < jarG - lacks - 1e-9 ? [at] : []));
  const short = places(missing);
  const standardG =
    count < 2
      ? null
      : Math.sqrt(weightsG.reduce((sum, grams) => sum + (grams - meanG) ** 2, 0) / (count - 1));
  const half =
    standardG === null ? null : (studentQuantile(0.975, count - 1) * standardG) / Math.sqrt(count);
  const meanLowG = half === null ? null : meanG - half;
  const meanHighG = half === null ? null : meanG + half;
  return {
    count,
    meanG,
    meanLowG,
    meanHighG,
    standardG,
    mayMissG: missing,
    short,
    farShort: places(2 * missing),
    verdict: verdictOf({ isShort: short.length > 0, meanG, meanLowG, meanHighG }, jarG),
    addG: Math.max(0, jarG - (meanLowG ?? meanG), jarG - missing - Math.min(...weightsG)),
  };
}

interface Found extends Pick<FillCheck, 'meanG' | 'meanLowG' | 'meanHighG'> {
  readonly isShort: boolean;
}

function verdictOf(
  { isShort, meanG, meanLowG, meanHighG }: Found,
  jarG: number,
): FillCheck['verdict'] {
  if (isShort) return 'short-jars';
  if (meanLowG !== null && meanLowG >= jarG - 1e-9) return 'full';
  return (meanHighG ?? meanG) < jarG ? 'short-on-average' : 'not-settled';
}
