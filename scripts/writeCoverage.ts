/** Writes docs/uncertainty-coverage.md: `npm run coverage:table`. */
import { readFileSync, writeFileSync } from 'node:fs';
import { COVERAGE_WORLDS, REPLICATES, simulatedCoverage } from '../src/core/test/coverageWorlds';

const FILE = 'docs/uncertainty-coverage.md';
const DRAWS = 20_000;
const SEED = 20261125;

const cell = (share: number): string => `${(100 * share).toFixed(2)} %`;

function table(): string {
  const head = [
    'world',
    'repeatability',
    ...REPLICATES.map((n) => `n = ${n}`),
    'coarser than need be',
  ];
  const rows = COVERAGE_WORLDS.map((world) => {
    const shares = REPLICATES.map((n) => simulatedCoverage(world, n, DRAWS, SEED + n));
    return [world.name, world.reader, ...shares.map(cell), world.coarse || 'nothing'];
  });
  return [head, head.map(() => '---'), ...rows].map((one) => `| ${one.join(' | ')} |`).join('\n');
}

const text = `# Coverage of the stated uncertainty

Share of simulated vessels whose true moisture lies within the stated 95 % interval, ${DRAWS.toLocaleString('en')}
draws in each cell, seed ${SEED}; n replicates of one stirred vessel. Written by
\`npm run coverage:table\` from \`src/core/test/coverageWorlds.ts\`; \`coverageWorlds.test.ts\` checks the
bounds: at least 94 %, and at most 97 % where no part is coarser than it need be.

"Pooled" is the repeatability assumed of anybody (0.15 %, 10 degrees of freedom), each simulated
reader's own being drawn from what that leaves open; "own" is a steady reader (0.08 %) known from 20
degrees of freedom of earlier replicates. Resolution and temperature are drawn as rectangles,
calibration, relation, spot and reader as normal. Where the dial has coarse divisions it is really
rounded to them: a rectangle of a whole division then covers more than is stated, which is the safe
side.

${table()}
`;
const before = (() => {
  try {
    return readFileSync(FILE, 'utf8');
  } catch {
    return '';
  }
})();
writeFileSync(FILE, text);
console.log(text === before ? `${FILE} is as it was` : `${FILE} written`);
console.log(table());
