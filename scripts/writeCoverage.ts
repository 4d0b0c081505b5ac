/** Writes docs/uncertainty-coverage.md: `npm run coverage:table`. */
import { readFileSync, writeFileSync } from 'node:fs';
import { combCoverage } from '../src/core/test/wrongCombs';
import { DRYING_ROWS, bandCoverage } from '../src/core/test/wrongDrying';
import { FINISHING_WORLDS, forecastAndFound } from '../src/core/test/wrongFinishing';
import { LINE_ROWS, dayCoverage } from '../src/core/test/wrongLine';
import { passedPlan } from '../src/core/test/wrongPlan';
import {
  COVERAGE_ROWS,
  KEEPER,
  WATCHED_WORLDS,
  acceptedWatching,
  coverageIn,
} from '../src/core/test/wrongWorlds';

const FILE = 'docs/uncertainty-coverage.md';
const LOTS = 2000;
/** Rooms are slow to compute where each is learned from: fewer of them, with as many courses as a page draws. */
const [ROOMS, LEARNED_ROOMS, COURSES] = [1000, 60, 500];
const SEED = 20261127;

const percent = (share: number): string => `${(100 * share).toFixed(1)} %`;

/** Written down when a figure misses what is wanted. */
const met = (share: number, [least, most]: readonly [number, number]): string =>
  100 * share >= least && 100 * share <= most ? 'met' : 'missed';

const wantedWords = ([least, most]: readonly [number, number]): string =>
  most === 100 ? `at least ${least} %` : `${least} to ${most} %`;

type Row = readonly string[];

const table = (head: Row, rows: readonly Row[]): string =>
  [head, head.map(() => '---'), ...rows].map((row) => `| ${row.join(' | ')} |`).join('\n');

function moistureRows(): Row[] {
  return COVERAGE_ROWS.map(({ world, wanted }) => {
    const { covered, halfWidth } = coverageIn(world, LOTS, SEED);
    return [
      world.name,
      percent(covered),
      wantedWords(wanted),
      met(covered, wanted),
      `± ${halfWidth.toFixed(2)}`,
    ];
  });
}

function otherRows(): Row[] {
  const most = (name: string, share: number, limit: number): Row => {
    return [name, percent(share), `at most ${limit} %`, met(share, [0, limit])];
  };
  const held = (name: string, share: number, wanted: readonly [number, number]): Row => {
    return [name, percent(share), wantedWords(wanted), met(share, wanted)];
  };
  return [
    ...WATCHED_WORLDS.map((world) =>
      most(
        `accepted at the limit, watched after each of 20 readings: ${world.name}`,
        acceptedWatching(world, LOTS, SEED),
        6,
      ),
    ),
    ...[60, 200].map((size) =>
      most(
        `${size} containers, a tenth of them 1.8 wetter: pass a 95/95 plan by spread`,
        passedPlan({ size, wetShare: 0.1, wetterBy: 1.8 }, LOTS, SEED),
        5,
      ),
    ),
    held('comb after 40 own lots that scatter as assumed', combCoverage(1, LOTS, SEED), [94, 97]),
    held(
      'comb after 40 own lots that scatter 1.5 times as much',
      combCoverage(1.5, LOTS, SEED),
      [92, 100],
    ),
    ...DRYING_ROWS.map(({ world, wanted }) =>
      held(
        `drying, 90 % band: ${world.name}`,
        bandCoverage(world, world.readOn.length > 0 ? LEARNED_ROOMS : ROOMS, COURSES, 5),
        wanted,
      ),
    ),
    ...LINE_ROWS.map(({ world, wanted }) =>
      held(`end of the day, 90 % band: ${world.name}`, dayCoverage(world, LOTS, 500), wanted),
    ),
  ];
}

function finishingRows(): Row[] {
  return FINISHING_WORLDS.map((world) => {
    const { forecast, came } = forecastAndFound(world, LOTS, SEED);
    const apart = Math.abs(forecast - came);
    return [world.name, percent(forecast), percent(came), met(apart, [0, 8])];
  });
}

const keeper = coverageIn(KEEPER, LOTS, SEED);

const text = `# Coverage of what is stated, when assumptions fail

How often the truth lies within what the application states: with everything as assumed, and with one
assumption wrong at a time. Written by \`npm run coverage:table\` from the worlds under
\`src/core/test/wrong*.ts\`, ${LOTS.toLocaleString('en')} lots a cell (drying: ${ROOMS} rooms,
${LEARNED_ROOMS} where each is learned from, ${COURSES} courses), seeded; the
tests beside the core run the same worlds with fewer draws. Two standard errors are about one point at
92 % of 2,000, two for rooms, seven where each is learned from.

"As assumed" draws each guessed spread from what its degrees of freedom leave open (Student's t): a
guess that may be off by half is drawn so. Widths are half widths of the stated 95 % [% moisture].

## Moisture of a lot, 95 %

${table(['what is really so', 'covers', 'wanted', '', 'stated'], moistureRows())}

A keeper whom ten own lots have taught, with a checked meter and two readings in each of three buckets,
gets ± ${keeper.halfWidth.toFixed(2)} (wanted: at most 0.60).

## Decisions, combs, rooms and days

${table(['what is really so', 'found', 'wanted', ''], otherRows())}

## Chance to finish a frame

Stated and found, over frames capped 0.3 to 0.7 with 4 to 12 days of flow left; wanted within 8 points. How
capping slows is assumed half way between what slows and what does not, so that steady capping finishes
more often than stated: the careful side.

${table(['how capping goes on', 'stated', 'found', 'within 8'], finishingRows())}
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
console.log(text);
