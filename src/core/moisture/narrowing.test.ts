import { describe, expect, test } from '@jest/globals';
import { bucketsOf, readingsOf } from '../test/lotEvidence';
import { narrowings } from './narrowing';
import { BUDGET_DEFAULTS } from './readingBudget';

const first = (question: Parameters<typeof narrowings>[0]) => narrowings(question)[0]?.id;

describe('what would narrow an interval most for the least work', () => {
  const one = readingsOf([17.4], 'b1');

  test('one of five buckets read: another bucket', () => {
    expect(first({ readings: one, vessels: bucketsOf(5) })).toBe('read-other');
  });

  test('drawn at the gate of an unstirred tank: stir first', () => {
    const readings = one.map((reading) => ({ ...reading, spot: 'gate' as const }));
    expect(first({ readings, vessels: bucketsOf(1) })).toBe('stir-first');
  });

  test('a meter that nobody checked: another meter or its zero, never more of the same', () => {
    const { calibration, calibrationDof } = BUDGET_DEFAULTS;
    const readings = readingsOf([17.4, 17.4, 17.4], 'b1').map((reading) => ({
      ...reading,
      budget: {
        ...reading.budget,
        calibration: calibration.unchecked,
        calibrationDof: calibrationDof.unchecked,
      },
    }));
    const found = narrowings({ readings, vessels: bucketsOf(1) }).map((each) => each.id);
    expect(['other-meter', 'check-zero']).toContain(found[0]);
    expect(found).not.toContain('read-again');
  });

  test('each says how wide it is afterwards, and nothing is proposed that hardly helps', () => {
    for (const { expanded } of narrowings({ readings: one, vessels: bucketsOf(5) })) {
      expect(expanded).toBeLessThan(1.6);
      expect(expanded).toBeGreaterThan(0);
    }
    const many = readingsOf(
      Array.from({ length: 30 }, () => 17.4),
      'b1',
    );
    expect(
      narrowings({ readings: many, vessels: bucketsOf(1) }).map((each) => each.id),
    ).not.toContain('read-again');
  });

  test('without a reading there is nothing to narrow', () => {
    expect(() => narrowings({ readings: [], vessels: [] })).toThrow('readings');
  });
});
