import { describe, expect, test } from '@jest/globals';
import { DomainError } from '../errors';
import { amountMass, totalMass } from './amountMass';
import { honeyDensityKgPerL } from './density';

describe('density', () => {
  /** White's table, specific gravity 20/20 °C; values recalled from memory. */
  test.each([
    [13, 1.4457],
    [15, 1.435],
    [17, 1.4237],
    [18.6, 1.4129],
    [20, 1.4027],
  ])('White (recalled from memory): %d %% has specific gravity %d', (water, gravity) => {
    expect(Math.abs(honeyDensityKgPerL(water) / 0.9982 - gravity)).toBeLessThanOrEqual(3.5e-4);
  });

  test('500 g of 17 % honey fill 351.9 ml (handbook row)', () => {
    expect(500 / honeyDensityKgPerL(17)).toBeCloseTo(351.9, 0);
    expect(453.59 / honeyDensityKgPerL(17)).toBeCloseTo(319.2, 0);
  });
});

describe('mass of a vessel', () => {
  test('a weighing passes through, its ± taken as rectangular', () => {
    const { massKg, standardUncertaintyKg } = amountMass(
      { by: 'mass', massKg: 12, plusMinusKg: 0.3 },
      17,
    );
    expect(massKg).toBe(12);
    expect(standardUncertaintyKg).toBeCloseTo(0.1732, 4);
  });

  test('ten litres of 17 % honey weigh 14.2 kg', () => {
    expect(amountMass({ by: 'volume', volumeL: 10, plusMinusL: 0 }, 17).massKg).toBeCloseTo(
      14.21,
      2,
    );
  });

  test('a filled cylinder is its volume', () => {
    const height = {
      by: 'fill-height',
      innerDiameterCm: 30,
      fillHeightCm: 20,
      plusMinusCm: 0.5,
    } as const;
    const volumeL = (Math.PI * 15 ** 2 * 20) / 1000;
    expect(amountMass(height, 18).massKg).toBeCloseTo(volumeL * honeyDensityKgPerL(18), 9);
    expect(amountMass(height, 18).standardUncertaintyKg).toBeCloseTo(0.49, 2);
  });

  test('vessels add up, and so do their doubts', () => {
    const bucket = { massKg: 12, standardUncertaintyKg: 0.1 };
    const total = totalMass([bucket, { massKg: 3, standardUncertaintyKg: 0.2 }], [2, 1]);
    expect(total.massKg).toBeCloseTo(27, 9);
    expect(total.standardUncertaintyKg).toBeCloseTo(0.4, 9);
  });

  test('negative amounts and unequal lists are refused', () => {
    expect(() => amountMass({ by: 'mass', massKg: -1, plusMinusKg: 0 }, 17)).toThrow(DomainError);
    expect(() => totalMass([], [1])).toThrow(DomainError);
  });
});
