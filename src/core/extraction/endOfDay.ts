import { requireFinite, requireInRange } from '../errors';
import type { Line } from './line';
import { honeyDoneMin, planLine } from './planLine';

/** Guesses before the search is content with what is surely done. */
const MOST_GUESSES = 12;

/**
 * Frames whose honey is strained by a time of day, from the start of work; loads of the extractor are
 * not split.
 *
 * @param endMin - [min after midnight], 0..2880; 0 frames where it lies before the start of work
 * @returns 0..line.frames
 * @throws DomainError as `planLine`, `out-of-range`
 * @source bisection over `planLine`
 */
export function framesDoneBy(line: Line, endMin: number): number {
  requireFinite({ line, endMin }, 'framesDoneBy');
  requireInRange(endMin, [0, 2880], { fn: 'framesDoneBy', param: 'endMin', unit: 'min' });
  const isDone = (frames: number): boolean =>
    frames === 0 || honeyDoneMin(planLine({ ...line, frames }).course) <= endMin;
  if (endMin <= line.startMin) return 0;
  if (isDone(line.frames)) return line.frames;
  const load = line.extractor.framesPerLoad * line.extractor.count;
  let [fits, tooMany] = [0, Math.ceil(line.frames / load)];
  for (let guess = 0; guess < MOST_GUESSES && tooMany - fits > 1; guess += 1) {
    const loads = Math.floor((fits + tooMany) / 2);
    if (isDone(loads * load)) fits = loads;
    else tooMany = loads;
  }
  return fits * load;
}
