import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { EYE } from '../capping/cappedShare';
import { normalDraws, seededRandom } from '../stats/seededRandom';
import { FEWEST_LOOKS, glanceOf, knownEye, type KnownLook } from './eyeSkill';

interface Reader {
  readonly middle: number;
  readonly slope: number;
  readonly points: number;
}

/** A made-up reader: sees a count of so many points, a line off, and says it in tenths. */
function looker({ middle, slope, points }: Reader, seed: number) {
  const uniform = seededRandom(seed);
  const normal = normalDraws(seededRandom(seed + 1));
  return (): KnownLook => {
    const truth = uniform();
    const spread = Math.sqrt((truth * (1 - truth) + 0.01) / points);
    const seen = truth + middle + slope * (truth - 0.5) + spread * normal();
    return { truth, answered: Math.min(10, Math.max(0, Math.round(10 * seen))) / 10 };
  };
}

const taken = (look: () => KnownLook, count: number) => Array.from({ length: count }, look);

describe('an eye that practised', () => {
  test('is not known before twenty looks', () => {
    const look = looker({ middle: 0.1, slope: 0, points: 40 }, 1);
    expect(knownEye(taken(look, FEWEST_LOOKS - 1))).toBeNull();
    expect(knownEye(taken(look, FEWEST_LOOKS))).not.toBeNull();
  });

  test('that sees eight tenths where there are seven is set right', () => {
    const eye = knownEye(taken(looker({ middle: 0.1, slope: 0, points: 60 }, 5), 80))!;
    expect(glanceOf(0.8, eye).share).toBeCloseTo(0.7, 1);
    expect(glanceOf(0.8, eye).high).toBeGreaterThan(0.78);
  });

  test('the less it scatters, the narrower the interval; one that scatters gets a wider one than assumed', () => {
    const width = (points: number): number => {
      const eye = knownEye(taken(looker({ middle: 0, slope: 0, points }, 9), 100))!;
      const { low, high } = glanceOf(0.6, eye);
      return high - low;
    };
    expect(width(200)).toBeLessThan(width(40));
    expect(width(40)).toBeLessThan(width(10));
  });

  test('few looks hardly move what is assumed of every eye', () => {
    const eye = knownEye(taken(looker({ middle: 0, slope: 0, points: 40 }, 3), FEWEST_LOOKS))!;
    expect(Math.abs(eye.biasAtNone)).toBeLessThan(0.12);
    expect(eye.worthPoints).toBeGreaterThan(EYE.worthPoints / 3);
    expect(eye.worthPoints).toBeLessThan(EYE.worthPoints * 1.5);
  });

  test.each([
    [{ middle: 0, slope: 0, points: 40 }, 20],
    [{ middle: 0.12, slope: 0, points: 40 }, 20],
    [{ middle: -0.08, slope: 0.2, points: 25 }, 30],
    [{ middle: 0.05, slope: -0.2, points: 80 }, 60],
    [{ middle: 0.1, slope: 0.1, points: 15 }, 120],
  ])('95 in 100 intervals hold the truth: %j after %i looks', (reader, count) => {
    let [held, all] = [0, 0];
    for (let seed = 0; seed < 60; seed += 1) {
      const look = looker(reader, 1000 * seed + 17);
      const eye = knownEye(taken(look, count))!;
      for (const { answered, truth } of taken(look, 40)) {
        const { low, high } = glanceOf(answered, eye);
        all += 1;
        if (truth >= low && truth <= high) held += 1;
      }
    }
    expect(held / all).toBeGreaterThan(0.93);
    expect(held / all).toBeLessThan(0.99);
  });

  test('whatever was answered, a glance is a share with its interval around it', () => {
    const share = fc.double({ min: 0, max: 1, noNaN: true });
    const look = fc.record({ answered: share, truth: share });
    fc.assert(
      fc.property(fc.array(look, { minLength: 20, maxLength: 150 }), share, (looks, answered) => {
        const eye = knownEye(looks);
        expect(eye).not.toBeNull();
        const { low, share: seen, high } = glanceOf(answered, eye);
        expect(low).toBeGreaterThanOrEqual(0);
        expect(low).toBeLessThanOrEqual(seen);
        expect(seen).toBeLessThanOrEqual(high);
        expect(high).toBeLessThanOrEqual(1);
      }),
    );
  });
});
