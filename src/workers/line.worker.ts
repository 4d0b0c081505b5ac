import { expose } from 'comlink';
import { bottleneck, lineDraw, lineGains, type LineTask } from '../core';
import type { LineWorker } from './protocol';

/** Possible days that an end is held against. */
const FORETOLD_DRAWS = 60;

/** The day that is forecast: it comes once, its draws are asked for in many calls. */
let taken: LineTask | null = null;

const worker: LineWorker = {
  help({ task, warmed, state }) {
    return {
      heldUp: bottleneck(task.line, state),
      gains: lineGains(task.line, warmed, state),
    };
  },
  trackRecord(days) {
    return days.map(({ task, endedMin }) => {
      let earlier = 0;
      for (let at = 0; at < FORETOLD_DRAWS; at += 1) {
        if (lineDraw(task, at).doneMin <= endedMin) earlier += 1;
      }
      return earlier / FORETOLD_DRAWS;
    });
  },
  take(task) {
    taken = task;
  },
  draws(from, count) {
    const task = taken;
    if (!task) throw new Error('there is no task yet');
    return Array.from({ length: count }, (_, at) => lineDraw(task, from + at));
  },
};

expose(worker);

export default worker;
