import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { mixed, spoilEffect } from './spoil';

const portion = (massKg: number, mean: number, standardUncertainty = 0.3) => ({
  massKg,
  moisture: { mean, standardUncertainty },
});

describe('would this frame spoil the bucket?', () => {
  test('handbook row: 1.8 kg at 22 % into 20 kg at 17 % gives 17.4 %', () => {
    expect(spoilEffect(portion(20, 17), portion(1.8, 22), 20).after.mean).toBeCloseTo(17.41, 2);
  });

  test('water is conserved: the mixture weighs as much water as its parts', () => {
    const kg = fc.double({ min: 0.1, max: 50, noNaN: true });
    const wet = fc.double({ min: 14, max: 28, noNaN: true });
    fc.assert(
      fc.property(kg, wet, kg, wet, (a, x, b, y) => {
        const both = mixed(portion(a, x), portion(b, y));
        expect((a + b) * both.mean).toBeCloseTo(a * x + b * y, 6);
        expect(both.mean).toBeGreaterThanOrEqual(Math.min(x, y) - 1e-9);
        expect(both.mean).toBeLessThanOrEqual(Math.max(x, y) + 1e-9);
      }),
    );
  });

  test('how many fit: one more and it no longer surely conforms', () => {
    const [lot, frame] = [portion(20, 17), portion(1.8, 22, 0.8)];
    const { howManyFit } = spoilEffect(lot, frame, 18.6);
    const overWith = (count: number) =>
      spoilEffect(lot, { ...frame, massKg: 1.8 * count }, 18.6).overAfter;
    expect(howManyFit).toBeGreaterThan(0);
    expect(overWith(howManyFit!)).toBeLessThanOrEqual(0.05);
    expect(overWith(howManyFit! + 1)).toBeGreaterThan(0.05);
  });

  test('dry frames fit without end, a lot on the limit takes none', () => {
    expect(spoilEffect(portion(20, 17), portion(2, 16), 20).howManyFit).toBeNull();
    expect(spoilEffect(portion(20, 20), portion(2, 22), 20).howManyFit).toBe(0);
    expect(() => spoilEffect(portion(0, 17), portion(0, 17), 20)).toThrow('massKg');
  });
});
