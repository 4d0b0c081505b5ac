import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { heardTogether, meanAround } from './cellNeighbours';
import { PHOTO_CLASSES, type PhotoClass } from './photoClasses';

const COLUMNS = 9;

/** Chances that lean to one class by so much, the rest shared evenly. */
const leaning = (to: PhotoClass, by: number): number[] =>
  PHOTO_CLASSES.map((name) => (name === to ? by : (1 - by) / (PHOTO_CLASSES.length - 1)));

const likeliestAt = (cells: readonly (readonly number[])[], at: number): PhotoClass => {
  const chances = cells[at]!;
  return PHOTO_CLASSES[chances.indexOf(Math.max(...chances))]!;
};

describe('cells beside each other', () => {
  test('one doubtful cell in the middle of brood is brood; a sure one stays what it is', () => {
    const side = (middle: number[]) =>
      Array.from({ length: COLUMNS * 7 }, (_, at) => (at === 31 ? middle : leaning('brood', 0.9)));
    expect(likeliestAt(heardTogether(side(leaning('capped', 0.5)), COLUMNS), 31)).toBe('brood');
    expect(likeliestAt(heardTogether(side(leaning('empty', 0.9999)), COLUMNS), 31)).toBe('empty');
  });

  test('a straight border between caps and open honey stays where it is', () => {
    const isCap = (at: number): boolean => at % COLUMNS < 4;
    const side = Array.from({ length: COLUMNS * 7 }, (_, at) =>
      leaning(isCap(at) ? 'capped' : 'open', 0.8),
    );
    const heard = heardTogether(side, COLUMNS);
    side.forEach((_, at) => expect(likeliestAt(heard, at)).toBe(isCap(at) ? 'capped' : 'open'));
  });

  test('a corner has three neighbours, an edge five, all others eight', () => {
    const numbered = Array.from({ length: 12 }, (_, at) => leaning('capped', at / 12));
    const mean = (of: number[]) => of.reduce((sum, at) => sum + at / 12, 0) / of.length;
    const capped = (at: number) => meanAround(numbered, 4, at)[0];
    expect(capped(0)).toBeCloseTo(mean([1, 4, 5]), 12);
    expect(capped(7)).toBeCloseTo(mean([2, 3, 6, 10, 11]), 12);
    expect(capped(5)).toBeCloseTo(mean([0, 1, 2, 4, 6, 8, 9, 10]), 12);
  });

  test('chances stay chances', () => {
    const chance = fc.double({ min: 0.001, max: 1, noNaN: true });
    const cell = fc
      .array(chance, { minLength: PHOTO_CLASSES.length, maxLength: PHOTO_CLASSES.length })
      .map((of) => of.map((one) => one / of.reduce((sum, other) => sum + other, 0)));
    fc.assert(
      fc.property(fc.array(cell, { minLength: 12, maxLength: 12 }), (cells) => {
        for (const chances of heardTogether(cells, 4)) {
          expect(chances.reduce((sum, one) => sum + one, 0)).toBeCloseTo(1, 9);
        }
      }),
      { numRuns: 30 },
    );
  });
});
