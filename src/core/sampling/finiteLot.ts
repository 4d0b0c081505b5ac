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
