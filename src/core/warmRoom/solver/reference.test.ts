import { describe, expect, test } from '@jest/globals';
import { boxes, inRoom } from '../../test/dryingRuns';
import { simulateDrying } from './simulateDrying';

/**
 * Day, mean moisture of all, of the open and of the capped honey [%], air [°C], its humidity [1] and
 * the honey's temperature [°C], by scipy's BDF with 60 layers, relative tolerance 1e-7; the equations
 * written anew. Computed once with `python3 scripts/reference/drying.py`.
 */
const ROWS = [
  [0.125, 18.278, 19.842, 17.498, 33.02, 0.3066, 27.01],
  [0.5, 17.994, 19.053, 17.47, 33.15, 0.3062, 31.74],
  [1.0, 17.719, 18.324, 17.422, 33.08, 0.3049, 32.43],
  [2.0, 17.324, 17.325, 17.323, 33.08, 0.3037, 32.65],
  [4.0, 16.733, 15.915, 17.124, 33.08, 0.3026, 32.77],
] as const;

describe('ten boxes in the room against another solver (scipy, BDF)', () => {
  const reportDays = [0, ...ROWS.map(([day]) => day)];
  const { moments } = simulateDrying(inRoom([boxes(10)], { reportDays }));

  test.each(ROWS.map((row, at) => [row[0], row, at] as const))('day %d', (_, row, at) => {
    const [, all, open, capped, air, humidity, honey] = row;
    const moment = moments[at + 1]!;
    const batch = moment.batches.get('a')!;
    expect(Math.abs(batch.meanPercent - all)).toBeLessThan(0.03);
    expect(Math.abs(batch.parts[0]!.meanPercent - open)).toBeLessThan(0.05);
    expect(Math.abs(batch.parts[1]!.meanPercent - capped)).toBeLessThan(0.02);
    expect(Math.abs(moment.air.temperatureC - air)).toBeLessThan(0.15);
    expect(Math.abs(moment.air.relativeHumidity - humidity)).toBeLessThan(0.005);
    expect(Math.abs(batch.honeyC - honey)).toBeLessThan(0.25);
  });
});
