import { describe, expect, test } from '@jest/globals';
import { trackRecord } from './trackRecord';
import { normalCdf } from './normal';
import { normalDraws, seededRandom } from './seededRandom';

describe('stated against found', () => {
  const placesOf = (spread: number, count: number): number[] => {
    const draw = normalDraws(seededRandom(4));
    return Array.from({ length: count }, () => normalCdf(spread * draw()));
  };

  test('a good forecaster: half within the half, four fifths within four fifths', () => {
    const { levels, meanPlace, isTooFew } = trackRecord(placesOf(1, 2000))!;
    levels.forEach((level) => {
      expect(level.came).toBeCloseTo(level.stated, 1);
      expect(level.agrees).toBe(true);
    });
    expect(meanPlace).toBeCloseTo(0.5, 1);
    expect(isTooFew).toBe(false);
  });

  test('one that is twice too sure, and one that is twice too careful, are found out', () => {
    expect(trackRecord(placesOf(2, 400))!.levels.every((level) => level.came < level.stated)).toBe(
      true,
    );
    expect(trackRecord(placesOf(2, 400))!.levels.some((level) => level.agrees)).toBe(false);
    expect(trackRecord(placesOf(0.5, 400))!.levels[0]!.came).toBeGreaterThan(0.7);
  });

  test('few say that they are few, none say nothing, nonsense is refused', () => {
    expect(trackRecord([0.4, 0.6])).toMatchObject({ count: 2, isTooFew: true });
    expect(trackRecord([])).toBeNull();
    expect(() => trackRecord([1.2])).toThrow('places');
    expect(() => trackRecord([NaN])).toThrow('places');
  });
});
