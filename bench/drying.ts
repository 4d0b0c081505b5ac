/**
 * The warm room, in core alone: one run of seven days with twenty batches at full resolution, a draw
 * of a forecast, learning from readings, and the search for the most boxes. Prints figures; asserts
 * nothing.
 */
import { learnRoom, mostBoxes, roomOutlook, forecaster, type DryingBatch } from '../src/core';
import { boxes, inRoom } from '../src/core/test/dryingRuns';
import { priorBelief } from '../src/core/warmRoom/dryingBelief';
import { simulateDrying } from '../src/core/warmRoom/solver/simulateDrying';
import { timed } from './timed';

/** Twenty batches that come over a week, a third of them gone after three days. */
const batches: DryingBatch[] = Array.from({ length: 20 }, (_, at) =>
  boxes(5, {
    id: `b${at}`,
    inDay: (at % 7) * 0.9,
    outDay: at % 3 === 0 ? (at % 7) * 0.9 + 3 : null,
  }),
);
const week = inRoom(batches);
const belief = priorBelief(batches.map(() => 0.4));
const targets = batches.map(() => 17);

const whole = simulateDrying(week);
console.log(
  `7 days, 20 batches: ${whole.steps} steps, water balance open by ${(100 * Math.abs(whole.imbalance)).toExponential(1)} %`,
);
timed('7 days, 20 batches, full resolution (12 layers)', 20, () => simulateDrying(week), 150);
const draw = forecaster({ run: week, belief, targets });
timed('one draw of a forecast (8 layers)', 20, (round) => draw(round), 150);
timed('the most likely course with its advice', 50, () => roomOutlook(week, belief, 0), 60);

const start = performance.now();
for (let number = 0; number < 500; number += 1) draw(number);
const all = performance.now() - start;
console.log(
  `500 draws in one thread: ${(all / 1000).toFixed(2)} s; on two cores at best ${(all / 2000).toFixed(2)} s, ${(5000 / (all / 2)).toFixed(1)} times within 5 s`,
);

const present = {
  run: week,
  startSpreads: batches.map(() => 0.4),
  observations: [0, 1, 2, 3].map((batch) => ({
    batch,
    day: (batch % 7) * 0.9 + 1,
    of: 'open' as const,
    percent: 18.4,
    standardUncertainty: 0.25,
  })),
};
const learning = performance.now();
learnRoom([], present);
console.log(
  `learning from 4 readings of 20 batches: ${(performance.now() - learning).toFixed(0)} ms`,
);

const loading = performance.now();
const answer = mostBoxes({
  task: { run: inRoom([], { reportDays: [0, 1, 2, 3] }), belief: priorBelief([]), targets: [] },
  box: boxes(1).parts,
  temperatureC: 25,
  airFactor: 0.8,
  tareKg: 8,
  inDay: 0,
  targetPercent: 17.2,
  startSpreadPercent: 0.3,
  probability: 0.8,
  mostBoxes: 300,
  draws: 60,
});
console.log(
  `the most boxes, ${answer.boxes} by ${answer.limitedBy}: ${(performance.now() - loading).toFixed(0)} ms`,
);
