import { requireFinite } from '../errors';
import { normalDraws, seededRandom } from '../stats/seededRandom';
import type { Line } from './line';
import type { LineStage, Vary } from './lineRun';
import type { LineState } from './lineState';
import { honeyDoneMin } from './planLine';
import { simulateLine } from './simulateLine';

/** How sure the pace of a line is, as spreads of logarithms. */
export interface LineDoubt {
  /** of hands and motor on this day against the rates, one standard deviation [1] */
  readonly hands: number;
  /** of the strainer [1] */
  readonly straining: number;
}

/**
 * Before the day has begun: a strainer twice as slow as calculated is no surprise.
 *
 * @source common practice, no source
 */
export const LINE_DOUBT: LineDoubt = { hands: 0.2, straining: 0.55 };

/** From one task to the next of the same kind, spread of the logarithm [1]. @source common practice, no source */
const TASK_SPREAD: Readonly<Record<LineStage, number>> = {
  hands: 0.25,
  spinning: 0.05,
  straining: 0.1,
};

/** One day that may come. */
export interface LineDraw {
  readonly spunMin: number;
  readonly doneMin: number;
  readonly mostWaitingKg: number;
}

/** The question of a day: the line, where it stands, and how sure its pace is. */
export interface LineTask {
  readonly line: Line;
  readonly state: LineState;
  readonly doubt: LineDoubt;
}

/** Factors of one day: what holds all day times what changes from task to task; its mean is 1. */
function dayVary(doubt: LineDoubt, seed: number): Vary {
  const normal = normalDraws(seededRandom(0x51ab1e + 7919 * seed));
  const factor = (spread: number): number => Math.exp(spread * normal() - spread ** 2 / 2);
  const day: Readonly<Record<LineStage, number>> = {
    hands: factor(doubt.hands),
    spinning: 1,
    straining: factor(doubt.straining),
  };
  return (stage) => day[stage] * factor(TASK_SPREAD[stage]);
}

/**
 * One of many possible days, by its number.
 *
 * @throws DomainError as `simulateLine`
 */
export function lineDraw({ line, state, doubt }: LineTask, number: number): LineDraw {
  requireFinite({ line, state, doubt, number }, 'lineDraw');
  const course = simulateLine(line, { state, vary: dayVary(doubt, number) });
  const { spunMin, mostWaitingKg } = course;
  return { spunMin, doneMin: honeyDoneMin(course), mostWaitingKg };
}

/** Between what the end of the day lies [min after midnight]. */
export interface DoneBand {
  readonly early: number;
  readonly likely: number;
  readonly late: number;
}

function quantile(sorted: readonly number[], share: number): number {
  const place = share * (sorted.length - 1);
  const at = Math.min(sorted.length - 2, Math.floor(place));
  if (at < 0) return sorted[0] ?? NaN;
  return sorted[at]! + (place - at) * (sorted[at + 1]! - sorted[at]!);
}

/** The middle nine tenths of many days; NaN without any. */
export function doneBand(draws: readonly LineDraw[], of: 'spunMin' | 'doneMin'): DoneBand {
  requireFinite({ draws, of }, 'doneBand');
  const sorted = draws.map((draw) => draw[of]).sort((a, b) => a - b);
  return {
    early: quantile(sorted, 0.05),
    likely: quantile(sorted, 0.5),
    late: quantile(sorted, 0.95),
  };
}
