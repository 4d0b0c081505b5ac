import { expose } from 'comlink';
import { bottleneck, lineDraw, lineGains } from '../core';
import type { LineWorker } from './protocol';

const worker: LineWorker = {
  help({ task, warmed, state }) {
    return {
      heldUp: bottleneck(task.line, state),
      gains: lineGains(task.line, warmed, state),
    };
  },
  draws(task, from, count) {
    return Array.from({ length: count }, (_, at) => lineDraw(task, from + at));
  },
};

expose(worker);
