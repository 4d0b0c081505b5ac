import { expose } from 'comlink';
import { bottleneck, lineDraw, lineGains } from '../core';

/** Possible days that an end is held against. */
const FORETOLD_DRAWS = 60;
import type { LineWorker } from './protocol';

const worker: LineWorker = {
  help({ task, warmed, state }) {
    return {
      heldUp: bottleneck(task.line, state),
      gains: lineGains(task.line, warmed, state),
    };
  },
  foretold(days) {
    return days.map(({ task, endedMin }) => {
      let earlier = 0;
      for (let at = 0; at < FORETOLD_DRAWS; at += 1) {
        if (lineDraw(task, at).doneMin <= endedMin) earlier += 1;
      }
      return earlier / FORETOLD_DRAWS;
    });
  },
  draws(task, from, count) {
    return Array.from({ length: count }, (_, at) => lineDraw(task, from + at));
  },
};

expose(worker);
