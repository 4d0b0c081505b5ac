import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { DomainError } from '../errors';
import { viscosityPaS } from '../flow/viscosity';
import { clearedFromUm, clearedShare, fluidity, riseMPerS, settlingC } from './clearedShare';
import { MATTER, sizeClasses } from './matter';
import {
  SKIM_AT,
  hoursToClear,
  settlingCourse,
  skimPlan,
  vesselLagHours,
  type SettlingTask,
} from './settlingCourse';

const CM_PER_DAY = 100 * 86_400;

/** A pail that stays as warm as its room. */
const still = (roomC: number, heightCm = 30, strainedUm = 200): SettlingTask => ({
  vessel: { heightCm, moisturePercent: 17, startC: roomC, roomC, lagHours: 0 },
  strainedUm,
});

describe('rising', () => {
  test.each([
    [25, 200, 12],
    [25, 300, 27],
    [20, 200, 6.4],
  ])('handbook row: wax at 17 %%, %d °C, %d µm rises %d cm a day', (c, um, cm) => {
    const perDay = riseMPerS(um, 960, viscosityPaS(c, 17)) * CM_PER_DAY;
    expect(Math.abs(perDay / cm - 1)).toBeLessThan(0.03);
  });

  test('scipy moves a ball of wax with its inertia and lands on the same speed', () => {
    // scripts/reference/settling.py
    expect(riseMPerS(200, 960, viscosityPaS(25, 17))).toBeCloseTo(1.3896096517e-6, 12);
  });

  test.each([
    [200, 0.4],
    [300, 0.9],
  ])('handbook row: 30 cm, 25 °C, a day: %d µm → %d cleared', (um, share) => {
    const dose = fluidity(still(25).vessel, 24);
    expect(clearedShare([{ sizeUm: um, share: 1 }], 960, 30, dose)).toBeCloseTo(share, 1);
  });

  test('heavier than honey sinks', () => {
    expect(riseMPerS(100, 2600, 7)).toBeLessThan(0);
  });
});

describe('cleared share over sizes, temperature changing', () => {
  /** scripts/reference/settling.py: percent, start, room, lag, hours, height m, mesh µm, dose, wax, bubbles, specks */
  test.each([
    [17, 25, 25, 0, 24, 0.3, 200, 11972.7039, 0.21445, 0.86757, 0.11966],
    [17, 30, 20, 7, 12, 0.35, 400, 6016.333, 0.27681, 0.69102, 0.14839],
    [18.2, 33, 22, 10, 48, 0.6, 200, 37587.0356, 0.33663, 0.92697, 0.18783],
    [16.1, 24, 24, 0, 72, 0.4, Infinity, 20995.3345, 0.80886, 0.9066, 0.63292],
  ])('scipy: %d %%, %d → %d °C', (...row) => {
    const [moisturePercent, startC, roomC, lagHours, hours, heightM, strainedUm, ...found] = row;
    const vessel = {
      heightCm: 100 * heightM,
      moisturePercent: moisturePercent,
      startC: startC,
      roomC: roomC,
      lagHours: lagHours,
    };
    const [dose, wax, bubbles, specks] = found;
    expect(Math.abs(fluidity(vessel, hours) / dose - 1)).toBeLessThan(1e-5);
    const [moment] = settlingCourse({ vessel, strainedUm: strainedUm }, [hours]);
    expect(Math.abs(moment!.matter.wax.share - wax)).toBeLessThan(0.004);
    expect(Math.abs(moment!.matter.bubbles.share - bubbles)).toBeLessThan(0.004);
    expect(Math.abs(moment!.matter.specks.share - specks)).toBeLessThan(0.004);
  });

  test('never falls with time, never above one, and warmth never hinders', () => {
    const tasks = fc.record({
      roomC: fc.double({ min: 10, max: 34, noNaN: true }),
      heightCm: fc.double({ min: 10, max: 120, noNaN: true }),
      hours: fc.double({ min: 0.5, max: 200, noNaN: true }),
    });
    fc.assert(
      fc.property(tasks, ({ roomC, heightCm, hours }) => {
        const [early, late] = settlingCourse(still(roomC, heightCm), [hours, 2 * hours]);
        const [warm] = settlingCourse(still(roomC + 1, heightCm), [hours]);
        for (const kind of ['wax', 'bubbles', 'specks'] as const) {
          expect(late!.matter[kind].share).toBeGreaterThanOrEqual(early!.matter[kind].share);
          expect(late!.matter[kind].share).toBeLessThanOrEqual(1 + 1e-12);
          expect(warm!.matter[kind].share).toBeGreaterThanOrEqual(early!.matter[kind].share);
        }
      }),
    );
  });

  test('classes hold all the mass, and nothing larger than the mesh', () => {
    const classes = sizeClasses(MATTER.wax, 200);
    expect(classes.reduce((sum, sizeClass) => sum + sizeClass.share, 0)).toBeCloseTo(1, 12);
    expect(Math.max(...classes.map((sizeClass) => sizeClass.sizeUm))).toBeLessThan(200);
    expect(sizeClasses(MATTER.wax, 5)).toEqual([{ sizeUm: 5, share: 1 }]);
  });

  test('what has wholly cleared is the size that rises the whole height', () => {
    const dose = fluidity(still(25).vessel, 24);
    const um = clearedFromUm(960, 30, dose);
    expect(clearedShare([{ sizeUm: um * 1.001, share: 1 }], 960, 30, dose)).toBe(1);
    expect(clearedShare([{ sizeUm: um * 0.99, share: 1 }], 960, 30, dose)).toBeLessThan(1);
  });
});

describe('when to skim', () => {
  test('at the times reported the shares given are reached', () => {
    const task = still(25);
    const plan = skimPlan(task);
    const [first, second, after] = settlingCourse(task, [
      plan.firstHours,
      plan.secondHours,
      plan.secondHours + 24,
    ]);
    expect(first!.matter.bubbles.share).toBeCloseTo(SKIM_AT.foam, 2);
    const brought = after!.matter.wax.share - second!.matter.wax.share;
    expect(brought).toBeCloseTo(SKIM_AT.waxPerDay, 2);
    expect(plan.secondHours).toBeGreaterThan(plan.firstHours);
  });

  test('a low pail clears before a high one; cold honey may not clear at all', () => {
    const low = hoursToClear(still(25, 15), 'wax', 0.5);
    expect(low).toBeLessThan(hoursToClear(still(25, 60), 'wax', 0.5));
    expect(hoursToClear(still(5, 100), 'wax', 0.99)).toBe(Infinity);
  });

  test('a pail of 12.5 kg follows the room within hours, a drum within a day', () => {
    expect(vesselLagHours(18, 25)).toBeGreaterThan(3);
    expect(vesselLagHours(18, 25)).toBeLessThan(9);
    expect(vesselLagHours(85, 57)).toBeGreaterThan(12);
    expect(settlingC({ ...still(20).vessel, startC: 30, lagHours: 7 }, 7)).toBeCloseTo(23.68, 2);
  });

  test('what is no size, height, time or share is refused', () => {
    expect(() => sizeClasses({ ...MATTER.wax, spread: 0 }, 200)).toThrow(DomainError);
    expect(() => sizeClasses({ ...MATTER.wax, medianUm: 0 }, 200)).toThrow(DomainError);
    expect(() => sizeClasses(MATTER.wax, NaN)).toThrow(DomainError);
    expect(() => riseMPerS(0, 960, 7)).toThrow(DomainError);
    expect(() => riseMPerS(100, -1, 7)).toThrow(DomainError);
    expect(() => riseMPerS(100, 960, 0)).toThrow(DomainError);
    expect(() => fluidity(still(25).vessel, -1)).toThrow(DomainError);
    expect(() => clearedShare([], 960, 0, 1)).toThrow(DomainError);
    expect(() => hoursToClear(still(25), 'wax', 1)).toThrow(DomainError);
    expect(() => vesselLagHours(0, 10)).toThrow(DomainError);
    expect(() => vesselLagHours(10, NaN)).toThrow(DomainError);
  });
});
