import { wrap, type Remote } from 'comlink';
import { NOT_LOADED_MARK } from './protocol';
import { say, type Message } from '../core/message/message';

/** A worker with its far end. */
export interface Helper<Api> {
  readonly worker: Worker;
  readonly remote: Remote<Api>;
  /** never fulfilled: rejected once the worker cannot be loaded, or breaks down */
  readonly broken: Promise<never>;
}

/** What is said where the browser gives no reason, which is where a worker's file cannot be fetched. */
export const NOT_LOADED = say('errors.partNotLoaded');

/** A part of the application that could not be loaded, or broke down; trying again may help. */
export class HelperError extends Error {
  readonly sentence: Message;

  constructor(reason: string) {
    super(reason === '' ? 'not loaded' : reason);
    this.name = 'HelperError';
    this.sentence = reason === '' ? NOT_LOADED : say('errors.technical', { text: reason });
  }
}

/** What went wrong with a worker itself, for a person; null where its computation refused the values. */
export function helperTrouble(error: unknown): Message | null {
  if (error instanceof HelperError) return error.sentence;
  return error instanceof Error && error.message.startsWith(NOT_LOADED_MARK) ? NOT_LOADED : null;
}

/** Starts a worker. */
export function startHelper<Api>(newWorker: () => Worker): Helper<Api> {
  const worker = newWorker();
  const broken = new Promise<never>((_, reject) => {
    const fail = (message: string): void => reject(new HelperError(message));
    worker.addEventListener('error', (event) => fail(event.message ?? ''), { once: true });
    worker.addEventListener('messageerror', () => fail('a message was lost'));
  });
  // whoever waits for the remote end races with it; nobody may be waiting
  broken.catch(() => undefined);
  return { worker, remote: wrap<Api>(worker), broken };
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
 * @throws AbortError when given up; HelperError where a worker cannot be loaded or breaks down
 */
export async function withHelpers<Api, T>(
  { newWorker, count, signal }: HelperOptions,
  run: (helpers: readonly Helper<Api>[]) => Promise<T>,
): Promise<T> {
  const helpers = Array.from({ length: count }, () => startHelper<Api>(newWorker));
  const given = new Promise<never>((_, reject) => {
    const stop = (): void => reject(new DOMException('given up', 'AbortError'));
    if (signal.aborted) stop();
    else signal.addEventListener('abort', stop, { once: true });
  });
  try {
    return await Promise.race([run(helpers), given, ...helpers.map((helper) => helper.broken)]);
  } finally {
    helpers.forEach(({ worker }) => worker.terminate());
  }
}
