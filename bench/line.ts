/** A day at the extraction line: target 50 ms for 2,000 frames, and 500 possible days. */
import { freshState } from '../src/core/extraction/lineState';
import { planLine } from '../src/core/extraction/planLine';
import { LINE_DOUBT, doneBand, lineDraw } from '../src/core/extraction/replicateLine';
import { simulateLine } from '../src/core/extraction/simulateLine';
import { bottleneck, lineGains } from '../src/core/extraction/whatIf';
import { sampleLine } from '../src/core/test/extractionLine';
import { timed } from './timed';

const FRAMES = 2000;
const TARGET_MS = 50;
const DAYS = 500;

const base = sampleLine();
const line = sampleLine({
  frames: FRAMES,
  speeds: [1, 1, 1, 1],
  uncapping: { ...base.uncapping, places: 2, secondsPerFrame: 15, rackFrames: 80 },
  strainer: { ...base.strainer, count: 2 },
});

timed(`${FRAMES} frames, one run`, TARGET_MS, () => void simulateLine(line), 60);
timed(
  'the same with who does what',
  TARGET_MS,
  () => void simulateLine(line, { records: true }),
  60,
);
timed(
  'the plan: best of 1 to 4 people',
  TARGET_MS,
  () => void planLine(line, { records: true }),
  40,
);
timed('what one more of each would bring', 1000, () => void lineGains(line, line), 10);
timed('what holds it up', 1000, () => void bottleneck(line), 10);

const task = { line, state: freshState(line), doubt: LINE_DOUBT };
const started = performance.now();
const draws = Array.from({ length: DAYS }, (_, at) => lineDraw(task, at));
const took = performance.now() - started;
const { early, likely, late } = doneBand(draws, 'doneMin');
console.log(
  `${DAYS} possible days in one thread: ${(took / 1000).toFixed(2)} s, ${(took / DAYS).toFixed(1)} ms each; done after ${((early - 540) / 60).toFixed(1)} to ${((late - 540) / 60).toFixed(1)} h, likely ${((likely - 540) / 60).toFixed(1)} h`,
);
