import { requireInRange, requireFinite, requireWhole } from '../errors';
import type { HoneyPart } from './solver/batch';
import { forecaster, readyDayOf, type ForecastTask } from './forecast';
import { roomOutlook } from './roomOutlook';

/** What a box brings in, and until when all must be dry. */
export interface LoadQuestion {
  /** the room with what is in it; its last reported time is the deadline */
  readonly task: ForecastTask;
  /** honey of one box */
  readonly box: readonly HoneyPart[];
  readonly temperatureC: number;
  readonly airFactor: number;
  /** wood, wax and metal of one box [kg] */
  readonly tareKg: number;
  /** when they come in [d] */
  readonly inDay: number;
  /** moisture at which all is dry enough [%] */
  readonly targetPercent: number;
  /** standard uncertainty of the start moisture [%] */
  readonly startSpreadPercent: number;
  /** how surely [1] */
  readonly probability: number;
  /** boxes that the room holds */
  readonly mostBoxes: number;
  /** courses each load is tried with */
  readonly draws: number;
}

/** The task with so many more boxes in it. */
export function loadedTask(question: LoadQuestion, boxes: number): ForecastTask {
  const { task, box, temperatureC, airFactor, inDay, tareKg } = question;
  if (boxes === 0) return task;
  const load = {
    id: 'load',
    parts: box.map((part) => ({ ...part, massKg: part.massKg * boxes })),
    inDay,
    outDay: null,
    temperatureC,
    airFactor,
    tareKg: tareKg * boxes,
  };
  const spread = Math.max(0.05, question.startSpreadPercent) ** 2;
  return {
    run: { ...task.run, batches: [...task.run.batches, load] },
    belief: {
      mean: [...task.belief.mean, 0],
      covariance: [
        ...task.belief.covariance.map((row) => [...row, 0]),
        [...task.belief.mean.map(() => 0), spread],
      ],
    },
    targets: [...task.targets, question.targetPercent],
  };
}

/** Share of the courses in which all is dry enough in time with so many boxes [1]. */
export function inTimeShare(question: LoadQuestion, boxes: number): number {
  requireFinite({ question, boxes }, 'inTimeShare');
  requireWhole(question.draws, [1, 1e5], { fn: 'inTimeShare', param: 'draws', unit: '1' });
  const task = loadedTask(question, boxes);
  const draw = forecaster(task);
  const staying = task.run.batches.map((batch) => batch.outDay === null);
  let good = 0;
  for (let number = 0; number < question.draws; number += 1) {
    const { readyDay } = draw(number);
    if (readyDay.every((day, at) => !staying[at] || Number.isFinite(day))) good += 1;
  }
  return good / question.draws;
}

/** A load on the most likely course: one run, named as coarse beside the courses of a forecast. */
export interface LoadCourse {
  readonly boxes: number;
  /** when the load is dry enough [d]; Infinity where not by the deadline */
  readonly readyDay: number;
  /** its mean moisture at the deadline [%] */
  readonly endPercent: number;
  /** of the air, mean of the second day after it came in [1] */
  readonly humidity: number;
  /** electricity of the room from then to the deadline, fans included [kWh/d] */
  readonly kWhPerDay: number;
}

/**
 * One run with so many more boxes, at the mean of what is believed.
 *
 * @param boxes - 1 and more
 * @throws DomainError as `simulateDrying`
 */
export function loadCourse(question: LoadQuestion, boxes: number): LoadCourse {
  requireFinite({ question, boxes }, 'loadCourse');
  const { run, belief } = loadedTask(question, boxes);
  const outlook = roomOutlook(run, belief, question.inDay);
  const own = outlook.batches[outlook.batches.length - 1]?.meanPercent ?? [];
  const second = outlook.relativeHumidity.filter((_, index) => {
    const since = (outlook.days[index] ?? 0) - question.inDay;
    return since >= 1 && since <= 2;
  });
  return {
    boxes,
    readyDay: readyDayOf(own, outlook.days, question.targetPercent),
    endPercent: own[own.length - 1] ?? NaN,
    humidity: second.reduce((sum, value) => sum + value, 0) / Math.max(1, second.length),
    kWhPerDay: outlook.kWhPerDay,
  };
}

/** The most that can be loaded, or why nothing can. */
export interface LoadAnswer {
  /** 0 where not even one box is dry in time */
  readonly boxes: number;
  /** in time with so many, and with one more [1] */
  readonly share: number;
  readonly shareWithOneMore: number;
  /** of what is in already, with no box more [1] */
  readonly shareWithNone: number;
  /** the room holds no more, though more would dry in time */
  readonly limitedBy: 'drying' | 'room';
}

/**
 * The most boxes that are all dry enough by a deadline with a stated probability: found by halving,
 * which more boxes never drying faster allows. All loads are tried with the same courses.
 *
 * @param onTried - called with every load tried; throws to give up
 * @throws DomainError `out-of-range`, and as `simulateDrying`
 */
export function mostBoxes(
  question: LoadQuestion,
  onTried: (boxes: number, share: number) => void = () => undefined,
): LoadAnswer {
  requireFinite({ question, onTried }, 'mostBoxes');
  const fn = 'mostBoxes';
  requireInRange(question.probability, [0.01, 0.999], { fn, param: 'probability', unit: '1' });
  requireInRange(question.mostBoxes, [1, 10_000], { fn, param: 'mostBoxes', unit: '1' });
  const tried = new Map<number, number>();
  const share = (boxes: number): number => {
    const found = tried.get(boxes) ?? inTimeShare(question, boxes);
    if (!tried.has(boxes)) onTried(boxes, found);
    tried.set(boxes, found);
    return found;
  };
  const good = (boxes: number): boolean => share(boxes) >= question.probability;
  if (good(question.mostBoxes)) {
    const all = share(question.mostBoxes);
    const shares = { share: all, shareWithOneMore: all, shareWithNone: share(0) };
    return { boxes: question.mostBoxes, ...shares, limitedBy: 'room' };
  }
  let [low, high] = [0, question.mostBoxes];
  while (high - low > 1) {
    const middle = Math.floor((low + high) / 2);
    if (good(middle)) low = middle;
    else high = middle;
  }
  return {
    boxes: low,
    share: low > 0 ? share(low) : 0,
    shareWithOneMore: share(high),
    shareWithNone: share(0),
    limitedBy: 'drying',
  };
}
