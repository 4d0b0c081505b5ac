import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { seededRandom } from '../stats/seededRandom';
import { proposedSampleSize, surveyVerdict, systematicSample } from './surveySample';

describe('frames to look at closely', () => {
  test('every k-th from a random start: as many as wanted, all different, in order', () => {
    const draw = fc.double({ min: 0, max: 0.999, noNaN: true });
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 3000 }), draw, (count, random) => {
        const wanted = proposedSampleSize(count);
        const sample = systematicSample(count, wanted, random);
        expect(new Set(sample).size).toBe(wanted);
        expect([...sample].sort((a, b) => a - b)).toEqual(sample);
        expect(sample.at(-1)).toBeLessThan(count);
      }),
    );
  });

  test('every frame has the same chance', () => {
    const random = seededRandom(2);
    const met = new Array<number>(20).fill(0);
    for (let run = 0; run < 8000; run += 1) {
      for (const at of systematicSample(20, 6, random())) met[at] = (met[at] ?? 0) + 1;
    }
    for (const times of met) expect(Math.abs(times / 8000 - 0.3)).toBeLessThan(0.03);
  });

  test('refuses more than there are', () => {
    expect(() => systematicSample(5, 6, 0.5)).toThrow('wanted');
    expect(() => systematicSample(5, 2, 1)).toThrow('random');
  });
});

describe('what the sample says of the rest', () => {
  // scipy.stats.t and numpy: mean ± t(.975, 5)·sqrt((var + step²/12)/6·(1 − 6/60))
  test('mean share with the finite correction, against numpy and scipy', () => {
    const { share, interval } = surveyVerdict([0.8, 0.9, 0.7, 1, 0.85, 0.6], 60, 0.8);
    expect(share).toBeCloseTo(0.808333, 5);
    expect(interval.low).toBeCloseTo(0.663204, 4);
    expect(interval.high).toBeCloseTo(0.953461, 4);
  });

  // scipy: max M with hypergeom.cdf(found, N, M, n) >= 0.05
  test.each([
    [90, 15, 0, 14],
    [90, 15, 1, 23],
    [400, 30, 2, 76],
  ])(
    'scipy.stats.hypergeom: %d frames, %d looked at, %d short → at most %d',
    (count, n, short, most) => {
      const shares = Array.from({ length: n }, (_, at) => (at < short ? 0.3 : 0.9));
      expect(surveyVerdict(shares, count, 0.8)).toMatchObject({ short, shortAtMost: most });
    },
  );

  test('handbook row: 13 good of 20 leave 2 bad not ruled out at 95 %, 15 do not quite either', () => {
    const good = (n: number) => surveyVerdict(new Array<number>(n).fill(0.9), 20, 0.8).shortAtMost;
    expect(good(13)).toBe(2);
    expect(good(15)).toBe(2);
    expect(good(16)).toBe(1);
    expect(good(20)).toBe(0);
  });

  test('one look is no sample; shares stay shares', () => {
    expect(() => surveyVerdict([0.8], 10, 0.8)).toThrow('shares');
    expect(() => surveyVerdict([0.8, 1.2], 10, 0.8)).toThrow('shares');
    expect(() => surveyVerdict([0.8, 0.9, 0.9], 2, 0.8)).toThrow('count');
  });
});
