import { describe, expect, test } from '@jest/globals';
import { finishing } from './finishing';

/** The area under a curve by many small steps. */
function area(of: (x: number) => number, from: number, to: number): number {
  const steps = 20_000;
  const width = (to - from) / steps;
  let sum = 0;
  for (let at = 0; at < steps; at += 1) sum += of(from + (at + 0.5) * width);
  return sum * width;
}

describe('the pace of capping, against integrals by small steps', () => {
  /** falls straight from 1.2/0.7 at the empty frame, is 1 at half, and would end at 1.2 */
  const pace = (share: number): number => (1.2 - share) / 0.7;
  const come = (from: number, to: number): number => area((share) => 1 / pace(share), from, to);
  const usual = { standardUncertainty: 0.05, wantedShare: 0.8, earlier: [], temperatureC: null };

  test('days needed: the way that is left by the usual rate', () => {
    const found = finishing({ ...usual, share: 0.3, daysLeft: 20 });
    expect(found.daysNeeded).toBeCloseTo(come(0.3, 0.8) / 0.06, 4);
    expect(found.ratePerDay).toBeCloseTo(0.06 * pace(0.3), 9);
    const half = finishing({ ...usual, share: 0.3, daysLeft: 20, temperatureC: 15 });
    expect(half.daysNeeded).toBeCloseTo(come(0.3, 0.8) / 0.03, 4);
  });

  test.each([
    [[{ daysAgo: 4, share: 0.1, standardUncertainty: 0.08 }]],
    [[{ daysAgo: 6, share: 0.35, standardUncertainty: 0.03 }]],
    [
      [
        { daysAgo: 9, share: 0.05, standardUncertainty: 0.06 },
        { daysAgo: 3, share: 0.3, standardUncertainty: 0.06 },
      ],
    ],
  ])('the rate after earlier looks is the mean of prior times likelihood: %j', (earlier) => {
    const share = 0.5;
    const off = (item: { share: number; standardUncertainty: number }): number =>
      (item.standardUncertainty / pace(item.share)) ** 2;
    const seen = earlier.map((look) => ({
      rate: come(look.share, share) / look.daysAgo,
      noise: (off(look) + off({ share, standardUncertainty: 0.05 })) / look.daysAgo ** 2,
    }));
    const posterior = (rate: number): number =>
      seen.reduce(
        (density, item) => density * Math.exp(-((rate - item.rate) ** 2) / (2 * item.noise)),
        Math.exp(-((rate - 0.06) ** 2) / (2 * 0.03 ** 2)),
      );
    const mean = area((r) => r * posterior(r), -0.2, 0.4) / area(posterior, -0.2, 0.4);
    const { ratePerDay } = finishing({ ...usual, share, earlier, daysLeft: 10 });
    expect(ratePerDay).toBeCloseTo(mean * pace(share), 5);
  });

  test('a look on the same day says nothing of the rate', () => {
    const today = [{ daysAgo: 0, share: 0.1, standardUncertainty: 0.05 }];
    const found = finishing({ ...usual, share: 0.5, earlier: today, daysLeft: 10 });
    expect(found.ratePerDay).toBeCloseTo(0.06, 9);
  });

  test('the last three days of a flow are worth half', () => {
    // even odds where what the flow brings is just what is wanted
    const wanted = (days: number): number => {
      let [low, high] = [0.5, 1];
      for (let step = 0; step < 50; step += 1) {
        const middle = (low + high) / 2;
        if (come(0.5, middle) < 0.06 * days) low = middle;
        else high = middle;
      }
      return low;
    };
    const chance = (daysLeft: number, days: number): number =>
      finishing({ ...usual, share: 0.5, wantedShare: wanted(days), daysLeft }).probability;
    expect(chance(6, 4.5)).toBeCloseTo(0.5, 3);
    expect(chance(3, 1.5)).toBeCloseTo(0.5, 3);
    expect(chance(2, 4 / 6)).toBeCloseTo(0.5, 3);
  });

  test('how wide the chance is: rate, end of the flow and eye together, five degrees of freedom', () => {
    const spread = Math.hypot(0.03 * 2.5, 0.06 * 4, 0.05 / pace(0.5));
    // t of 5 degrees of freedom: a quarter lies above 0.727 (published tables)
    const gap = 0.06 * 2.5 + 0.727 * spread;
    const wantedShare = 1.2 - 0.7 * Math.exp(-gap / 0.7);
    expect(come(0.5, wantedShare)).toBeCloseTo(gap, 6);
    const found = finishing({ ...usual, share: 0.5, wantedShare, daysLeft: 4 });
    expect(found.probability).toBeCloseTo(0.25, 3);
  });

  test('each earlier look adds a degree of freedom', () => {
    const sure = { daysAgo: 10, share: 0.1, standardUncertainty: 1e-6 };
    const task = { ...usual, share: 0.5, standardUncertainty: 1e-6, daysLeft: 4 };
    const rate = come(0.1, 0.5) / 10;
    const spread = rate * 4;
    // t of 6 degrees of freedom: a tenth lies above 1.440 (published tables)
    const gap = rate * 2.5 + 1.44 * spread;
    const wantedShare = 1.2 - 0.7 * Math.exp(-gap / 0.7);
    const { probability } = finishing({ ...task, wantedShare, earlier: [sure] });
    expect(probability).toBeCloseTo(0.1, 3);
  });
});
