import { proxy } from 'comlink';
import type { ForecastDraw, ForecastTask, LoadAnswer, LoadCourse, LoadQuestion } from '../core';
import { coresToUse, withHelpers, type Helper } from './helpers';
import type { DryingWorker, RoomFirst, RoomQuestion } from './protocol';

/** Courses of a forecast. */
export const FORECAST_DRAWS = 500;

/** Draws that one call makes: small, so that results come often and giving up is quick. */
const DRAWS_AT_ONCE = 10;

/** Courses from which a band may be reported. */
export const FIRST_TOLD = 40;

/** So often a new band is reported: drawing one costs the page some milliseconds [ms]. */
const TELL_EVERY_MS = 250;

const newWorker = (): Worker =>
  new Worker(new URL('./drying.worker.ts', import.meta.url), { type: 'module' });

const withDryers = <T>(
  count: number,
  signal: AbortSignal,
  run: (dryers: readonly Helper<DryingWorker>[]) => Promise<T>,
): Promise<T> => withHelpers({ newWorker, count, signal }, run);

/** What comes while a room is forecast. */
export interface RoomProgress {
  readonly onFirst: (first: RoomFirst) => void;
  /** all draws so far, in no order */
  readonly onDraws: (draws: readonly ForecastDraw[]) => void;
}

/** The task of a question once it was learned from. */
const taskOf = ({ present, targets }: RoomQuestion, { learned }: RoomFirst): ForecastTask => ({
  run: present.run,
  belief: learned.belief,
  targets,
});

/**
 * Forecasts a room: what was learned and the most likely course first, then ever more courses.
 *
 * @throws AbortError when given up
 */
export async function forecastRoom(
  question: RoomQuestion,
  { onFirst, onDraws }: RoomProgress,
  signal: AbortSignal,
): Promise<void> {
  await withDryers(coresToUse(), signal, async (helpers) => {
    const [first] = helpers;
    if (!first) return;
    const found = await first.remote.first(question);
    onFirst(found);
    if (question.present.run.batches.length === 0) return;
    const task = taskOf(question, found);
    const draws: ForecastDraw[] = [];
    let next = 0;
    let sentence = -Infinity;
    const tell = (): void => {
      const last = draws.length >= FORECAST_DRAWS;
      const calm = performance.now() - sentence > TELL_EVERY_MS && draws.length >= FIRST_TOLD;
      if (signal.aborted || !(last || calm)) return;
      sentence = performance.now();
      onDraws([...draws]);
    };
    const work = async ({ remote }: Helper<DryingWorker>): Promise<void> => {
      await remote.take(task);
      while (next < FORECAST_DRAWS && !signal.aborted) {
        const from = next;
        next += DRAWS_AT_ONCE;
        draws.push(...(await remote.draws(from, DRAWS_AT_ONCE)));
        tell();
      }
    };
    await Promise.all(helpers.map(work));
  });
}

/** What a load comes to: the curve of many loads, and how surely the chosen one is in time. */
export interface LoadPlan {
  readonly curve: readonly LoadCourse[];
  readonly share: number;
}

/**
 * The most likely course of many loads and the probability of one, in a worker.
 *
 * @throws AbortError when given up
 */
export function planLoad(
  question: LoadQuestion,
  { chosen, counts }: { readonly chosen: number; readonly counts: readonly number[] },
  signal: AbortSignal,
): Promise<LoadPlan> {
  return withDryers(1, signal, async ([one]) => {
    if (!one) throw new Error('no worker');
    const curve = await one.remote.loads(question, counts);
    return { curve, share: await one.remote.inTime(question, chosen) };
  });
}

/**
 * The most boxes that can be loaded, found in a worker.
 *
 * @throws AbortError when given up
 */
export function solveLoad(
  question: LoadQuestion,
  onTried: (boxes: number, share: number) => void,
  signal: AbortSignal,
): Promise<LoadAnswer> {
  return withDryers(1, signal, async ([one]) => {
    if (!one) throw new Error('no worker');
    return one.remote.mostBoxes(question, proxy(onTried));
  });
}

/**
 * Where readings lay in what was forecast of them, stretch by stretch.
 *
 * @throws AbortError when given up
 */
export async function predictedInRooms(
  stretches: readonly Pick<RoomQuestion, 'past' | 'present'>[],
  signal: AbortSignal,
): Promise<number[]> {
  return withDryers(1, signal, async ([helper]) => {
    const places: number[] = [];
    for (const stretch of helper ? stretches : [])
      places.push(...(await helper!.remote.trackRecord(stretch)));
    return places;
  });
}
