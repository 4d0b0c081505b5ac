import { describe, expect, test } from '@jest/globals';
import { boxes, inRoom } from '../test/dryingRuns';
import { simulateDrying } from './simulateDrying';

/**
 * Day, mean moisture of all, of the open and of the capped honey [%], air [°C], its humidity [1] and
 * the honey's temperature [°C], by scipy's BDF with 60 layers, relative tolerance 1e-7; the equations
 * written anew. Computed once with `python3 scripts/reference/drying.py`.
 */
const ROWS = [
  [0.125, 18.27, 19.817, 17.498, 33.03, 0.3069, 26.96],
  [0.5, 17.987, 19.032, 17.47, 33.15, 0.3061, 31.75],
  [1.0, 17.717, 18.317, 17.422, 33.08, 0.3048, 32.44],
  [2.0, 17.327, 17.334, 17.323, 33.08, 0.3036, 32.66],
  [4.0, 16.742, 15.941, 17.126, 33.08, 0.3026, 32.77],
] as const;

describe('ten boxes in the room against another solver (scipy, BDF)', () => {
  const tellDays = [0, ...ROWS.map(([day]) => day)];
  const { moments } = simulateDrying(inRoom([boxes(10)], { tellDays }));

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
