import { amountMass } from '../../core';
import {
  type Packing,
  type PlaceKind,
  type Purpose,
  PURPOSES,
  type StoreMove,
  vesselId,
} from '../../records';
import { vesselLabel } from '../lot/lotEvidence';
import type { LotFile } from '../lot/lotFile';
import type { PouredLine } from './pouring';

/** Where a vessel stands. */
export interface StoragePlace {
  readonly kind: PlaceKind;
  readonly place: string;
  /** [°C], null for what is usual there */
  readonly temperatureC: number | null;
}

/** One vessel of a lot in the store. */
export interface StoredVessel {
  readonly id: string;
  readonly lotId: string;
  readonly lotCode: string;
  readonly lotName: string;
  readonly containerId: string;
  readonly item: number;
  readonly label: string;
  /** in it at first and now [kg]; null where nobody weighed it */
  readonly firstKg: number | null;
  readonly leftKg: number | null;
  /** when it was first opened, null for never */
  readonly openedAt: string | null;
  readonly storedAt: StoragePlace | null;
  readonly isEmpty: boolean;
}

const byTime = (moves: readonly StoreMove[]): StoreMove[] =>
  [...moves].sort((a, b) => a.content.at.localeCompare(b.content.at));

/** Honey packed into jars from each vessel [kg]. */
function packedKg(packings: readonly Packing[], id: string): number {
  return packings
    .flatMap((packing) => packing.content.from)
    .filter((item) => vesselId(item.containerId, item.item) === id)
    .reduce((sum, item) => sum + item.massKg, 0);
}

function storedAtOf(moves: readonly StoreMove[]): StoragePlace | null {
  const last = moves.filter((move) => move.content.act === 'placed').at(-1)?.content;
  return last?.placeKind
    ? { kind: last.placeKind, place: last.place, temperatureC: last.temperatureC }
    : null;
}

/** When a vessel was first opened: to pack, to pour, to take from, or as it was written down. */
function openedAt(
  { packings }: LotFile,
  moves: readonly StoreMove[],
  { id, poured }: { readonly id: string; readonly poured: readonly PouredLine[] },
): string | null {
  const packed = packings
    .filter((packing) =>
      packing.content.from.some((each) => vesselId(each.containerId, each.item) === id),
    )
    .map((packing) => packing.content.packedAt);
  const opened = moves
    .filter((move) => move.content.act === 'opened' || move.content.act === 'taken')
    .map((move) => move.content.at);
  return [...packed, ...opened, ...poured.map((pouredLine) => pouredLine.at)].sort()[0] ?? null;
}

/** Empty to within what a scale says [kg]. */
const EMPTY_KG = 0.05;

/**
 * Every vessel of a lot with where it stands and what is left in it.
 *
 * @param moisturePercent - of the honey, for vessels known by volume
 * @param poured - into blends, of any lot
 */
export function storedVessels(
  file: LotFile,
  moisturePercent: number,
  poured: readonly PouredLine[],
): StoredVessel[] {
  const { code, name } = file.lot.content;
  return file.containers.flatMap(({ entityId, content }) => {
    const firstKg = content.amount ? amountMass(content.amount, moisturePercent).massKg : null;
    return Array.from({ length: content.count }, (_, at): StoredVessel => {
      const id = vesselId(entityId, at + 1);
      const moves = byTime(
        file.storeMoves.filter(
          (storeMove) => vesselId(storeMove.content.containerId, storeMove.content.item) === id,
        ),
      );
      const taken = moves
        .filter((move) => move.content.act === 'taken')
        .reduce((sum, move) => sum + (move.content.massKg ?? 0), 0);
      const ownPours = poured.filter((pouredLine) => pouredLine.vesselId === id);
      const gone =
        taken +
        packedKg(file.packings, id) +
        ownPours.reduce((sum, pour) => sum + pour.massKg + pour.spiltKg, 0);
      const isEmptied = moves.some((move) => move.content.act === 'emptied');
      const leftKg = firstKg === null ? null : isEmptied ? 0 : Math.max(0, firstKg - gone);
      return {
        id,
        lotId: file.lot.entityId,
        lotCode: code,
        lotName: name,
        containerId: entityId,
        item: at + 1,
        label: vesselLabel(content, at + 1),
        firstKg,
        leftKg,
        openedAt: openedAt(file, moves, { id, poured: ownPours }),
        storedAt: storedAtOf(moves),
        isEmpty: isEmptied || (leftKg !== null && firstKg !== null && leftKg < EMPTY_KG),
      };
    });
  });
}

/** Jars of one run: what was set aside for what, given out, and what is free. */
export interface JarStock {
  readonly packing: Packing;
  readonly setAside: Readonly<Record<Purpose, number>>;
  readonly givenOut: Readonly<Record<Purpose, number>>;
  /** neither set aside nor given out */
  readonly free: number;
  /** in the house */
  readonly left: number;
}

/** The jars of a lot, run by run. What is given out for a purpose comes from what was set aside first. */
export function jarStocks({ packings, jarMoves }: LotFile): JarStock[] {
  return packings.map((packing) => {
    const moves = jarMoves.filter((jarMove) => jarMove.content.packingId === packing.entityId);
    const sum = (act: 'set-aside' | 'given-out', purpose: Purpose): number =>
      moves
        .filter(({ content }) => content.act === act && content.purpose === purpose)
        .reduce((all, move) => all + move.content.count, 0);
    const each = (of: (purpose: Purpose) => number) =>
      Object.fromEntries(PURPOSES.map((purpose) => [purpose, of(purpose)])) as Record<
        Purpose,
        number
      >;
    const givenOut = each((value) => sum('given-out', value));
    const setAside = each((value) => Math.max(0, sum('set-aside', value) - givenOut[value]));
    const total = (counts: Readonly<Record<Purpose, number>>): number =>
      PURPOSES.reduce((all, purpose) => all + counts[purpose], 0);
    const left = packing.content.count - total(givenOut);
    return { packing, setAside, givenOut, left, free: left - total(setAside) };
  });
}
