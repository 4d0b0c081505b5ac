import type { LineDraw } from '../core';
import { coresToUse, withHelpers, type Helper } from './helpers';
import type { DayHelp, DayQuestion, LineWorker } from './protocol';

/** Days that may come. */
export const LINE_DRAWS = 500;

/** Draws that one call makes: small, so that results come often and giving up is quick. */
const DRAWS_AT_ONCE = 25;

const newWorker = (): Worker =>
  new Worker(new URL('./line.worker.ts', import.meta.url), { type: 'module' });

/** What comes while a day is forecast. */
export interface DayProgress {
  readonly onFirst: (help: DayHelp) => void;
  /** all draws so far, in no order */
  readonly onDraws: (draws: readonly LineDraw[]) => void;
}

/**
 * Forecasts a day at the line: what holds it up and what would help, beside ever more possible days.
 *
 * @throws AbortError when given up
 */
export function forecastDay(
  question: DayQuestion,
  { onFirst, onDraws }: DayProgress,
  signal: AbortSignal,
): Promise<void> {
  return withHelpers<LineWorker, void>(
    { newWorker, count: coresToUse(), signal },
    async (helpers) => {
      const draws: LineDraw[] = [];
      let next = 0;
      const work = async ({ remote }: Helper<LineWorker>): Promise<void> => {
        await remote.take(question.task);
        while (next < LINE_DRAWS && !signal.aborted) {
          const from = next;
          next += DRAWS_AT_ONCE;
          draws.push(...(await remote.draws(from, DRAWS_AT_ONCE)));
          if (!signal.aborted) onDraws([...draws]);
        }
      };
      const [first, ...others] = helpers;
      const help = first?.remote.help(question).then((found) => {
        if (!signal.aborted) onFirst(found);
        return work(first);
      });
      await Promise.all([help, ...others.map(work)]);
    },
  );
}

/**
 * Where the ends of days lay in what was forecast of them.
 *
 * @throws AbortError when given up
 */
export const predictedEnds = (
  days: Parameters<LineWorker['trackRecord']>[0],
  signal: AbortSignal,
): Promise<number[]> =>
  withHelpers<LineWorker, number[]>({ newWorker, count: 1, signal }, async ([helper]) =>
    helper ? helper.remote.trackRecord(days) : [],
  );
