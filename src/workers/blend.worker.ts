import { expose } from 'comlink';
import loadHighs from 'highs';
import wasmUrl from 'highs/runtime?url';
import {
  bestBlend,
  relaxations,
  secondBlend,
  type BlendLimits,
  type ProgrammeSolver,
} from '../core';
import { highsSolver } from './highsSolver';
import { NOT_LOADED_MARK, type BlendWorker } from './protocol';

const limits = (seconds: number): BlendLimits => ({ seconds, nowMs: () => performance.now() });

let loading: Promise<ProgrammeSolver> | null = null;

/** The solver, loaded at the first question and kept. */
function solver(): Promise<ProgrammeSolver> {
  loading ??= loadHighs({ locateFile: () => wasmUrl }).then(highsSolver);
  return loading.catch((error: unknown) => {
    // the next question tries again; the page tells this one from values that cannot be solved
    loading = null;
    throw new Error(`${NOT_LOADED_MARK} ${String(error)}`);
  });
}

/** Seconds for the best plan, for the second best, and for each limit that is relaxed. */
const SECONDS = { best: 2, second: 1.5, relaxed: 1 } as const;

const worker: BlendWorker = {
  async best(task) {
    return bestBlend(task, await solver(), { limits: limits(SECONDS.best) });
  },
  async second(task, best) {
    return secondBlend(task, best, { solve: await solver(), limits: limits(SECONDS.second) });
  },
  async relaxations(task, best, limitPercent) {
    return relaxations(task, await solver(), {
      best,
      limitPercent,
      limits: limits(SECONDS.relaxed),
    });
  },
};

expose(worker);
