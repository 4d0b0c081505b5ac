import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { boxLift } from './lifting';
import { STING_SIGNS, stingAdvice, type StingAdvice } from './stings';

describe('a sting', () => {
  test.each([
    [[], 'look-first'],
    [['here-only'], 'local'],
    [['here-only', 'many'], 'ask-doctor'],
    [['rash-elsewhere'], 'ask-doctor'],
    [['many'], 'ask-doctor'],
    [['rash-elsewhere', 'sick'], 'call-now'],
    [['breath'], 'call-now'],
    [['faint'], 'call-now'],
    [['mouth'], 'call-now'],
    [['known'], 'call-now'],
  ] as const)('%j: %s', (signs, advice) => {
    expect(stingAdvice(signs)).toBe(advice);
  });

  test('one sign more never makes it less urgent', () => {
    const order: readonly StingAdvice[] = ['look-first', 'local', 'ask-doctor', 'call-now'];
    const signs = fc.subarray([...STING_SIGNS]);
    fc.assert(
      fc.property(signs, fc.constantFrom(...STING_SIGNS), (seen, more) => {
        const before = order.indexOf(stingAdvice(seen));
        expect(order.indexOf(stingAdvice([...seen, more]))).toBeGreaterThanOrEqual(before);
      }),
    );
  });
});

describe('lifting a box', () => {
  test.each([
    [15, 4, 'one'],
    [21, 4, 'one'],
    [21.1, 4, 'two'],
    [36, 4, 'two'],
    [36.1, 4, 'frame-by-frame'],
  ] as const)('%d kg of frames in a box of %d: %s', (framesKg, boxKg, way) => {
    expect(boxLift(framesKg, boxKg)).toEqual({ kg: framesKg + boxKg, way });
  });
});
