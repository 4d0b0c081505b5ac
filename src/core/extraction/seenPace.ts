import { requireFinite } from '../errors';
import { honeyDoneMin } from './planLine';
import type { Line } from './line';
import {
  LOAD_SPREAD,
  PAIL_SPREAD,
  ratioOf,
  strainingRatio,
  workMinutes,
  type LineTicks,
} from './lineProgress';
import type { PastDay, SeenPace } from './pastPace';
import { simulateLine } from './simulateLine';

/** A day that took so much longer or shorter than planned was no such day [1]. @source our choice */
const BELIEVED: readonly [number, number] = [0.25, 4];

/** The whole day by that planned for it, where nothing but its end is known; null where that tells nothing. */
function wholeDay(line: Line, plannedMin: number, finishedMin: number | null): PastDay['hands'] {
  if (finishedMin === null) return null;
  const took = workMinutes(line.breaks, line.startMin, finishedMin);
  const expected = workMinutes(line.breaks, line.startMin, plannedMin);
  const ratio = expected > 0.5 ? took / expected : 0;
  if (ratio < BELIEVED[0] || ratio > BELIEVED[1]) return null;
  return { log: Math.log(ratio), spread: LOAD_SPREAD };
}

/**
 * What a day that is over, or under way, showed of its pace against the plan.
 *
 * @param finishedMin - when its honey was done [min after midnight], where that is all that is known of
 *   it; null for a day that is not over
 * @throws DomainError as `simulateLine`
 */
export function seenPace(line: Line, ticks: LineTicks, finishedMin: number | null = null): PastDay {
  requireFinite({ line, ticks, finishedMin: finishedMin ?? 0 }, 'seenPace');
  const course = simulateLine(line);
  const outs = course.loads.map((load) => load.outMin).sort((a, b) => a - b);
  const seen = (ratio: number | null, count: number, each: number): SeenPace | null =>
    ratio === null || count < 1 ? null : { log: Math.log(ratio), spread: each / Math.sqrt(count) };
  const hands =
    ticks.loadsOutMin.length === 0
      ? wholeDay(line, honeyDoneMin(course), finishedMin)
      : seen(ratioOf(line, ticks.loadsOutMin, outs), ticks.loadsOutMin.length, LOAD_SPREAD);
  const straining = strainingRatio(line, ticks.pailsFullMin, Math.exp(hands?.log ?? 0));
  return {
    hands,
    straining: seen(straining, ticks.pailsFullMin.length - 1, PAIL_SPREAD),
  };
}
