import { requireFinite } from '../errors';
import { honeyShare, type CellShares } from '../capping/cellShares';

/** A frame of a brood box as the queen finds it. */
export interface BroodBoxFrame {
  readonly sides: readonly CellShares[];
}

/** Empty frames' worth of cells that a laying queen should find. @source common practice, no source */
export const ROOM_WANTED_FRAMES = 2;

/** Share of honey on frames beside the brood from which it is called hemmed in. @source common practice, no source */
const HEMMED_FROM = 0.5;

/** Whether the brood is hemmed in by honey, and what would free it. */
export interface BroodRoom {
  readonly hemmed: boolean;
  /** frames' worth of drawn, empty cells */
  readonly emptyFrames: number;
  /** drawn, empty frames to give */
  readonly framesToGive: number;
}

function shareOf(frame: BroodBoxFrame, of: (side: CellShares) => number): number {
  return frame.sides.reduce((sum, side) => sum + of(side), 0) / Math.max(1, frame.sides.length);
}

/**
 * Whether the brood has room: frames in hanging order, both sides each.
 *
 * Hemmed in means that the frames next to brood are at least half honey and fewer than two frames'
 * worth of empty cells are left in the box.
 *
 * @param frames - of one box with brood, in the order in which they hang
 * @source common practice, no source
 */
export function broodRoom(frames: readonly BroodBoxFrame[]): BroodRoom {
  requireFinite({ frames }, 'broodRoom');
  const brood = frames.map((frame) => shareOf(frame, (side) => side.brood) > 0);
  const emptyFrames = frames.reduce((sum, frame) => sum + shareOf(frame, (side) => side.empty), 0);
  const beside = frames.filter(
    (_, at) => !brood[at] && (brood[at - 1] === true || brood[at + 1] === true),
  );
  const wall =
    beside.length > 0 &&
    beside.every((broodBoxFrame) => shareOf(broodBoxFrame, honeyShare) >= HEMMED_FROM);
  const hemmed = brood.includes(true) && wall && emptyFrames < ROOM_WANTED_FRAMES;
  return {
    hemmed,
    emptyFrames,
    framesToGive: hemmed ? Math.ceil(ROOM_WANTED_FRAMES - emptyFrames - 1e-9) : 0,
  };
}
