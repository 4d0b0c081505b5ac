import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { DEFAULT_PREFERENCES } from '../../records';
import { doubtful, formatDoubtful } from './doubtful';

const POUNDS = { ...DEFAULT_PREFERENCES, massUnit: 'lb' as const };

describe('a figure with its doubt', () => {
  test('in the keeper’s unit, the unit once', () => {
    expect(formatDoubtful(12.34, 0.41, 'mass', DEFAULT_PREFERENCES)).toBe('12.3 ± 0.4 kg');
    expect(formatDoubtful(12.34, 0.41, 'mass', POUNDS)).toBe('27.2 ± 0.9 lb');
  });

  test('a doubt too small for the last digit gets another one, or is not given', () => {
    expect(formatDoubtful(2, 0.02, 'mass', DEFAULT_PREFERENCES)).toBe('2.00 ± 0.02 kg');
    expect(formatDoubtful(2, 0, 'mass', DEFAULT_PREFERENCES)).toBe('about 2.0 kg');
    expect(doubtful(17.4, 0.01)).toBe('about 17.4');
  });

  test('never ± 0, whatever the figures', () => {
    const kilograms = fc.double({ min: 0, max: 5000, noNaN: true });
    fc.assert(
      fc.property(kilograms, kilograms, (kg, plusMinus) => {
        for (const preferences of [DEFAULT_PREFERENCES, POUNDS]) {
          const text = formatDoubtful(kg, plusMinus, 'mass', preferences);
          expect(text).toMatch(/^(about )?\d+\.\d+( ± \d+\.\d+)? (kg|lb)$/);
          expect(text).not.toMatch(/± 0\.0+ /);
        }
      }),
    );
  });
});
