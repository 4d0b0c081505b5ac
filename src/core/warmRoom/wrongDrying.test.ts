import { describe, expect, test } from '@jest/globals';
import { DRYING_ROWS, bandCoverage } from '../test/wrongDrying';

/** Few rooms here, many in `npm run coverage:table`; what the bounds leave is their noise. */
const [ROOMS, DRAWS] = [8, 24];
const NOISE = 0.2;

describe('the 90 % band of a drying course (seeded simulation)', () => {
  test.each(
    DRYING_ROWS.filter((row) => row.wanted[1] === 100).map((row) => [row.world.name, row] as const),
  )('%s', (_, { world, wanted }) => {
    expect(bandCoverage(world, ROOMS, DRAWS, 5)).toBeGreaterThanOrEqual(wanted[0] / 100 - NOISE);
  });
});
