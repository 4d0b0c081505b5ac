import { requireInRange } from '../errors';

/**
 * Probability that a sample without replacement meets no bad container.
 *
 * @param lotSize - containers in the lot, 1..10000
 * @param tested - containers tested, 0..lotSize
 * @param bad - bad containers assumed in the lot, 0..lotSize
 * @returns [1], 0..1
 * @throws DomainError `out-of-range`
 * @accuracy 1e-12
 * @source hypergeometric distribution
 * @example probabilityOfNoneBad(20, 13, 2) // => 0.110526 ± 1e-6
 */
export function probabilityOfNoneBad(lotSize: number, tested: number, bad: number): number {
  const fn = 'probabilityOfNoneBad';
  requireInRange(lotSize, [1, 10_000], { fn, param: 'lotSize', unit: '1' });
  requireInRange(tested, [0, lotSize], { fn, param: 'tested', unit: '1' });
  requireInRange(bad, [0, lotSize], { fn, param: 'bad', unit: '1' });
  let probability = 1;
  for (let one = 0; one < bad; one += 1) {
    probability *= Math.max(0, (lotSize - tested - one) / (lotSize - one));
  }
  return probability;
}

/**
 * Confidence with which an all-good sample of a lot rules out that many bad containers.
 *
 * @throws DomainError `out-of-range`, as `probabilityOfNoneBad`
 * @source hypergeometric distribution
 * @example confidenceAgainstBad(20, 15, 2) // => 0.947 ± 0.0005
 */
export function confidenceAgainstBad(lotSize: number, tested: number, bad: number): number {
  return 1 - probabilityOfNoneBad(lotSize, tested, bad);
}

/**
 * Smallest all-good sample that speaks for a stated content, without assuming a normal.
 *
 * @param content - share that conforms [1], 0.5..0.999
 * @param confidence - [1], 0.5..0.999
 * @returns number of containers
 * @throws DomainError `out-of-range`
 * @source ISO 16269-6 (distribution-free, all conforming), recalled from memory
 * @example distributionFreeSample(0.95, 0.95) // => 59
 */
export function distributionFreeSample(content: number, confidence: number): number {
  const fn = 'distributionFreeSample';
  requireInRange(content, [0.5, 0.999], { fn, param: 'content', unit: '1' });
  requireInRange(confidence, [0.5, 0.999], { fn, param: 'confidence', unit: '1' });
  return Math.ceil(Math.log(1 - confidence) / Math.log(content));
}

/** A sample of a lot, taken without putting back. */
export interface FiniteSample {
  readonly lotSize: number;
  readonly tested: number;
  /** bad ones among the tested */
  readonly found: number;
}

/** Logarithms of the factorials from 0 to `count`. */
function logFactorials(count: number): Float64Array {
  const logs = new Float64Array(count + 1);
  for (let one = 1; one <= count; one += 1) logs[one] = (logs[one - 1] ?? 0) + Math.log(one);
  return logs;
}

/** Chance of meeting `found` or fewer bad ones when `bad` of the lot are bad. */
function chanceOfSoFew(
  { lotSize, tested, found }: FiniteSample,
  bad: number,
  logs: Float64Array,
): number {
  const choose = (n: number, k: number): number =>
    (logs[n] ?? 0) - (logs[k] ?? 0) - (logs[n - k] ?? 0);
  const least = Math.max(0, tested - (lotSize - bad));
  let sum = 0;
  for (let k = least; k <= Math.min(found, bad); k += 1) {
    sum += Math.exp(choose(bad, k) + choose(lotSize - bad, tested - k) - choose(lotSize, tested));
  }
  return sum;
}

/**
 * The largest number of bad ones in the whole lot that a sample does not rule out.
 *
 * @param sample - size of the lot 1..1e6, tested 0..lotSize, bad among them 0..tested
 * @param confidence - [1], 0.5..0.9999
 * @throws DomainError `out-of-range`
 * @source hypergeometric distribution, exact upper limit
 * @example mostBad({ lotSize: 20, tested: 15, found: 0 }, 0.947) // => 1
 */
export function mostBad(sample: FiniteSample, confidence: number): number {
  const fn = 'mostBad';
  const { lotSize, tested, found } = sample;
  requireInRange(lotSize, [1, 1e6], { fn, param: 'lotSize', unit: '1' });
  requireInRange(tested, [0, lotSize], { fn, param: 'tested', unit: '1' });
  requireInRange(found, [0, tested], { fn, param: 'found', unit: '1' });
  requireInRange(confidence, [0.5, 0.9999], { fn, param: 'confidence', unit: '1' });
  const logs = logFactorials(lotSize);
  let possible = found;
  let ruledOut = lotSize - tested + found + 1;
  while (ruledOut - possible > 1) {
    const middle = Math.floor((possible + ruledOut) / 2);
    if (chanceOfSoFew(sample, middle, logs) < 1 - confidence) ruledOut = middle;
    else possible = middle;
  }
  return possible;
}
