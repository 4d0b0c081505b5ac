import { describe, expect, test } from '@jest/globals';
import { proposed } from './proposed';

const BEGAN = { people: '1, 2', extractor: { holds: '12', spins: '5' } };
const HAND = { people: '1', extractor: { holds: '3', spins: '3' } };

describe('a choice that proposes values', () => {
  test('fills what nobody typed in, and leaves what was typed', () => {
    const now = { ...BEGAN, people: 'Ada, Bo' };
    expect(proposed(HAND, now, [BEGAN])).toEqual([
      ['extractor.holds', '3'],
      ['extractor.spins', '3'],
    ]);
  });

  test('made otherwise again, what it brought gives way, too', () => {
    const now = { ...HAND, extractor: { holds: '4', spins: '3' } };
    expect(proposed(BEGAN, now, [BEGAN, HAND])).toEqual([
      ['people', '1, 2'],
      ['extractor.spins', '5'],
    ]);
  });
});
