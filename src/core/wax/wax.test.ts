import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { buildingHoneyKg, combPlan } from './combPlan';
import { WAX_FORMS, type WaxForm } from './waxForms';
import { cappingWaxKg, meltYields, sheetsFrom, waxOnHand, type WaxEntry } from './waxLedger';

const gathered = (into: WaxForm, intoKg: number): WaxEntry => ({
  act: 'gathered',
  from: null,
  fromKg: null,
  into,
  intoKg,
});
const melted = (from: WaxForm, fromKg: number, into: WaxForm, intoKg: number): WaxEntry => ({
  act: 'melted',
  from,
  fromKg,
  into,
  intoKg,
});
const left = (entries: readonly WaxEntry[], form: WaxForm) =>
  waxOnHand(entries).find((each) => each.form === form)!;

describe('the ledger of wax', () => {
  const YEAR = [
    gathered('cappings', 4),
    melted('cappings', 3.5, 'raw-wax', 1.9),
    melted('raw-wax', 1.9, 'block', 1.8),
  ];

  test('what came in, less what was taken', () => {
    expect(left(YEAR, 'cappings').leftKg).toBeCloseTo(0.5, 9);
    expect(left(YEAR, 'raw-wax').leftKg).toBeCloseTo(0, 9);
    expect(left(YEAR, 'block').leftKg).toBeCloseTo(1.8, 9);
  });

  test('more taken than came in: nothing is left, and it says what is missing', () => {
    expect(left([melted('old-comb', 2, 'raw-wax', 0.5)], 'old-comb')).toEqual({
      form: 'old-comb',
      leftKg: 0,
      missingKg: 2,
    });
  });

  test('the order of lines does not matter, and no form is below nothing', () => {
    const form = fc.constantFrom(...WAX_FORMS);
    const kg = fc.double({ min: 0.01, max: 20, noNaN: true });
    const entry = fc.record({ from: form, fromKg: kg, into: form, intoKg: kg }).map((each) => ({
      ...each,
      act: 'melted' as const,
    }));
    fc.assert(
      fc.property(fc.array(entry, { maxLength: 8 }), (entries) => {
        const there = waxOnHand(entries);
        waxOnHand([...entries].reverse()).forEach(({ leftKg, missingKg }, at) => {
          expect(leftKg).toBeCloseTo(there[at]!.leftKg, 9);
          expect(missingKg).toBeCloseTo(there[at]!.missingKg, 9);
          expect(Math.min(leftKg, missingKg)).toBe(0);
        });
      }),
    );
  });

  test('what melting gave against what is usual', () => {
    expect(meltYields(YEAR)).toEqual([
      { form: 'cappings', meltedKg: 3.5, waxKg: 1.9, share: 1.9 / 3.5, verdict: 'usual' },
    ]);
    expect(meltYields([melted('old-comb', 10, 'raw-wax', 1)])[0]?.verdict).toBe('low');
    expect(meltYields([melted('burr-comb', 1, 'raw-wax', 0.95)])[0]?.verdict).toBe('high');
    expect(meltYields([gathered('cappings', 4)])).toEqual([]);
  });

  test('a hundred kilograms of honey leave one to two of wax; seven deep sheets weigh a pound', () => {
    expect(cappingWaxKg(100)).toEqual([1, 2]);
    expect(sheetsFrom(0.4536, 8.4)).toBe(7);
  });
});

describe('combs for next year', () => {
  test('bare and melted frames get foundation; half-drawn ones cost half', () => {
    const plan = combPlan({ drawn: 60, 'half-drawn': 10, bare: 8, 'to-melt': 4 }, 8.7);
    expect(plan).toMatchObject({ ready: 60, sheets: 12 });
    expect(plan.honeyKg).toEqual(buildingHoneyKg(17, 8.7));
    // 17 combs of about 0.104 kg of wax
    expect(plan.honeyKg[0]).toBeCloseTo(10.65, 1);
    expect(plan.honeyKg[1]).toBeCloseTo(14.2, 1);
  });

  test('counts that are none are refused', () => {
    const counts = { drawn: -1, 'half-drawn': 0, bare: 0, 'to-melt': 0 };
    expect(() => combPlan(counts, 8.7)).toThrow(expect.objectContaining({ code: 'out-of-range' }));
  });
});
