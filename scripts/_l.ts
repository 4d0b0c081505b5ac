import { LINE_ROWS, dayCoverage } from '../src/core/test/wrongLine';
for (const { world, wanted } of LINE_ROWS)
  console.log((100 * dayCoverage(world, 400, 500)).toFixed(1), wanted.join('-'), world.name);
