import { wrap, type Remote } from 'comlink';

/** A worker with its far end. */
export interface Helper<Api> {
  readonly worker: Worker;
  readonly remote: Remote<Api>;
}

/** Cores used at most; the page needs one to itself. */
const MOST_WORKERS = 4;

/** How many workers share out a long computation. */
export const coresToUse = (): number =>
  Math.min(MOST_WORKERS, Math.max(2, (navigator.hardwareConcurrency || 2) - 1));

interface HelperOptions {
  readonly newWorker: () => Worker;
  readonly count: number;
  readonly signal: AbortSignal;
}

/**
 * Gives `run` a worker each, and ends them all when it is done, failed or given up.
 *
 * @throws AbortError when given up
 */
export async function withHelpers<Api, T>(
  { newWorker, count, signal }: HelperOptions,
  run: (helpers: readonly Helper<Api>[]) => Promise<T>,
): Promise<T> {
  const helpers = Array.from({ length: count }, () => {
    const worker = newWorker();
    return { worker, remote: wrap<Api>(worker) };
  });
  const given = new Promise<never>((_, reject) => {
    const stop = (): void => reject(new DOMException('given up', 'AbortError'));
    if (signal.aborted) stop();
    else signal.addEventListener('abort', stop, { once: true });
    for (const { worker } of helpers) {
      worker.addEventListener('error', (event) => reject(new Error(event.message)), { once: true });
    }
  });
  try {
    return await Promise.race([run(helpers), given]);
  } finally {
    helpers.forEach(({ worker }) => worker.terminate());
  }
}
