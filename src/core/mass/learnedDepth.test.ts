import { describe, expect, test } from '@jest/globals';
import { combSideMass, depthShare } from './combMass';
import { ASSUMED_DEPTH, learnedDepth } from './learnedDepth';

describe('depth of comb', () => {
  const side = (honeyShare: number) => combSideMass({ areaDm2: 5.9, honeyShare, face: 'flush' });

  test('a full side keeps the handbook’s 0.155 kg/dm²; a part-filled one holds less than its share', () => {
    expect(side(1).massKg / 5.9).toBeCloseTo(0.155, 2);
    const half = side(0.5).massKg / (0.5 * side(1).massKg);
    expect(half).toBeGreaterThan(0.75);
    expect(half).toBeLessThan(0.9);
    expect(depthShare(0.3)).toBeLessThan(depthShare(0.6));
    expect(depthShare(1)).toBe(1);
  });

  test('the less is filled, the less sure', () => {
    const relative = (share: number): number =>
      side(share).standardUncertaintyKg / side(share).massKg;
    expect(relative(0.3)).toBeGreaterThan(1.15 * relative(1));
  });

  test('weighed frames teach it, the guess stays in it, crumbs say nothing', () => {
    const weighed = { byLookKg: 2, byWeightKg: 1.7, weightStandardKg: 0.1 };
    const [one, many] = [1, 30].map((count) => learnedDepth(Array(count).fill(weighed)));
    expect(one!.factor).toBeLessThan(1);
    expect(one!.factor).toBeGreaterThan(0.85);
    expect(many!.factor).toBeCloseTo(0.85, 1);
    expect(many!.relative).toBeLessThan(one!.relative);
    expect(learnedDepth([])).toEqual(ASSUMED_DEPTH);
    expect(learnedDepth([{ byLookKg: 0.1, byWeightKg: 0.2, weightStandardKg: 0.1 }]).from).toBe(0);
    expect(learnedDepth([{ byLookKg: NaN, byWeightKg: 1, weightStandardKg: 0.1 }]).from).toBe(0);
  });
});
