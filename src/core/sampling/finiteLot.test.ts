import { describe, expect, test } from '@jest/globals';
import { mostBad } from './finiteLot';

describe('finite lots', () => {
  test('20 containers, 15 tested good: at least 2 bad are ruled out at 94.7 % (handbook row)', () => {
    expect(mostBad({ lotSize: 20, tested: 15, found: 0 }, 0.947)).toBe(1);
    expect(mostBad({ lotSize: 20, tested: 15, found: 0 }, 0.95)).toBe(2);
    expect(mostBad({ lotSize: 20, tested: 20, found: 3 }, 0.95)).toBe(3);
    expect(mostBad({ lotSize: 20, tested: 0, found: 0 }, 0.95)).toBe(20);
  });

  test('each precondition is refused', () => {
    const sample = { lotSize: 20, tested: 5, found: 1 };
    expect(() => mostBad({ ...sample, lotSize: 0 }, 0.95)).toThrow('lotSize');
    expect(() => mostBad({ ...sample, tested: 21 }, 0.95)).toThrow('tested');
    expect(() => mostBad({ ...sample, found: 6 }, 0.95)).toThrow('found');
    expect(() => mostBad(sample, 0.2)).toThrow('confidence');
  });
});
