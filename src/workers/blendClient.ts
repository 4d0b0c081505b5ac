import type { BlendPlan, BlendTask, Relaxation } from '../core';
import { withHelpers } from './helpers';
import type { BlendWorker } from './protocol';

const newWorker = (): Worker =>
  new Worker(new URL('./blend.worker.ts', import.meta.url), { type: 'module' });

/** What is found of a blend, as it comes. */
export type BlendFinding =
  | { readonly what: 'best'; readonly plan: BlendPlan | null }
  | { readonly what: 'second'; readonly plan: BlendPlan | null }
  | { readonly what: 'relaxations'; readonly relaxations: readonly Relaxation[] };

/** What is asked of a blend. */
export interface BlendQuestion {
  readonly task: BlendTask;
  /** up to which the target could be relaxed [%] */
  readonly limitPercent: number;
}

/**
 * Plans a blend: the best plan, then the second best, then what relaxing each limit would bring.
 *
 * @throws AbortError when given up
 */
export function planBlend(
  { task, limitPercent }: BlendQuestion,
  onFound: (finding: BlendFinding) => void,
  signal: AbortSignal,
): Promise<void> {
  return withHelpers<BlendWorker, void>({ newWorker, count: 1, signal }, async ([helper]) => {
    if (!helper) return;
    const tell = (finding: BlendFinding): void => {
      if (!signal.aborted) onFound(finding);
    };
    const best = await helper.remote.best(task);
    tell({ what: 'best', plan: best });
    tell({ what: 'second', plan: best && (await helper.remote.second(task, best)) });
    const found = await helper.remote.relaxations(task, best, limitPercent);
    tell({ what: 'relaxations', relaxations: found });
  });
}
