import {
  ASSUMED_DEPTH,
  COPY,
  TARE_RELATIVE_UNCERTAINTY,
  cappedShareOf,
  combSideMass,
  combinedMass,
  countedCapping,
  countedShares,
  glanceOf,
  honeyShare,
  interpretReading,
  judgedCapping,
  learnedDepth,
  netHeft,
  quickShares,
  residueBlocks,
  summedMass,
  trustedShake,
  withoutBias,
  type CappedEstimate,
  type CellShares,
  type CombDepth,
  type FrameEvidence,
  type KnownEye,
  type MassEstimate,
  type SideEvidence,
} from '../../core';
import {
  type FrameCheckContent,
  type FrameContent,
  isMarked,
  markCounts,
  type Side,
} from '../../records';
import { photoCappingOf, photoSharesOf } from './photoSide';
import { boxOf, formatOf, type Book } from './book';
import { combStays } from './stays';

/** A look at a frame with the frame it is about; saved, or still being tapped. */
export interface FrameCase {
  readonly frameId: string;
  readonly frame: FrameContent;
  readonly check: FrameCheckContent;
}

/** What a heft may be off by, either way [kg]: by hand, on a scale. @source common practice, no source */
export const HEFT_PLUS_MINUS_KG = { hand: 0.6, scale: 0.1 } as const;

function marksInUse(side: Side): string | null {
  if (side.method === 'points') return side.points;
  return side.method === 'paint' ? side.cells : null;
}

/** Shares of a side judged at a glance, less what the eye is known to be off by. */
function glancedShares(side: Side, eye: KnownEye | null): CellShares {
  const shares = quickShares(side.quick);
  const share = cappedShareOf(shares);
  if (!eye || share === null) return shares;
  const honey = honeyShare(shares);
  const capped = honey * withoutBias(Math.min(1, share), eye);
  return { ...shares, capped, open: honey - capped };
}

/** Shares of a side by the method in use; by eye where nothing is marked yet. */
export function sharesOf(side: Side, eye: KnownEye | null = null): CellShares {
  const marks = marksInUse(side);
  const { proposal } = side;
  if (side.method === 'points' && proposal && marks) return photoSharesOf(marks, proposal);
  return isMarked(marks) ? countedShares(markCounts(marks)) : glancedShares(side, eye);
}

/**
 * Capped share of a side with its interval, null where it holds no honey. What an eye is known to be
 * off by is taken off a glance, never off what was counted or painted.
 */
export function cappingOf(side: Side, eye: KnownEye | null = null): CappedEstimate | null {
  const marks = marksInUse(side);
  if (side.method === 'points' && side.proposal && marks)
    return photoCappingOf(marks, side.proposal);
  if (side.method === 'points' && isMarked(marks)) {
    const { capped, open } = markCounts(marks);
    return capped + open > 0 ? countedCapping(capped, open) : null;
  }
  const share = cappedShareOf(sharesOf(side));
  if (share === null) return null;
  const seen = Math.min(1, share);
  return isMarked(marks) ? judgedCapping(seen, COPY) : glanceOf(seen, eye);
}

function sideEvidence(side: Side, { combTemperatureC, eye }: FrameCheckContent): SideEvidence {
  return {
    shares: sharesOf(side, eye),
    capped: cappingOf(side, eye),
    shake: trustedShake({ result: side.shake, combTemperatureC }),
  };
}

/** Honey of a frame by looking, and by its weight where somebody weighed it and no brood is in it. */
function honeyTwoWays({ frame, check }: FrameCase, book: Book, depth: CombDepth) {
  const box = boxOf(book, frame.boxId);
  const format = formatOf(book, box?.content.formatId ?? '');
  const byLook = summedMass(
    check.sides.map((side) =>
      combSideMass(
        { areaDm2: format.areaDm2, honeyShare: honeyShare(sharesOf(side)), face: side.face },
        depth,
      ),
    ),
  );
  if (!check.heft || check.brood !== 'none' || byLook.massKg === 0) return { byLook, byHeft: null };
  const byHeft = netHeft(
    { grossKg: check.heft.grossKg, plusMinusKg: HEFT_PLUS_MINUS_KG[check.heft.by] },
    format.frameTareKg,
    format.frameTareKg * TARE_RELATIVE_UNCERTAINTY,
  );
  return { byLook, byHeft };
}

function honeyOf(frameCase: FrameCase, book: Book, depth: CombDepth): MassEstimate {
  const { byLook, byHeft } = honeyTwoWays(frameCase, book, depth);
  return byHeft ? combinedMass(byLook, byHeft) : byLook;
}

/** How deep the keeper's comb is, from the frames among these that were weighed on a scale. */
export function depthOf(cases: readonly FrameCase[], book: Book): CombDepth {
  const weighed = cases.flatMap((frameCase) => {
    const { byLook, byHeft } = honeyTwoWays(frameCase, book, ASSUMED_DEPTH);
    if (!byHeft || frameCase.check.heft?.by !== 'scale') return [];
    const { massKg: byWeightKg, standardUncertaintyKg: weightStandardKg } = byHeft;
    return [{ byLookKg: byLook.massKg, byWeightKg, weightStandardKg }];
  });
  return learnedDepth(weighed);
}

function piecesOf(pieces: string | null): FrameEvidence['sections'] {
  return pieces === null ? null : { ripe: pieces.split('r').length - 1, all: pieces.length };
}

function cellMoisture({ cellReading }: FrameCheckContent): number | null {
  if (!cellReading) return null;
  const temperatureC = cellReading.temperatureC;
  const read = interpretReading({ ...cellReading, temperatureC });
  return read.status === 'read' ? read.moisturePercent : null;
}

/** What the schools see of a frame: the look at it, and what its hive was given. */
export function frameEvidenceFrom(
  frameCase: FrameCase,
  book: Book,
  depth: CombDepth = ASSUMED_DEPTH,
): FrameEvidence {
  const { frameId, frame, check } = frameCase;
  const box = boxOf(book, frame.boxId);
  return {
    id: frameId,
    count: 1,
    colonyId: frame.hiveId ?? box?.content.colonyId ?? null,
    sides: check.sides.map((side) => sideEvidence(side, check)),
    honey: honeyOf(frameCase, book, depth),
    brood: check.brood,
    broodExcused: check.broodExcuse !== '',
    queenSeen: check.queenSeen,
    beetles: check.beetles,
    blocks: residueBlocks(combStays(frame, book), book.given),
    blocksCleared: check.blockExcuse !== '',
    sections: piecesOf(check.pieces),
    cellMoisturePercent: cellMoisture(check),
  };
}
