import type { Line } from './line';

/** Where a line stands: at the beginning, or in the middle of a day. */
export interface LineState {
  /** [min after midnight] */
  readonly nowMin: number;
  readonly framesOutside: number;
  readonly framesInside: number;
  /** opened frames that wait for the extractor */
  readonly opened: number;
  /** frames that are being spun, and for how much longer [min]; null where none hangs in */
  readonly hanging: { readonly frames: number; readonly minutes: number } | null;
  readonly spunFrames: number;
  /** honey that waits for the strainer [kg] */
  readonly sumpKg: number;
  /** honey that the dry walls will still keep [kg] */
  readonly wallsLeftKg: number;
  /** in the pail under the gate [kg] */
  readonly pailKg: number;
  /** through each strainer since it was scraped [kg] */
  readonly passedKg: number;
  /** honey that must be in pails nobody ticked off: more than can wait [kg] */
  readonly untickedKg: number;
}

/** A line before it starts. */
export function freshState(line: Line): LineState {
  const framesInside = Math.min(line.frames, line.bees.framesInside);
  return {
    nowMin: line.startMin,
    framesOutside: line.frames - framesInside,
    framesInside,
    opened: 0,
    hanging: null,
    spunFrames: 0,
    sumpKg: 0,
    wallsLeftKg: line.extractor.wallsKg,
    pailKg: 0,
    passedKg: 0,
    untickedKg: 0,
  };
}
