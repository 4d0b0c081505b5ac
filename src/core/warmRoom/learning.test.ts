import { describe, expect, test } from '@jest/globals';
import { draws } from '../test/draws';
import { boxes, inRoom } from '../test/dryingRuns';
import { inTimeShare, mostBoxes, type LoadQuestion } from './capacity';
import {
  FACTORS,
  RATE_DOF,
  beliefDraw,
  factorBelief,
  priorBelief,
  runUnder,
  triangleOf,
} from './dryingBelief';
import {
  forecaster,
  likelyCourse,
  moistureBand,
  readyByDay,
  readyForecast,
  type ForecastTask,
} from './forecast';
import { expectedObservation, learnDrying, type DryingObservation } from './learnDrying';
import { simulateDrying } from './solver/simulateDrying';

const DAYS = Array.from({ length: 29 }, (_, at) => at / 4);
const run = inRoom([boxes(10, { temperatureC: 25 })], { reportDays: DAYS });
const prior = priorBelief([0.4]);

/** What would be read if the honey gave its water so much faster, and started so much wetter. */
function truth(values: readonly number[]): DryingObservation[] {
  const { moments } = simulateDrying(runUnder({ ...run, reportDays: [1, 2, 3] }, { values }));
  return moments.flatMap(({ day, batches }) => {
    const [openPart, cappedPart] = batches.get('a')!.parts;
    const base = { batch: 0, day, standardUncertainty: 0.2 };
    return [
      { ...base, of: 'open' as const, percent: openPart!.meanPercent },
      { ...base, of: 'capped' as const, percent: cappedPart!.meanPercent },
    ];
  });
}

const fast = [0.5, 0, 0.3, 0, 0, 0.3];

describe('learning from readings', () => {
  const learned = learnDrying(run, prior, truth(fast));

  test('finds the truth that the readings came from, within what is believed afterwards', () => {
    expect(learned.status).toBe('converged');
    fast.forEach((value, at) => {
      const doubt = Math.sqrt(learned.belief.covariance[at]![at]!);
      expect(Math.abs(learned.belief.mean[at]! - value)).toBeLessThan(2 * doubt);
    });
    expect(learned.belief.mean[0]).toBeGreaterThan(0.2);
  });

  test('one more degree of freedom a reading; readings far off widen, readings as expected narrow', () => {
    const off = truth(fast).map((dryingObservation) => ({
      ...dryingObservation,
      percent: dryingObservation.percent + 3,
    }));
    const widths = [truth([0, 0, 0, 0, 0, 0]), off].map((observations) => {
      const { belief } = learnDrying(run, prior, observations);
      expect(belief.degreesOfFreedom).toBe(RATE_DOF + observations.length);
      return belief.covariance[0]![0]!;
    });
    expect(widths[1]!).toBeGreaterThan(2 * widths[0]!);
  });

  test('residuals are in units of the uncertainty of each reading', () => {
    const [first] = truth(fast);
    for (const standardUncertainty of [0.1, 0.4]) {
      const observation = { ...first!, standardUncertainty };
      const { belief, residuals } = learnDrying(run, prior, [observation]);
      const { mean } = expectedObservation(run, belief, observation);
      expect(residuals).toHaveLength(1);
      expect(residuals[0]! * standardUncertainty).toBeCloseTo(observation.percent - mean, 2);
    }
  });

  test('a reading in doubt pulls less than a sure one', () => {
    const pulled = [0.1, 0.4, 2].map((standardUncertainty) => {
      const [first] = truth(fast);
      return learnDrying(run, prior, [{ ...first!, standardUncertainty }]).belief.mean[0]!;
    });
    expect(pulled[0]!).toBeGreaterThan(1.3 * pulled[1]!);
    expect(pulled[1]!).toBeGreaterThan(1.3 * pulled[2]!);
  });

  test('every doubt is at most what it was before', () => {
    learned.belief.covariance.forEach((row, at) => {
      expect(row[at]!).toBeLessThanOrEqual(prior.covariance[at]![at]! + 1e-9);
    });
    const [before, after] = [prior, learned.belief].map(
      (dryingBelief) => dryingBelief.covariance[0]![0]!,
    );
    expect(after! / before!).toBeLessThan(0.5);
  });

  test('agrees with weighting draws of the prior by the readings, another way to the same', () => {
    const observations = truth(fast);
    const normal = { ...prior, degreesOfFreedom: Infinity };
    const found = learnDrying(run, normal, observations);
    const triangle = triangleOf(normal);
    let [weights, sum, square] = [0, 0, 0];
    for (let number = 0; number < draws(500, 2000); number += 1) {
      const { values } = beliefDraw(normal, triangle, number);
      const { moments } = simulateDrying({
        ...runUnder({ ...run, reportDays: [1, 2, 3] }, { values }),
        nodes: 8,
      });
      const misfit = observations.reduce((total, observation) => {
        const moment = moments[observation.day - 1]!.batches.get('a')!;
        const expected = moment.parts[observation.of === 'open' ? 0 : 1]!.meanPercent;
        return total + ((observation.percent - expected) / observation.standardUncertainty) ** 2;
      }, 0);
      const weight = Math.exp(-misfit / 2);
      weights += weight;
      sum += weight * values[0]!;
      square += weight * values[0]! ** 2;
    }
    const mean = sum / weights;
    const spread = Math.sqrt(square / weights - mean ** 2);
    const own = Math.sqrt(found.belief.covariance[0]![0]!);
    expect(Math.abs(found.belief.mean[0]! - mean)).toBeLessThan(0.15);
    expect(Math.abs(own / spread - 1)).toBeLessThan(0.4);
  });

  test('without readings the prior stays, and what was learned of the room starts the next season', () => {
    expect(learnDrying(run, prior, []).belief).toBe(prior);
    const next = priorBelief([0.5, 0.5], factorBelief(learned.belief));
    expect(next.mean.slice(0, FACTORS.length)).toEqual(
      learned.belief.mean.slice(0, FACTORS.length),
    );
    expect(next.mean.slice(FACTORS.length)).toEqual([0, 0]);
    expect(next.covariance[0]![0]).toBe(learned.belief.covariance[0]![0]);
    expect(next.covariance[5]![5]).toBeCloseTo(0.25, 12);
  });
});

describe('the forecast', () => {
  const task: ForecastTask = { run, belief: prior, targets: [17] };
  const many = (forecastTask: ForecastTask, count = draws(80, 240)) => {
    const draw = forecaster(forecastTask);
    return Array.from({ length: count }, (_, number) => draw(number));
  };

  test('has a band about the most likely course, and says by when', () => {
    const drawn = many(task);
    const band = moistureBand(drawn, 0);
    const course = likelyCourse(task);
    const last = DAYS.length - 1;
    expect(band.low[last]).toBeLessThan(course.percent[0]![last]!);
    expect(band.high[last]).toBeGreaterThan(course.percent[0]![last]!);
    const ready = readyForecast(drawn, 0);
    expect(ready.earlyDay).toBeLessThan(ready.likelyDay);
    expect(ready.likelyDay).toBeLessThanOrEqual(ready.lateDay);
    expect(ready.within).toBeGreaterThan(0.3);
    // by the median day half of the courses are ready, before the first none, at the end all that ever are
    expect(readyByDay(drawn, 0, ready.likelyDay)).toBeGreaterThanOrEqual(0.5);
    expect(readyByDay(drawn, 0, ready.likelyDay - 1e-9)).toBeLessThanOrEqual(0.5);
    expect(readyByDay(drawn, 0, 0)).toBe(0);
    expect(readyByDay(drawn, 0, 1e6)).toBe(ready.within);
  });

  test('narrows after readings', () => {
    const belief = learnDrying(run, prior, truth(fast)).belief;
    const width = (drawn: ReturnType<typeof many>) => {
      const { low, high } = moistureBand(drawn, 0);
      return high[16]! - low[16]!;
    };
    expect(width(many({ ...task, belief }))).toBeLessThan(0.7 * width(many(task)));
  });

  test('a draw is the same whoever makes it', () => {
    expect(forecaster(task)(7)).toEqual(forecaster(task)(7));
    expect(forecaster(task)(7)).not.toEqual(forecaster(task)(8));
  });

  test('a target not reached is said to be beyond the run', () => {
    const ready = readyForecast(many({ ...task, targets: [12.5] }, 40), 0);
    expect(ready.likelyDay).toBe(Infinity);
    expect(ready.within).toBeLessThan(0.5);
  });
});

describe('the most that can be loaded', () => {
  const empty: ForecastTask = {
    run: inRoom([], { reportDays: [0, 1, 2, 3] }),
    belief: priorBelief([]),
    targets: [],
  };
  const question: LoadQuestion = {
    task: empty,
    box: [
      { surface: 'open', massKg: 5, moisturePercent: 19.5 },
      { surface: 'capped', massKg: 10, moisturePercent: 17.2 },
    ],
    temperatureC: 25,
    airFactor: 0.8,
    tareKg: 8,
    inDay: 0,
    targetPercent: 17,
    startSpreadPercent: 0.2,
    probability: 0.8,
    mostBoxes: 240,
    draws: draws(16, 40),
  };

  test('is found by halving as by trying every load', () => {
    const answer = mostBoxes(question);
    const shares = Array.from({ length: 12 }, (_, at) => 20 * (at + 1)).map((count) => ({
      count,
      share: inTimeShare(question, count),
    }));
    const good = shares.filter((share) => share.share >= 0.8).map((share) => share.count);
    expect(answer.limitedBy).toBe('drying');
    expect(answer.boxes).toBeGreaterThanOrEqual(Math.max(0, ...good));
    expect(answer.boxes).toBeLessThan(Math.max(0, ...good) + 20);
    expect(answer.share).toBeGreaterThanOrEqual(0.8);
    expect(answer.shareWithOneMore).toBeLessThan(0.8);
    expect(answer.shareWithNone).toBe(1);
  });

  test('is nothing where not even one box dries in time, and the room where it all would', () => {
    expect(mostBoxes({ ...question, targetPercent: 14 }).boxes).toBe(0);
    const all = mostBoxes({ ...question, targetPercent: 19 });
    expect(all).toMatchObject({ boxes: 240, limitedBy: 'room' });
  });

  test('tells of every load tried, and can be given up', () => {
    const stop = () => {
      throw new Error('given up');
    };
    expect(() => mostBoxes(question, stop)).toThrow('given up');
  });
});
