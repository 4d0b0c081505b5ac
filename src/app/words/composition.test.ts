import { describe, expect, test } from '@jest/globals';
import { schoolOf } from '../../core';
import { lotFramesContent } from '../../model';
import { DEFAULT_PREFERENCES, type LotFrame } from '../../records';
import { compositionOrigins, compositionWords } from './composition';

function frame(change: Partial<LotFrame>): LotFrame {
  return {
    frameId: 'f',
    checkId: 'c',
    count: 1,
    hive: 'Hive 7',
    box: 'Box 1',
    slot: 1,
    yard: 'Dyke',
    flows: ['Beans'],
    honeyKg: 2,
    honeyStandardKg: 0.2,
    states: { capped: 1.8, 'not-done': 0.2 },
    colours: [],
    pieces: null,
    cleared: '',
    ...change,
  };
}

const content = (frames: readonly LotFrame[]) =>
  lotFramesContent(frames, { harvestId: 'h', school: schoolOf('four-fifths'), climate: 'damp' });

describe('the make-up of a lot in words', () => {
  test('frames, hives, honey, capping, school and flows in one sentence', () => {
    const frames = [frame({}), frame({ hive: 'Hive 8', flows: ['Beans', 'Borage'] })];
    expect(compositionWords(content(frames), DEFAULT_PREFERENCES)).toBe(
      '2 frames of Hive 7, Hive 8, about 4.0 kg of honey in the comb, 90 % capped by mass, judged by “Four fifths”, flow Beans and Borage.',
    );
  });

  test('in pounds, and with nothing named', () => {
    const bare = [frame({ hive: '', flows: [], yard: '', count: 40 })];
    const words = compositionWords(content(bare), { ...DEFAULT_PREFERENCES, massUnit: 'lb' });
    expect(words).toBe(
      '40 frames, about 4.4 lb of honey in the comb, 90 % capped by mass, judged by “Four fifths”.',
    );
  });

  test('each hive, yard and flow once', () => {
    expect(compositionOrigins(content([frame({}), frame({}), frame({ yard: 'Moor' })]))).toEqual({
      hives: ['Hive 7'],
      yards: ['Dyke', 'Moor'],
      flows: ['Beans'],
    });
  });
});
