import {
  beliefDraw,
  priorBelief,
  runUnder,
  triangleOf,
  type DryingBelief,
} from '../warmRoom/dryingBelief';
import { forecaster, moistureAt, type ForecastDraw } from '../warmRoom/forecast';
import { learnDrying, type DryingObservation } from '../warmRoom/learnDrying';
import { simulateDrying } from '../warmRoom/solver/simulateDrying';
import { normalDraws, seededRandom } from '../stats/seededRandom';
import { boxes, inRoom } from './dryingRuns';

/** A season of rooms: how much faster they really dry than assumed, and what is read on the way. */
export interface DryingWorld {
  readonly name: string;
  /** factors on all rates, taken in turn; none: drawn from what is believed */
  readonly faster: readonly number[];
  /** days on which the boxes are read */
  readonly readOn: readonly number[];
  /** days on which the band is held against the truth */
  readonly heldOn: readonly number[];
}

const START_SPREAD = 0.4;
const READING_STANDARD = 0.3;
const RATES = 3;

/** Share of the rooms in which the 90 % band holds the truth, over all days held. */
export function bandCoverage(
  world: DryingWorld,
  rooms: number,
  draws: number,
  seed: number,
): number {
  const random = normalDraws(seededRandom(seed));
  const days = [...new Set([...world.readOn, ...world.heldOn])].sort((a, b) => a - b);
  const run = inRoom([boxes(10, { temperatureC: 25 })], { reportDays: [0, ...days] });
  const prior = priorBelief([START_SPREAD]);
  const triangle = triangleOf(prior);
  const coursesOf = (belief: DryingBelief): ForecastDraw[] => {
    const draw = forecaster({ run, belief, targets: [17] });
    return Array.from({ length: draws }, (_, number) => draw(number));
  };
  let drawn: ForecastDraw[] | null = null;
  let [held, all] = [0, 0];
  for (let room = 0; room < rooms; room += 1) {
    const values = beliefDraw(prior, triangle, 100_000 + seed + room).values.map((value, at) => {
      const factor = world.faster[room % Math.max(1, world.faster.length)];
      return factor === undefined || at >= RATES ? value : Math.log(factor);
    });
    const { moments } = simulateDrying(runUnder(run, { values }));
    const truth = (day: number): number =>
      moments[1 + days.indexOf(day)]!.batches.get('a')!.meanPercent;
    const observations = world.readOn.map((day): DryingObservation => {
      const percent = truth(day) + READING_STANDARD * random();
      return { batch: 0, day, of: 'all', percent, standardUncertainty: READING_STANDARD };
    });
    const { belief } = learnDrying(run, prior, observations);
    // Without a reading every room is reported the same.
    const courses: ForecastDraw[] = drawn && observations.length === 0 ? drawn : coursesOf(belief);
    drawn = courses;
    for (const day of world.heldOn) {
      const { low, high } = moistureAt(courses, 0, 1 + days.indexOf(day));
      all += 1;
      if (truth(day) >= low && truth(day) <= high) held += 1;
    }
  }
  return held / all;
}

/** Rows of the table with what is wanted of each [%]. */
export const DRYING_ROWS: readonly { world: DryingWorld; wanted: readonly [number, number] }[] = [
  {
    world: { name: 'as assumed, no reading', faster: [], readOn: [], heldOn: [3, 7] },
    wanted: [87, 91],
  },
  {
    world: { name: 'as assumed, after two readings', faster: [], readOn: [1, 3], heldOn: [4, 7] },
    wanted: [87, 91],
  },
  {
    world: {
      name: 'twice or half as fast, no reading, day 3',
      faster: [2, 0.5],
      readOn: [],
      heldOn: [3],
    },
    wanted: [80, 100],
  },
  {
    world: { name: 'the same, day 7', faster: [2, 0.5], readOn: [], heldOn: [7] },
    wanted: [75, 100],
  },
  {
    world: {
      name: 'the same after two readings, days 4 to 7',
      faster: [2, 0.5],
      readOn: [1, 3],
      heldOn: [4, 5, 6, 7],
    },
    wanted: [82, 100],
  },
];
