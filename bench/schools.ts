/** All schools side by side on 2,000 frames, and judging a day of 2,000. Prints figures; asserts nothing. */
import { SCHOOLS, compareSchools, priorExpectation } from '../src/core';
import { decideContext, harvestFileOf, judgeFrames, judgingOf } from '../src/model';
import { combSeason, firstDayOf } from './combSeason';

const ROUNDS = 60;
const TARGET_MS = 50;

function timed(label: string, targetMs: number | null, once: () => void): void {
  for (let round = 0; round < 10; round += 1) once();
  const times = Array.from({ length: ROUNDS }, () => {
    const start = performance.now();
    once();
    return performance.now() - start;
  }).sort((a, b) => a - b);
  const median = times[Math.floor(ROUNDS / 2)] ?? NaN;
  const worst = times.at(-1) ?? NaN;
  const ratio =
    targetMs === null ? '' : `   ${(targetMs / worst).toFixed(1)} times within ${targetMs} ms`;
  console.log(
    `${label.padEnd(52)} median ${median.toFixed(1)} ms   worst ${worst.toFixed(1)} ms${ratio}`,
  );
}

const records = combSeason(2000);
const { book, harvest } = firstDayOf(records);
const judging = judgingOf(book, harvest);
const { stories } = harvestFileOf(records, harvest.entityId);
const judged = judgeFrames(stories, judging);
const frames = judged.map((judgedFrame) => judgedFrame.evidence);
const finishings = new Map(
  judged.map((judgedFrame) => [judgedFrame.frameId, judgedFrame.finishing]),
);
const context = {
  ...decideContext(judging, finishings),
  expectation: priorExpectation(),
  targetPercent: 18,
};

console.log(`${frames.length} frames, ${SCHOOLS.length} schools, ${ROUNDS} rounds`);
timed('comparing all schools', TARGET_MS, () => void compareSchools(frames, SCHOOLS, context));
timed('judging the day from its records', null, () => void judgeFrames(stories, judging));
