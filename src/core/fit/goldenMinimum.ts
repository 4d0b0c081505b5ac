/** (√5 − 1)/2, the share in which each step narrows the interval. */
const GOLDEN = (Math.sqrt(5) - 1) / 2;

/**
 * Where a function of one valley is least.
 *
 * @param range - in which it is looked for
 * @param tolerance - of the place, above 0
 * @returns the place, within `tolerance`
 * @source golden-section search, Kiefer (1953), recalled from memory
 */
export function goldenMinimum(
  f: (x: number) => number,
  range: readonly [number, number],
  tolerance: number,
): number {
  let [low, high] = range;
  let [a, b] = [high - GOLDEN * (high - low), low + GOLDEN * (high - low)];
  let [fa, fb] = [f(a), f(b)];
  while (high - low > tolerance) {
    if (fa <= fb) {
      [high, b, fb] = [b, a, fa];
      a = high - GOLDEN * (high - low);
      fa = f(a);
    } else {
      [low, a, fa] = [a, b, fb];
      b = low + GOLDEN * (high - low);
      fb = f(b);
    }
  }
  return (low + high) / 2;
}
