import { createSelector, lruMemoize } from '@reduxjs/toolkit';
import { groupBy } from '../../core';
import type { Snapshot } from '../../db';
import {
  bookOf,
  framesToAsk,
  honeyHouseOf,
  keptLotFiles,
  pouredLines,
  roomFilesOf,
  ruledLots,
  storeOf,
  traceOf,
  ledgerOf,
  type RelatedRecords,
} from '../../model';
import {
  BLEND_KINDS,
  BOOK_KINDS,
  EXTRACTION_KINDS,
  LOT_KINDS,
  WARM_ROOM_KINDS,
  current,
  rivalriesOf,
  type AnyRecord,
  type Frame,
  type RecordKind,
  type RecordOf,
} from '../../records';

/**
 * What pages show of a workspace, each part made when a page first asks for it and made again only when
 * the kinds of record that it rests on have news.
 */
export interface WorkspaceModel {
  readonly snapshot: Snapshot;
  /** the moment up to which what happened to honey counts; the end of this hour [ms] */
  readonly nowMs: number;
}

const NO_ROWS: readonly AnyRecord[] = [];

const rowsOf =
  (kind: RecordKind) =>
  ({ snapshot }: WorkspaceModel): readonly AnyRecord[] =>
    snapshot.rows.get(kind) ?? NO_ROWS;

/** A part of the model that rests on some kinds of record. */
function partOf<T>(kinds: readonly RecordKind[], make: (records: readonly AnyRecord[]) => T) {
  const rows = kinds.map(rowsOf);
  return createSelector(rows, (...parts: (readonly AnyRecord[])[]) => make(parts.flat()));
}

/** What holds of one kind: the last revision of each thing, without those withdrawn. */
export function currentOf<K extends RecordKind>(kind: K) {
  return partOf([kind], (records) =>
    current(records).filter((record): record is RecordOf<K> => record.kind === kind),
  );
}

/** Places, hives, boxes, flows, days, what was given, own kinds, meters. */
export const selectBook = partOf(BOOK_KINDS, bookOf);

/** Warm rooms with what is in them. */
export const selectRooms = partOf(WARM_ROOM_KINDS, roomFilesOf);

/** Days at the line, tools and stock. */
export const selectHoneyHouse = partOf(EXTRACTION_KINDS, honeyHouseOf);

/** Blends, the latest first, with what was poured. */
export const selectBlends = partOf(BLEND_KINDS, (records) => {
  const now = current(records);
  const blends = now.filter((record) => record.kind === 'blend');
  return {
    blends: blends.sort((a, b) => b.content.day.localeCompare(a.content.day)),
    ticks: now.filter((record) => record.kind === 'blend-tick'),
  };
});

/** All lots. */
export const selectLots = partOf(LOT_KINDS, keptLotFiles());

const selectFrames = currentOf('frame');
const selectChoices = partOf(['merge-choice'], (records) => records);

function isSameMap<T>(a: ReadonlyMap<string, T>, b: ReadonlyMap<string, T>): boolean {
  return a.size === b.size && [...a].every(([key, value]) => b.get(key) === value);
}

/** What comes out the same is handed on as the same, so that nothing further is made anew. */
const UNLESS_SAME = { memoize: lruMemoize, memoizeOptions: { resultEqualityCheck: isSameMap } };

/** Frames that rulings ask about. Judging other frames is no news to rulings. */
const selectAskedFrames = createSelector(
  [selectFrames, selectLots, selectBook],
  (frames, lots, book): ReadonlyMap<string, Frame> => {
    const asked = new Set(lots.flatMap((lot) => framesToAsk(lot, book)));
    return new Map(
      frames.filter((frame) => asked.has(frame.entityId)).map((frame) => [frame.entityId, frame]),
    );
  },
  UNLESS_SAME,
);

const selectSetAside = createSelector(
  [({ snapshot }: WorkspaceModel) => snapshot.aside],
  (aside): ReadonlyMap<string, number> =>
    new Map(
      [...groupBy(aside, (rowSetAside) => rowSetAside.ownerId)].map(([id, own]) => [
        id,
        own.length,
      ]),
    ),
  UNLESS_SAME,
);

/** What of lots and of the book was changed in two places, and waits for a choice. */
export const selectRivalries = partOf([...LOT_KINDS, ...BOOK_KINDS, 'merge-choice'], rivalriesOf);

const selectWork = createSelector(
  [selectBook, selectRooms, selectHoneyHouse, selectBlends],
  (book, rooms, house, { blends, ticks }) => ({
    book,
    rooms,
    house,
    blends,
    poured: pouredLines(blends, ticks),
  }),
);

const selectMarks = createSelector(
  [selectAskedFrames, selectSetAside, selectChoices, ({ nowMs }: WorkspaceModel) => nowMs],
  (frames, setAside, choices, nowMs) => ({ frames, setAside, choices, nowMs }),
  { memoize: lruMemoize },
);

/** What rooms, days at the line, blends and hives tell of lots. */
const selectRelated = createSelector([selectWork, selectMarks], (work, marks): RelatedRecords => ({
  ...work,
  ...marks,
}));

/** All lots with what they teach about each other. */
export const selectLedger = createSelector([selectLots, selectRelated], ledgerOf);

/** All lots with the ruling on the evidence at hand. */
export const selectRuledLots = createSelector([selectLedger], ruledLots);

/** Containers and jars of ruled lots with what is left in them. */
export const selectStore = createSelector(
  [selectLedger, selectRuledLots],
  ({ related }, { ruled }) => storeOf(ruled, related.poured),
);

/** What honey passed through, of all lots. */
export const selectTrace = createSelector(
  [selectLedger],
  ({ files, related: { book, rooms, house, blends, poured } }): ReturnType<typeof traceOf> =>
    traceOf({ files, book, rooms, house, blends, poured }),
);
