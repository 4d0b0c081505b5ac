import { foundOnce } from '../lists/foundOnce';
import { requireFinite } from '../errors';
import { pooledCapping, type CappedEstimate } from '../capping/cappedShare';
import { honeyShare, type CellShares } from '../capping/cellShares';
import { stateShares } from '../capping/expectedMoisture';
import {
  HONEY_STATES,
  type HoneyState,
  type ShakeResult,
  type StateShares,
} from '../capping/expectation';
import type { BeetleSight } from '../comb/beetleClock';
import type { MassEstimate } from '../mass/amountMass';
import type { ResidueBlock } from '../residues/residueBlocks';

/** Brood on a frame: a few cells are another matter than a nest. */
export const BROOD_AMOUNTS = ['none', 'few-cells', 'patch', 'nest'] as const;
export type BroodAmount = (typeof BROOD_AMOUNTS)[number];

/** One side of a frame as the schools see it. */
export interface SideEvidence {
  readonly shares: CellShares;
  /** null where the side holds no honey */
  readonly capped: CappedEstimate | null;
  /** what the shake test is worth, cold comb considered */
  readonly shake: ShakeResult;
}

/** A frame, or several alike that were judged at one stroke, as the schools see it. */
export interface FrameEvidence {
  readonly id: string;
  /** how many frames it stands for; `honey` is that of all of them */
  readonly count: number;
  readonly colonyId: string | null;
  readonly sides: readonly SideEvidence[];
  readonly honey: MassEstimate;
  readonly brood: BroodAmount;
  /** the keeper looked past a few cells of brood, with a reason */
  readonly broodExcused: boolean;
  readonly queenSeen: boolean;
  readonly beetles: BeetleSight;
  readonly blocks: readonly ResidueBlock[];
  /** the keeper has read the label and says that it may be taken, with a reason */
  readonly blocksCleared: boolean;
  /** section frame, cut as comb honey */
  readonly sections: { readonly ripe: number; readonly all: number } | null;
  /** read from its open cells [% water], null where not */
  readonly cellMoisturePercent: number | null;
}

const SHAKE_ORDER: readonly ShakeResult[] = ['nothing-fell', 'not-done', 'drops', 'runs'];

/** The wetter of two shake results; an untested side is worse than a clean one. */
export function worseShake(a: ShakeResult, b: ShakeResult): ShakeResult {
  return SHAKE_ORDER.indexOf(a) >= SHAKE_ORDER.indexOf(b) ? a : b;
}

/** Whether a shake result is as wet as another, or wetter. */
export function isAsWetAs(shake: ShakeResult, limit: ShakeResult): boolean {
  return SHAKE_ORDER.indexOf(shake) >= SHAKE_ORDER.indexOf(limit);
}

/** Sides that hold honey, with their capping. */
function honeySides(frame: FrameEvidence): { capped: CappedEstimate; weight: number }[] {
  return frame.sides.flatMap((side) =>
    side.capped ? [{ capped: side.capped, weight: honeyShare(side.shares) }] : [],
  );
}

/** Capped share of both sides together, null where the frame holds no honey. */
export const frameCapping = foundOnce((frame: FrameEvidence): CappedEstimate | null => {
  requireFinite({ frame }, 'frameCapping');
  const parts = honeySides(frame);
  return parts.length > 0 ? pooledCapping(parts) : null;
});

/** Capped share of the worse side [1], null where the frame holds no honey. */
export const worseSideShare = foundOnce((frame: FrameEvidence): number | null => {
  requireFinite({ frame }, 'worseSideShare');
  const shares = honeySides(frame).map((honeySide) => honeySide.capped.share);
  return shares.length > 0 ? Math.min(...shares) : null;
});

/** The wettest shake result among the sides that hold honey. */
export const frameShake = foundOnce((frame: FrameEvidence): ShakeResult =>
  frame.sides
    .filter((side) => side.capped)
    .map((side) => side.shake)
    .reduce(worseShake, 'nothing-fell'),
);

/** Mass of honey of a frame in each state [kg]. */
export const frameStateMasses = foundOnce(stateMasses);

function stateMasses(frame: FrameEvidence): Partial<Record<HoneyState, number>> {
  requireFinite({ frame }, 'frameStateMasses');
  const total = frame.sides.reduce((sum, side) => sum + honeyShare(side.shares), 0);
  const masses: Partial<Record<HoneyState, number>> = {};
  if (total === 0) return masses;
  const perShare = frame.honey.massKg / total;
  for (const { shares, shake } of frame.sides) {
    masses.capped = (masses.capped ?? 0) + shares.capped * perShare;
    masses[shake] = (masses[shake] ?? 0) + shares.open * perShare;
  }
  return masses;
}

/** State shares of several frames together, by mass of honey; null where there is none. */
export function pooledStates(frames: readonly FrameEvidence[]): StateShares | null {
  requireFinite({ frames }, 'pooledStates');
  const masses: Partial<Record<HoneyState, number>> = {};
  let total = 0;
  for (const frame of frames) {
    const own = frameStateMasses(frame);
    for (const state of HONEY_STATES) {
      const mass = own[state];
      if (mass === undefined) continue;
      masses[state] = (masses[state] ?? 0) + mass;
      total += mass;
    }
  }
  return total > 0 ? stateShares(masses) : null;
}

/** How many frames some pieces of evidence stand for. */
export function frameCount(frames: readonly FrameEvidence[]): number {
  return frames.reduce((sum, frame) => sum + frame.count, 0);
}
