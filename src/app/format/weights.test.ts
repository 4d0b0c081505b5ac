import { describe, expect, test } from '@jest/globals';
import { DEFAULT_PREFERENCES } from '../../records';
import { readWeights } from './weights';

describe('weights one after the other', () => {
  test.each([
    ['24.1 23.8 25', [24.1, 23.8, 25]],
    ['24,1 23,8; 25', [24.1, 23.8, 25]],
    ['24.1, 23.8, 25', [24.1, 23.8, 25]],
    ['24.1,23.8', [24.1, 23.8]],
    ['24.1 kg\n23800 g', [24.1, 23.8]],
    ['', []],
  ])('%j', (text, kg) => {
    const typed = readWeights(text, DEFAULT_PREFERENCES);
    expect(typed.ok && typed.kg.map((value) => Number(value.toFixed(6)))).toEqual(kg);
  });

  test('in pounds for who weighs in them', () => {
    const typed = readWeights('55 52.5', { ...DEFAULT_PREFERENCES, massUnit: 'lb' });
    expect(typed.ok && typed.kg.map((kg) => Number(kg.toFixed(2)))).toEqual([24.95, 23.81]);
  });

  test('what is no weight says what to do', () => {
    expect(readWeights('24.1 heavy', DEFAULT_PREFERENCES)).toEqual({
      ok: false,
      sentence: '“heavy” is not a number. Type digits only, such as 17.4.',
    });
  });
});
