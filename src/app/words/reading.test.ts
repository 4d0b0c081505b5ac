import { describe, expect, test } from '@jest/globals';
import { COLOUR_CLASS_IDS, SAMPLE_STATES, interpretReading } from '../../core';
import type { ColourContent } from '../../records';
import { colourName, colourWords } from '../format/colour';
import { correctionWords } from '../format/moisture';
import { SAMPLE_ADVICE, SAMPLE_NAMES, offsetTaken, offsetWords } from './reading';

const warm = { scale: 'water', dialValue: 18, temperatureC: 25, atc: false } as const;

function read(dial: Parameters<typeof interpretReading>[0]) {
  const found = interpretReading(dial);
  if (found.status !== 'read') throw new Error('beyond the relation');
  return found;
}

describe('what was corrected, in words', () => {
  test('temperature and zero are told apart', () => {
    const dial = { ...warm, offsetIndex: -0.0005 };
    expect(correctionWords(read(dial), dial)).toBe('Read warm: 0.45 lower than the dial.');
    expect(offsetWords(dial)).toBe(
      'Its zero check found the meter 0.20 too wet; that was taken off.',
    );
    expect(offsetTaken(dial)).toBeCloseTo(0.196, 2);
    expect(correctionWords(read(warm), warm)).toBe('Read warm: 0.45 lower than the dial.');
  });

  test('a meter that reads too dry has that added; a right one says nothing', () => {
    expect(offsetWords({ ...warm, offsetIndex: 0.0005 })).toContain('too dry; that was added');
    expect(offsetWords(warm)).toBe('');
    expect(offsetWords({ ...warm, offsetIndex: 0.000001 })).toBe('');
  });
});

describe('samples and colours, in words', () => {
  test('every state has a name, and what misleads has advice', () => {
    for (const state of SAMPLE_STATES) expect(SAMPLE_NAMES[state]).not.toBe('');
    expect(SAMPLE_STATES.filter((sampleState) => SAMPLE_ADVICE[sampleState] === '')).toEqual([
      'clear',
    ]);
    expect(SAMPLE_ADVICE.crystals).toContain('closed jar');
  });

  test('a colour is reported by class and figure, or by class alone', () => {
    const content = (given: ColourContent['read']): ColourContent => ({
      containerId: null,
      item: null,
      read: given,
      takenAt: '2026-08-01T10:00:00.000Z',
      who: '',
      remark: '',
    });
    expect(colourWords(content({ by: 'comparator', pfundMm: 62 }))).toBe(
      'light amber, 62 mm Pfund',
    );
    expect(colourWords(content({ by: 'eye', classId: 'amber' }))).toBe('amber, by eye');
    expect(COLOUR_CLASS_IDS.map(colourName).every((text) => !text.includes('-'))).toBe(true);
  });
});
