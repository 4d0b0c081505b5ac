import { describe, expect, test } from '@jest/globals';
import { LINE_ROWS, dayCoverage } from '../test/wrongLine';
import { expectedPace, type PastDay } from './pastPace';
import { LINE_DOUBT } from './replicateLine';

const day = (hands: number, straining: number | null): PastDay => ({
  hands: { log: Math.log(hands), spread: 0.1 },
  straining: straining === null ? null : { log: Math.log(straining), spread: 0.1 },
});

describe('the pace that past days let expect', () => {
  test('without any: as planned, as unsure as ever', () => {
    const { pace, doubt, days } = expectedPace([]);
    expect(pace).toEqual({ hands: 1, straining: 1 });
    expect(doubt.hands).toBeCloseTo(LINE_DOUBT.hands, 9);
    expect(doubt.straining).toBeCloseTo(LINE_DOUBT.straining, 9);
    expect(days).toBe(0);
  });

  test('days that took twice as long: nearly twice, surer with each, never surer than a day varies', () => {
    const after = [1, 3, 10].map((count) => {
      return expectedPace(Array.from({ length: count }, () => day(1, 2)));
    });
    expect(after[0]!.pace.straining).toBeGreaterThan(1.4);
    expect(after[2]!.pace.straining).toBeGreaterThan(1.85);
    expect(after[2]!.pace.straining).toBeLessThan(2);
    expect(after[1]!.doubt.straining).toBeLessThan(after[0]!.doubt.straining);
    expect(after[2]!.doubt.straining).toBeGreaterThan(0.3);
    expect(after[2]!.days).toBe(10);
  });

  test('a day of which too little was ticked off teaches nothing of it', () => {
    expect(expectedPace([day(1.2, null)]).pace.straining).toBe(1);
    expect(expectedPace([day(1.2, null)]).pace.hands).toBeGreaterThan(1.05);
  });
});

describe('the 90 % band of the day (seeded simulation)', () => {
  test.each(LINE_ROWS.map((row) => [row.world.name, row] as const))(
    '%s',
    (_, { world, wanted }) => {
      const held = dayCoverage(world, 120, 150);
      expect(held).toBeGreaterThanOrEqual(wanted[0] / 100 - 0.04);
      expect(held).toBeLessThanOrEqual(wanted[1] / 100 + 0.04);
    },
  );
});
