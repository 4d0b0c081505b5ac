import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { DomainError } from '../errors';
import {
  FRESH_HONEY,
  HEAT_LIMITS,
  HEAT_SPREAD,
  daysLeftAt,
  heatBalance,
  heatLimits,
  warmedToC,
  warmingHistory,
} from './heatBudget';
import { heatSpent, type WarmSpell } from './heatDamage';

const held = (temperatureC: number, days: number): WarmSpell[] => [{ temperatureC, days }];

describe('heat budget', () => {
  test('two days at 40 °C against four at 35 °C, from the tables’ own Arrhenius lines', () => {
    // 2^(-2/31) and 2 * 0.949 mg/kg; at 35 °C a half-life of 77.5 d and 0.412 times the HMF
    const warm = heatBalance(held(40, 2));
    const mild = heatBalance(held(35, 4));
    expect(warm.diastaseLeft.likely).toBeCloseTo(0.956, 3);
    expect(mild.diastaseLeft.likely).toBeCloseTo(0.965, 3);
    expect(warm.hmfFormed.likely).toBeCloseTo(1.9, 1);
    expect(mild.hmfFormed.likely).toBeCloseTo(1.65, 1);
    expect(mild.spentShare.likely).toBeLessThan(warm.spentShare.likely);
  });

  test.each([
    [30, 150, 250],
    [40, 20, 50],
    [50, 4.5, 9],
    [60, 1, 2.5],
  ])(
    'White and others (recalled from memory): 30 mg/kg at %d °C come within %d to %d days',
    (c, from, to) => {
      const after = (days: number) => heatBalance(held(c, days)).hmfFormed;
      expect(after(from).high).toBeGreaterThan(30 * 0.9);
      expect(after(to).low).toBeLessThan(30 * 1.1);
    },
  );

  test('the high end is 1.6 times the likely HMF; the band of what is left lies about it', () => {
    const { hmfFormed, diastaseLeft, hmf, diastase } = heatBalance(held(45, 3));
    expect(hmfFormed.high / hmfFormed.likely).toBeCloseTo(HEAT_SPREAD.hmf, 9);
    expect(diastaseLeft.low).toBeLessThan(diastaseLeft.likely);
    expect(diastaseLeft.high).toBeGreaterThan(diastaseLeft.likely);
    expect(hmf.low).toBeLessThan(hmf.high);
    expect(diastase.low).toBeLessThan(diastase.high);
  });

  test('staying as long as the budget says spends the budget to the last, at its worse end', () => {
    const now = heatBalance(held(40, 1));
    const days = daysLeftAt(45, now);
    const start = { hmf: now.hmf, diastase: now.diastase };
    expect(heatBalance(held(45, days), start).spentShare.high).toBeCloseTo(1, 6);
    expect(daysLeftAt(45, heatBalance(held(80, 2)))).toBe(0);
    expect(daysLeftAt(-15, now)).toBe(3650);
  });

  test('a start over the limit is spent already', () => {
    const old = { ...FRESH_HONEY, hmf: { low: 41, likely: 45, high: 50 } };
    expect(heatBalance([], old).spentShare.likely).toBe(Infinity);
    const weak = { ...FRESH_HONEY, diastase: { low: 5, likely: 6, high: 7 } };
    expect(heatBalance([], weak)).toMatchObject({ nearer: 'diastase' });
  });

  test('honey from the tropics may hold more HMF; honey poor in enzymes less of both (Codex, from memory)', () => {
    expect(heatLimits(['tropical-origin'])).toEqual({ hmfMgPerKg: 80, diastaseSchade: 8 });
    expect(heatLimits(['low-enzyme'])).toEqual({ hmfMgPerKg: 15, diastaseSchade: 3 });
    const spent = (claims: Parameters<typeof heatLimits>[0]): number =>
      heatBalance(held(40, 5), FRESH_HONEY, heatLimits(claims)).spentShare.likely;
    expect(spent(['low-enzyme'])).toBeGreaterThan(spent([]));
    const now = heatBalance(held(40, 5));
    expect(daysLeftAt(40, now, heatLimits(['low-enzyme']))).toBeLessThan(daysLeftAt(40, now));
  });

  test('more warmth never costs less', () => {
    const spells = fc.array(
      fc.record({
        days: fc.double({ min: 0, max: 30, noNaN: true }),
        temperatureC: fc.double({ min: 0, max: 60, noNaN: true }),
      }),
      { maxLength: 6 },
    );
    fc.assert(
      fc.property(spells, (history) => {
        const before = heatBalance(history);
        const after = heatBalance([...history, { days: 1, temperatureC: 35 }]);
        expect(after.hmf.high).toBeGreaterThan(before.hmf.high);
        expect(after.diastase.low).toBeLessThanOrEqual(before.diastase.low);
        expect(after.spentShare.low).toBeGreaterThanOrEqual(before.spentShare.low);
      }),
    );
    expect(HEAT_LIMITS).toEqual({ hmfMgPerKg: 40, diastaseSchade: 8 });
  });
});

describe('honey that follows a cabinet', () => {
  const plan = { startC: 15, cabinetC: 40, days: 2, lagHours: 8 };

  test('fine spells agree with the closed form of the temperature', () => {
    const history = warmingHistory(plan);
    expect(history.reduce((sum, warmSpell) => sum + warmSpell.days, 0)).toBeCloseTo(2, 9);
    const mean =
      history.reduce((sum, warmSpell) => sum + warmSpell.days * warmSpell.temperatureC, 0) / 2;
    const exact = 40 - 25 * (8 / 48) * (1 - Math.exp(-48 / 8));
    expect(mean).toBeCloseTo(exact, 2);
    expect(warmedToC(plan)).toBeCloseTo(40 - 25 * Math.exp(-6), 9);
  });

  test('honey that lags is spared part of the heat', () => {
    const lagging = heatSpent(warmingHistory(plan)).hmfMgPerKg;
    const atOnce = heatSpent(warmingHistory({ ...plan, lagHours: 0 })).hmfMgPerKg;
    expect(lagging).toBeLessThan(atOnce);
    expect(warmedToC({ ...plan, lagHours: 0 })).toBe(40);
  });

  test('what is no length is refused', () => {
    expect(() => warmingHistory({ ...plan, days: -1 })).toThrow(DomainError);
    expect(() => warmedToC({ ...plan, days: NaN })).toThrow(DomainError);
  });
});
