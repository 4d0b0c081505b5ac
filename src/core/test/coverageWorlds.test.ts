import { readFileSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';
import { COVERAGE_WORLDS, REPLICATES, simulatedCoverage } from './coverageWorlds';

const DRAWS = 20_000;
const SEED = 20261125;
const TABLE = readFileSync('docs/uncertainty-coverage.md', 'utf8').split('\n');

/** Cells of the row of a world as they stand in the document. */
function printed(name: string, reader: string): string[] {
  const row = TABLE.find((line) => line.includes(name) && line.includes(`| ${reader} `)) ?? '';
  return row.split('|').map((one) => one.trim());
}

describe.each(COVERAGE_WORLDS)('$name, $reader repeatability', (world) => {
  test.each(REPLICATES)(
    'n = %d: the stated 95 %% covers at least 94 %% (20,000 draws), as the document says',
    (n) => {
      const share = simulatedCoverage(world, n, DRAWS, SEED + n);
      expect(share).toBeGreaterThanOrEqual(0.94);
      if (world.coarse === '') expect(share).toBeLessThanOrEqual(0.97);
      expect(printed(world.name, world.reader)).toContain(`${(100 * share).toFixed(2)} %`);
    },
  );
});
