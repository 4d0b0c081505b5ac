import { DRYING_ROWS, bandCoverage } from '../src/core/test/wrongDrying';
for (const { world, wanted } of DRYING_ROWS)
  console.log((100 * bandCoverage(world, 120, 150, 5)).toFixed(1), wanted.join('-'), world.name);
