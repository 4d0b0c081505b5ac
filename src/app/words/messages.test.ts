import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { messages, rounded } from './messages';

const words = messages('test', {
  stop: 'Stop',
  frames: '{count, plural, one {# frame} other {# frames}} in {box}',
  weighs: 'It weighs {kg} kg',
  side: '{side, select, wetter {wetter} other {drier}}',
});

const numbers = fc.double({ min: -1e9, max: 1e9, noNaN: true });

describe('messages', () => {
  test('a text without places is said as it stands', () => {
    expect(words.stop()).toBe('Stop');
  });

  test('one frame, two frames, a thousand frames', () => {
    expect([0, 1, 2, 1000].map((count) => words.frames({ count, box: 'Box 1' }))).toEqual([
      '0 frames in Box 1',
      '1 frame in Box 1',
      '2 frames in Box 1',
      '1,000 frames in Box 1',
    ]);
  });

  test('what a keeper called something is never read as a message', () => {
    fc.assert(
      fc.property(fc.string(), (box) => {
        expect(words.frames({ count: 2, box })).toBe(`2 frames in ${box}`);
      }),
    );
  });

  test('no number is given with digits that nobody needs', () => {
    expect(words.weighs({ kg: 1.4689999999999999 })).toBe('It weighs 1.469 kg');
    expect(words.weighs({ kg: 3002.7814894 })).toBe('It weighs 3003 kg');
    expect(words.weighs({ kg: 2026 })).toBe('It weighs 2026 kg');
    fc.assert(
      fc.property(numbers, (kg) => {
        const [, behind = ''] = String(rounded(kg)).split('.');
        expect(behind.replace(/e.*/, '').length).toBeLessThanOrEqual(Math.abs(kg) >= 1 ? 3 : 12);
        expect(Math.abs(rounded(kg) - kg)).toBeLessThanOrEqual(Math.abs(kg) / 1999);
      }),
    );
  });

  test('a choice of words goes by its name', () => {
    expect([words.side({ side: 'wetter' }), words.side({ side: 'drier' })]).toEqual([
      'wetter',
      'drier',
    ]);
  });
});
