import { requireFinite, requireInRange, requireWhole } from '../errors';
import { LONGEST_MIN, type Line } from './line';

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

/** Frames and kilograms that a state may hold, minutes that its clock may show. */
const MOST_FRAMES = 20_000;
const MOST_KG = 1e6;

/**
 * Checks that a day can stand so.
 *
 * @throws DomainError `out-of-range` with the field
 */
export function requireState(state: LineState): void {
  const fn = 'requireState';
  requireFinite({ state }, fn);
  const { nowMin, framesOutside, framesInside, opened, spunFrames, hanging } = state;
  requireInRange(nowMin, [-LONGEST_MIN, LONGEST_MIN], { fn, param: 'nowMin', unit: 'min' });
  const frames = { framesOutside, framesInside, opened, spunFrames, hanging: hanging?.frames ?? 0 };
  for (const [param, count] of Object.entries(frames)) {
    requireWhole(count, [0, MOST_FRAMES], { fn, param, unit: '1' });
  }
  requireInRange(hanging?.minutes ?? 0, [0, LONGEST_MIN], { fn, param: 'hanging', unit: 'min' });
  const { sumpKg, wallsLeftKg, pailKg, passedKg, untickedKg } = state;
  for (const [param, kg] of Object.entries({ sumpKg, wallsLeftKg, pailKg, passedKg, untickedKg })) {
    requireInRange(kg, [-1e-6, MOST_KG], { fn, param, unit: 'kg' });
  }
}

/** A line before it starts. */
export function freshState(line: Line): LineState {
  requireFinite({ line }, 'freshState');
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
