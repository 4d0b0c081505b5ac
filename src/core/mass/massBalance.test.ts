import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { DomainError } from '../errors';
import { fillMl, jarPlan, labelWeight, warmDensityKgPerL } from './jars';
import { massBalance, sharedYield } from './massBalance';

const kg = (massKg: number, standardUncertaintyKg = 0.1) => ({ massKg, standardUncertaintyKg });

describe('balance', () => {
  test('all weighed: the difference is what nobody explains', () => {
    const balance = massBalance({
      'in-comb': kg(100, 3),
      'in-wet-combs': kg(4),
      'with-cappings': kg(3),
      drip: kg(1.5),
      'on-walls': kg(0.5),
      'off-mesh': kg(0.3),
      skimmed: kg(0.4),
      'in-containers': kg(89),
    });
    expect(balance.unexplained?.massKg).toBeCloseTo(1.3, 9);
    expect(balance.extracted?.massKg).toBeCloseTo(100 - 4 - 3 - 1.5, 9);
    expect(balance.strained?.massKg).toBeCloseTo(91.5 - 0.5 - 0.3 - 0.4, 9);
    expect(balance.verdict).toBe('explained');
    expect(balance.yieldShare).toBeCloseTo(0.89, 9);
    expect(balance.lines.every((line) => line.from === 'weighed')).toBe(true);
  });

  test('what nobody weighed stands with a usual share; a pail gone is missing', () => {
    const gone = massBalance({ 'in-comb': kg(100, 3), 'in-containers': kg(75) });
    expect(gone.verdict).toBe('missing');
    expect(gone.lines.filter((line) => line.from === 'usual').map((line) => line.stage)).toEqual([
      'in-wet-combs',
      'with-cappings',
      'on-walls',
      'off-mesh',
      'skimmed',
    ]);
    expect(massBalance({ 'in-comb': kg(50, 2), 'in-containers': kg(75) }).verdict).toBe('too-much');
  });

  test('without combs or containers nothing is claimed; a negative mass is refused', () => {
    expect(massBalance({ 'in-containers': kg(75) })).toMatchObject({
      verdict: 'unknown',
      unexplained: null,
      yieldShare: null,
    });
    expect(() => massBalance({ drip: kg(-1) })).toThrow(DomainError);
    expect(() => massBalance({ drip: kg(NaN) })).toThrow(DomainError);
  });

  test('shared out, hives together got exactly what there was', () => {
    const parts = fc.array(
      fc.record({
        from: fc.constantFrom('Hive 1', 'Hive 2', 'Hive 3'),
        frames: fc.integer({ min: 1, max: 10 }),
        kg: fc.double({ min: 0.1, max: 30, noNaN: true }),
      }),
      { minLength: 1, maxLength: 20 },
    );
    fc.assert(
      fc.property(parts, fc.double({ min: 0, max: 500, noNaN: true }), (all, got) => {
        const shares = sharedYield(all, got);
        expect(shares.reduce((sum, share) => sum + share.kg, 0)).toBeCloseTo(got, 6);
        expect(shares.reduce((sum, share) => sum + share.frames, 0)).toBe(
          all.reduce((sum, item) => sum + item.frames, 0),
        );
      }),
    );
    expect(sharedYield([], 5)).toEqual([]);
    expect(sharedYield([{ from: 'a', frames: 1, kg: 0 }], 5)[0]?.kg).toBe(0);
  });
});

describe('jars', () => {
  test('handbook: 500 g of 17 % honey fill 351.9 ml, a pound 319.2 ml, at 20 °C', () => {
    expect(fillMl(0.5, 17, 20)).toBeCloseTo(351.9, 1);
    expect(fillMl(0.45359237, 17, 20)).toBeCloseTo(319.2, 1);
    expect(fillMl(0.5, 17, 35)).toBeGreaterThan(351.9);
    expect(() => warmDensityKgPerL(17, 80)).toThrow(DomainError);
    expect(() => fillMl(0, 17, 20)).toThrow(DomainError);
  });

  test('wanted sizes first, the rest into the largest that fit, nothing lost', () => {
    const plan = jarPlan(30.2, [
      { netKg: 0.5, atMost: null },
      { netKg: 0.25, atMost: 20 },
    ]);
    expect(plan.jars).toEqual([
      { netKg: 0.5, count: 50 },
      { netKg: 0.25, count: 20 },
    ]);
    expect(plan.restKg).toBeCloseTo(0.2, 9);
    fc.assert(
      fc.property(fc.double({ min: 0, max: 300, noNaN: true }), (honey) => {
        const { jars, restKg } = jarPlan(honey, [
          { netKg: 1, atMost: 30 },
          { netKg: 0.5, atMost: null },
          { netKg: 0.125, atMost: null },
        ]);
        const filled = jars.reduce((sum, jar) => sum + jar.count * jar.netKg, 0);
        expect(filled + restKg).toBeCloseTo(honey, 6);
        expect(restKg).toBeLessThan(0.125 + 1e-6);
      }),
    );
    expect(() => jarPlan(5, [])).toThrow(DomainError);
    expect(() => jarPlan(-5, [{ netKg: 1, atMost: null }])).toThrow(DomainError);
  });

  test('the label in grams, ounces, and pounds with ounces, never more than there is', () => {
    expect(labelWeight(0.5)).toEqual({ grams: 500, ounces: 17.6, pounds: 1, ouncesOver: 1.6 });
    expect(labelWeight(0.45359237)).toEqual({ grams: 454, ounces: 16, pounds: 1, ouncesOver: 0 });
    fc.assert(
      fc.property(fc.double({ min: 0.02, max: 20, noNaN: true }), (net) => {
        const { ounces, pounds, ouncesOver } = labelWeight(net);
        expect((ounces * 28.349523125) / 1000).toBeLessThanOrEqual(net + 1e-6);
        expect(pounds * 16 + ouncesOver).toBeCloseTo(ounces, 6);
      }),
    );
    expect(() => labelWeight(0)).toThrow(DomainError);
  });
});
