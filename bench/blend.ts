import loadHighs from 'highs';
import { highsSolver } from '../src/workers/highsSolver';
import { bestBlend, seededRandom, type BlendTask } from '../src/core';
import { blendContainer, blendTask } from '../src/core/test/blends';

const random = seededRandom(7);

/** A store of many containers, a third of them too wet. */
function store(containers: number, tanks: number, change: Partial<BlendTask> = {}): BlendTask {
  return blendTask({
    containers: Array.from({ length: containers }, (_, at) =>
      blendContainer(`c${at}`, {
        massKg: 8 + 16 * random(),
        meanPercent: random() < 0.35 ? 18 + 2.2 * random() : 16 + 1.6 * random(),
        randomPercent: 0.12 + 0.2 * random(),
        flow: ['early', 'late'][Math.floor(2 * random())]!,
        colour: ['light', 'dark'][Math.floor(2 * random())]!,
      }),
    ),
    tanks: Array.from({ length: tanks }, (_, at) => ({ id: `t${at}`, capacityKg: 300 })),
    ...change,
  });
}

const solve = highsSolver(await loadHighs());
const limits = { seconds: 2, nowMs: () => performance.now() };
for (const [name, change] of [
  ['parts, flows and colours apart', {}],
  ['parts, all may mix', { mixFlows: true, mixColours: true }],
  ['whole containers, flows and colours apart', { wholeOnly: true }],
  ['fill tanks', { aim: 'fill' as const }],
] as const) {
  const task = store(200, 6, change);
  const start = performance.now();
  const best = bestBlend(task, solve, { limits });
  const ms = performance.now() - start;
  if (!best) throw new Error('nothing to blend');
  console.log(
    `${name}: ${ms.toFixed(0)} ms, saved ${best.savedKg.toFixed(1)} kg, worth ${best.worthKg.toFixed(2)} of at most ${best.boundKg.toFixed(2)} kg (gap ${((100 * (best.boundKg - best.worthKg)) / best.boundKg).toFixed(2)} %), ${best.opened.length} opened, ${best.pours.length} pours`,
  );
}
