import {
  EYE,
  cappedShareOf,
  combSideMass,
  judgedCapping,
  quickShares,
  schoolOf,
  strokeVerdict,
  summedMass,
  type FrameEvidence,
  type StrokeVerdict,
} from '../core';
import { formatOf, type Book } from './book';
import type { StrokeContent } from './stroke';

export const framesOfStroke = ({ boxes, framesPerBox }: StrokeContent): number =>
  boxes * framesPerBox;

/** So many frames for each capped tenth that was seen: in the proportions of the sample, or all alike. */
function tenthGroups(stroke: StrokeContent): Map<number, number> {
  const frames = framesOfStroke(stroke);
  if (stroke.looks.length < 2) return new Map([[stroke.cappedTenths, frames]]);
  const seen = new Map<number, number>();
  for (const { cappedTenths } of stroke.looks) {
    seen.set(cappedTenths, (seen.get(cappedTenths) ?? 0) + 1);
  }
  let left = frames;
  const groups = [...seen.entries()].map(([tenths, times], at) => {
    const share = Math.round((frames * times) / stroke.looks.length);
    const count = at === seen.size - 1 ? left : Math.min(left, share);
    left -= count;
    return [tenths, count] as const;
  });
  return new Map(groups.filter(([, count]) => count > 0));
}

/** What the schools see of frames judged at one stroke: some groups of frames alike. */
export function strokeEvidence(id: string, stroke: StrokeContent, book: Book): FrameEvidence[] {
  const format = formatOf(book, stroke.formatId);
  return [...tenthGroups(stroke)].map(([cappedTenths, count]) => {
    const shares = quickShares({
      honeyTenths: stroke.honeyTenths,
      cappedTenths,
      undrawnTenths: 0,
      broodTenths: 0,
    });
    const share = cappedShareOf(shares);
    const oneSide = combSideMass({
      areaDm2: format.areaDm2,
      honeyShare: shares.capped + shares.open,
      face: 'flush',
    });
    const one = summedMass([oneSide, oneSide]);
    const side = {
      shares,
      capped: share === null ? null : judgedCapping(share, EYE),
      shake: stroke.shake,
    };
    return {
      id: `${id}:${cappedTenths}`,
      count,
      colonyId: null,
      sides: [side, side],
      honey: {
        massKg: one.massKg * count,
        standardUncertaintyKg: one.standardUncertaintyKg * count,
      },
      brood: 'none',
      broodExcused: false,
      queenSeen: false,
      beetles: 'none',
      blocks: [],
      blocksCleared: false,
      sections: null,
      cellMoisturePercent: null,
    };
  });
}

/** What the frames looked at closely say about the rest; null before the second one. */
export function verdictOfStroke(
  stroke: StrokeContent,
  schoolId: string,
  book: Book,
): StrokeVerdict | null {
  if (stroke.looks.length < 2) return null;
  const shares = stroke.looks.map((one) => one.cappedTenths / 10);
  return strokeVerdict(
    shares,
    Math.max(shares.length, framesOfStroke(stroke)),
    schoolOf(schoolId, book.schools).ripeShare,
  );
}
