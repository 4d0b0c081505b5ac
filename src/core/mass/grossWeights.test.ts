import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { DomainError } from '../errors';
import { normalDraws, seededRandom } from '../stats/seededRandom';
import { honeyByGross } from './grossWeights';

const box = fc.double({ min: 5, max: 40, noNaN: true });

describe('honey by gross weights', () => {
  test('every box weighed full and empty: the sum of the differences', () => {
    const found = honeyByGross({ fullKg: [24.2, 25.1, 22.9], emptyKg: [9.1, 9.4, 9.0] });
    expect(found.massKg).toBeCloseTo(72.2 - 27.5, 9);
    // six weighings of 0.1 kg each
    expect(found.standardUncertaintyKg).toBeCloseTo(Math.sqrt(6) * 0.1, 9);
    expect(found).toMatchObject({ boxes: 3, assumedEmpty: 0 });
  });

  test('the order in which boxes were weighed does not matter', () => {
    fc.assert(
      fc.property(fc.array(box, { minLength: 2, maxLength: 9 }), (fullKg) => {
        const emptyKg = fullKg.slice(0, Math.ceil(fullKg.length / 2)).map((kg) => kg / 3);
        const one = honeyByGross({ fullKg, emptyKg });
        const other = honeyByGross({
          fullKg: [...fullKg].reverse(),
          emptyKg: [...emptyKg].reverse(),
        });
        expect(other.massKg).toBeCloseTo(one.massKg, 9);
        expect(other.standardUncertaintyKg).toBeCloseTo(one.standardUncertaintyKg, 9);
      }),
    );
  });

  test('each further empty box that is weighed makes it surer', () => {
    const fullKg = Array.from({ length: 10 }, () => 25);
    const doubts = [1, 3, 6, 10].map(
      (count) =>
        honeyByGross({ fullKg, emptyKg: Array.from({ length: count }, (_, at) => 9 + (at % 2)) })
          .standardUncertaintyKg,
    );
    expect([...doubts].sort((a, b) => b - a)).toEqual(doubts);
  });

  test('the interval covers what was in the boxes 19 times in 20, two of twelve weighed empty', () => {
    const normal = normalDraws(seededRandom(42));
    const worlds = 2_000;
    let covered = 0;
    for (let at = 0; at < worlds; at += 1) {
      const empties = Array.from({ length: 12 }, () => 9 + 0.4 * normal());
      const honeys = Array.from({ length: 12 }, () => 14 + 2 * normal());
      const fullKg = honeys.map((kg, box) => kg + (empties[box] ?? 0) + 0.1 * normal());
      const emptyKg = empties.slice(0, 2).map((kg) => kg + 0.1 * normal());
      const found = honeyByGross({ fullKg, emptyKg });
      const truth = honeys.reduce((sum, kg) => sum + kg, 0);
      if (Math.abs(found.massKg - truth) <= 2 * found.standardUncertaintyKg) covered += 1;
    }
    expect(covered / worlds).toBeGreaterThan(0.94);
    expect(covered / worlds).toBeLessThan(0.975);
  });

  test.each([
    [{ fullKg: [], emptyKg: [9] }],
    [{ fullKg: [25], emptyKg: [] }],
    [{ fullKg: [25], emptyKg: [9, 9] }],
    [{ fullKg: [300], emptyKg: [9] }],
    [{ fullKg: [NaN], emptyKg: [9] }],
  ])('%j is refused', (weights) => {
    expect(() => honeyByGross(weights)).toThrow(DomainError);
  });
});
