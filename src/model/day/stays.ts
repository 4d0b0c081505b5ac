import type { CombStay } from '../../core';
import type { BoxContent, FrameContent } from '../../records';
import { boxOf, type Book } from './book';
import { dayNumber } from '../days';

interface Stretch {
  readonly from: string | null;
  readonly to: string | null;
}

const later = (a: string | null, b: string | null): string | null =>
  a === null ? b : b === null || a >= b ? a : b;
const earlier = (a: string | null, b: string | null): string | null =>
  a === null ? b : b === null || a <= b ? a : b;

function common(a: Stretch, b: Stretch): Stretch | null {
  const both = { from: later(a.from, b.from), to: earlier(a.to, b.to) };
  return both.from !== null && both.to !== null && both.from > both.to ? null : both;
}

/** Where a box stood, now and before. */
function boxStays(box: BoxContent) {
  const now =
    box.colonyId === null
      ? []
      : [{ colonyId: box.colonyId, role: box.role, onDay: box.onDay, offDay: box.offDay }];
  return [...box.earlier, ...now];
}

/** Where a frame hung, now and before. */
function framePlaces(frame: FrameContent) {
  const now = { boxId: frame.boxId, sinceDay: frame.sinceDay, untilDay: null };
  return [...frame.earlier, now];
}

/**
 * The stays of a comb on hives: when its frame hung in a box while that box stood on a hive. Comb
 * from the brood nest counts as such wherever it hangs.
 */
export function combStays(frame: FrameContent, book: Book): CombStay[] {
  return framePlaces(frame).flatMap(({ boxId, sinceDay, untilDay }) => {
    const box = boxOf(book, boxId);
    if (!box) return [];
    return boxStays(box.content).flatMap(({ colonyId, role, onDay, offDay }) => {
      const both = common({ from: sinceDay, to: untilDay }, { from: onDay, to: offDay });
      if (!both) return [];
      return [
        {
          colonyId,
          fromDay: both.from === null ? null : dayNumber(both.from),
          toDay: both.to === null ? null : dayNumber(both.to),
          as: frame.formerBrood ? 'brood' : role,
        },
      ];
    });
  });
}

/** The stays of a whole box on hives, for combs that were judged with their box. */
export function boxCombStays(box: BoxContent): CombStay[] {
  return boxStays(box).map(({ colonyId, role, onDay, offDay }) => ({
    colonyId,
    fromDay: onDay === null ? null : dayNumber(onDay),
    toDay: offDay === null ? null : dayNumber(offDay),
    as: role,
  }));
}

/** Stays as they were up to a day: what a hive was given later does not touch comb that was gone. */
export function staysUpTo(stays: readonly CombStay[], day: number): CombStay[] {
  return stays
    .filter((stay) => (stay.fromDay ?? -Infinity) <= day)
    .map((stay) => ({ ...stay, toDay: Math.min(stay.toDay ?? Infinity, day) }));
}
