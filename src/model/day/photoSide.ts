import {
  isTooUnclear,
  likeliest,
  photoCapping,
  photoShares,
  type CappedEstimate,
  type CellShares,
  type PhotoClass,
  type ReadSide,
  type SharePoint,
} from '../../core';
import { MARK_LETTERS, UNMARKED, markCounts, type CellLesson, type Proposal } from '../../records';

/** The letter of a point for what lies under it; a bee hides what is there. */
const LETTERS: Readonly<Record<PhotoClass, string>> = {
  capped: MARK_LETTERS.capped,
  open: MARK_LETTERS.open,
  empty: MARK_LETTERS.empty,
  brood: MARK_LETTERS.brood,
  pollen: MARK_LETTERS.brood,
  hidden: UNMARKED,
  undrawn: MARK_LETTERS.undrawn,
};

const hundredths = (chance: number): number => Math.min(100, Math.max(0, Math.round(100 * chance)));

/** A photograph that was read, as a side keeps it: letters and what they rest on. */
export function proposalOf(read: ReadSide): { points: string; proposal: Proposal } {
  return {
    points: read.points.map(({ chances }) => LETTERS[likeliest(chances)]).join(''),
    proposal: {
      touched: '0'.repeat(read.points.length),
      cells: read.points.map(({ chances }) => [
        hundredths(chances.capped),
        hundredths(chances.open),
      ]),
      tiles: read.tiles.map(({ capped, open }) => [hundredths(capped), hundredths(open)]),
      doubt: read.doubt,
    },
  };
}

/** The points after some were set by hand: what changed is the keeper's from now on. */
export function withSetPoints(before: string, after: string, proposal: Proposal): Proposal {
  const touched = [...proposal.touched].map((letter, at) =>
    before[at] === after[at] ? letter : '1',
  );
  return { ...proposal, touched: touched.join('') };
}

/** The points after one was seen to be what was proposed: it is the keeper's from now on, too. */
export const withConfirmedPoint = (proposal: Proposal, at: number): Proposal => ({
  ...proposal,
  touched: `${proposal.touched.slice(0, at)}1${proposal.touched.slice(at + 1)}`,
});

function sharePoints(points: string, { touched, cells, tiles }: Proposal): SharePoint[] {
  return cells.map((cell, at) => {
    const tile = tiles[at] ?? cell;
    const letter = points[at];
    return {
      cell: { capped: cell[0] / 100, open: cell[1] / 100 },
      tile: { capped: tile[0] / 100, open: tile[1] / 100 },
      set:
        touched[at] === '1' && letter !== UNMARKED
          ? { capped: letter === MARK_LETTERS.capped, open: letter === MARK_LETTERS.open }
          : null,
    };
  });
}

/** Capped share of a side by its photograph and what was set in it. */
export const photoCappingOf = (points: string, proposal: Proposal): CappedEstimate | null =>
  photoCapping(sharePoints(points, proposal), proposal.doubt);

/** Whether a photograph, with what was set in it, is too unclear to judge its side by. */
export function isPhotoTooUnclear(points: string, proposal: Proposal): boolean {
  const capping = photoCappingOf(points, proposal);
  return capping !== null && isTooUnclear(capping);
}

/** Shares of a side by its photograph; what holds no honey is divided as its points say. */
export function photoSharesOf(points: string, proposal: Proposal): CellShares {
  const shares = photoShares(sharePoints(points, proposal));
  const counts = markCounts(points);
  const others = counts.empty + counts.undrawn + counts.brood;
  if (others === 0) return shares;
  const part = (count: number): number => (shares.empty * count) / others;
  return {
    ...shares,
    empty: part(counts.empty),
    undrawn: part(counts.undrawn),
    brood: part(counts.brood),
  };
}

/** What a keeper set is a class again; brood and pollen share a letter. */
export function classOfLetter(letter: string, proposed: PhotoClass): PhotoClass {
  if (letter === LETTERS[proposed]) return proposed;
  const found = (Object.keys(LETTERS) as PhotoClass[]).find((name) => LETTERS[name] === letter);
  return found ?? 'hidden';
}

/** How often points were proposed on this device so far, and how often the keeper said otherwise. */
export function overruled(lessons: readonly CellLesson[]): { points: number; changed: number } {
  return lessons.reduce(
    (sum, { content }) => ({
      points: sum.points + content.points,
      changed: sum.changed + content.taps.filter((tap) => tap.is !== tap.proposed).length,
    }),
    { points: 0, changed: 0 },
  );
}
