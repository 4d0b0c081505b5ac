import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { normalDraws, seededRandom } from '../stats/seededRandom';
import { combCoverage } from '../test/wrongCombs';
import { expectedMoisture, stateShares, statesOfComb } from './expectedMoisture';
import {
  HONEY_STATES,
  expectedMixture,
  priorExpectation,
  updatedExpectation,
  type PastLot,
} from './expectation';

const mostly = stateShares({ capped: 4, 'nothing-fell': 1 });
const past = (
  masses: Parameters<typeof stateShares>[0],
  mean: number,
  standardUncertainty: number,
): PastLot => ({ shares: stateShares(masses), measured: { mean, standardUncertainty } });
const OWN_LOTS = [
  past({ capped: 1 }, 16.8, 0.2),
  past({ capped: 7, 'nothing-fell': 3 }, 17.4, 0.25),
  past({ capped: 9, 'not-done': 1 }, 17.2, 0.2),
];

describe('moisture to expect before any reading', () => {
  test('all capped is the capped expectation; open, dripping comb is wetter', () => {
    expect(expectedMoisture({ cappedShare: 1, shake: 'not-done' })).toMatchObject({
      mean: 17.6,
      standardUncertainty: Math.hypot(0.7, 0.57),
    });
    const dripping = expectedMoisture({ cappedShare: 0.3, shake: 'drops' });
    expect(dripping.mean).toBeCloseTo(0.3 * 17.6 + 0.7 * 22.5, 9);
  });

  test('a damp climate raises and widens what is expected of capped honey', () => {
    const all = stateShares({ capped: 1 });
    const [dry, ordinary, damp] = (['dry', 'ordinary', 'damp'] as const).map((climate) =>
      expectedMixture(all, priorExpectation(climate)),
    );
    expect(damp!.mean).toBeGreaterThan(ordinary!.mean);
    expect(damp!.standardUncertainty).toBeGreaterThan(ordinary!.standardUncertainty);
    expect(dry!.mean).toBeLessThan(ordinary!.mean);
  });

  test('more capping never expects wetter honey', () => {
    fc.assert(
      fc.property(fc.nat(9), fc.constantFrom('not-done', 'drops', 'runs'), (tenths, shake) => {
        const at = (value: number) => expectedMoisture({ cappedShare: value / 10, shake }).mean;
        expect(at(tenths + 1)).toBeLessThan(at(tenths));
      }),
    );
  });

  test('shares that do not make a whole are refused', () => {
    expect(() => expectedMixture({ ...mostly, capped: 0.2 }, priorExpectation())).toThrow('shares');
    expect(() => statesOfComb({ cappedShare: 1.2, shake: 'drops' })).toThrow('cappedShare');
  });
});

describe('own lots, judged in the comb and measured later', () => {
  // numpy: K = C X' (X C X' + R)^-1; m + K (y - X m); C - K X C, with the prior and lots above
  test('scatters taken for known: the batch update of numpy.linalg, means and spreads', () => {
    const known = { ...priorExpectation(), degreesOfFreedom: Infinity };
    const after = updatedExpectation(known, OWN_LOTS);
    const means = [17.08105, 19.39875, 18.24676, 21.88613, 25.15593];
    const spreads = [0.34876, 1.28595, 0.74274, 1.40657, 1.93404];
    HONEY_STATES.forEach((_, at) => {
      expect(after.means[at]).toBeCloseTo(means[at]!, 4);
      expect(Math.sqrt(after.covariance[at]![at]!)).toBeCloseTo(spreads[at]!, 4);
    });
    expect(after.lots).toBe(3);
    expect(expectedMixture(mostly, after).mean).toBeCloseTo(17.31419, 4);
    expect(expectedMixture(mostly, after).standardUncertainty).toBeCloseTo(0.70004, 4);
  });

  test('the order of the lots does not matter, and every lot narrows', () => {
    const forth = updatedExpectation(priorExpectation(), OWN_LOTS);
    const back = updatedExpectation(priorExpectation(), [...OWN_LOTS].reverse());
    forth.means.forEach((mean, at) => expect(back.means[at]).toBeCloseTo(mean, 9));
    const width = (lots: readonly PastLot[]) =>
      expectedMixture(mostly, updatedExpectation(priorExpectation(), lots)).standardUncertainty;
    expect(width(OWN_LOTS.slice(0, 1))).toBeLessThan(width([]));
    expect(width(OWN_LOTS)).toBeLessThan(width(OWN_LOTS.slice(0, 1)));
  });

  test('a keeper whose lots scatter more than assumed is found out, and one whose scatter less', () => {
    const factorOf = (scatter: number): number => {
      const draw = normalDraws(seededRandom(22));
      const lots = Array.from({ length: 40 }, () =>
        past({ capped: 1 }, 17 + scatter * draw(), 0.1),
      );
      return updatedExpectation(priorExpectation(), lots).scatterFactor;
    };
    expect(factorOf(1.5 * 0.57)).toBeGreaterThan(1.15);
    expect(factorOf(1.5 * 0.57)).toBeLessThan(1.7);
    expect(factorOf(0.5 * 0.57)).toBeLessThan(0.75);
  });

  test.each([
    ['scatter as assumed', 1, 0.94, 0.98],
    ['scatter half as much again', 1.5, 0.92, 0.99],
  ])('after 40 own lots that %s, 95 %% covers', (_, times, least, most) => {
    const covered = combCoverage(times, 600, 23);
    expect(covered).toBeGreaterThanOrEqual(least - 0.01);
    expect(covered).toBeLessThanOrEqual(most);
  });

  test('a keeper whose capped honey is drier by a point is found out within twenty lots', () => {
    const draw = normalDraws(seededRandom(21));
    const lots = Array.from({ length: 20 }, () => past({ capped: 1 }, 16.6 + 0.57 * draw(), 0.2));
    const after = updatedExpectation(priorExpectation(), lots);
    expect(after.means[0]).toBeCloseTo(16.6, 0);
    expect(Math.sqrt(after.covariance[0]![0]!)).toBeLessThan(0.15);
  });
});
