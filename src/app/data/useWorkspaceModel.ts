import { createContext, useContext, useMemo } from 'react';
import type {
  Book,
  DatedPastLot,
  HoneyHouse,
  LotFile,
  Meters,
  RoomFile,
  RuledLots,
  StoredLot,
  Trace,
  Ledger,
} from '../../model';
import type { RecordKind, RecordOf, Rivalry } from '../../records';
import {
  currentOf,
  selectBlends,
  selectBook,
  selectHoneyHouse,
  selectLots,
  selectRivalries,
  selectRooms,
  selectRuledLots,
  selectStore,
  selectTrace,
  selectLedger,
  type WorkspaceModel,
} from './workspaceModel';

/** Given by `Read` to everything within it. */
export const WorkspaceContext = createContext<WorkspaceModel | null>(null);

/** What is read of the workspace; up to date across tabs. Only within `Read`, which waits for it. */
function useWorkspaceModel(): WorkspaceModel {
  const model = useContext(WorkspaceContext);
  if (!model) throw new Error('records are shown only within Read');
  return model;
}

/** Places, hives, boxes, flows and days. */
export const useBook = (): Book => selectBook(useWorkspaceModel());

/** The keeper's meters with their checks. */
export const useMeters = (): Meters => useBook().meters;

/** All rooms with what is in them. */
export const useRooms = (): readonly RoomFile[] => selectRooms(useWorkspaceModel());

/** Days at the line, tools and stock. */
export const useHoneyHouse = (): HoneyHouse => selectHoneyHouse(useWorkspaceModel());

/** All blends, the latest first, with what was poured. */
export const useBlends = (): ReturnType<typeof selectBlends> => selectBlends(useWorkspaceModel());

/** All lots. */
export const useLots = (): readonly LotFile[] => selectLots(useWorkspaceModel());

/** All lots with what they teach about each other. */
export const useLedger = (): Ledger => selectLedger(useWorkspaceModel());

/** Own lots that were judged in the comb and measured later. */
export const usePastLots = (): readonly DatedPastLot[] => useLedger().pastLots;

/** All lots with the ruling on the evidence at hand. */
export const useRuledLots = (): RuledLots => selectRuledLots(useWorkspaceModel());

/** Containers and jars of ruled lots with what is left in them. */
export const useStore = (): readonly StoredLot[] => selectStore(useWorkspaceModel());

/** What of lots and of the book was changed in two places, and waits for a choice. */
export const useRivalries = (): readonly Rivalry[] => selectRivalries(useWorkspaceModel());

/** What honey passed through, of all lots. */
export const useTrace = (): Trace => selectTrace(useWorkspaceModel());

const byKind = new Map<RecordKind, unknown>();

function selectorOf<K extends RecordKind>(kind: K): ReturnType<typeof currentOf<K>> {
  if (!byKind.has(kind)) byKind.set(kind, currentOf(kind));
  return byKind.get(kind) as ReturnType<typeof currentOf<K>>;
}

/** What holds of one kind of record. */
export function useCurrent<K extends RecordKind>(kind: K): readonly RecordOf<K>[] {
  return selectorOf(kind)(useWorkspaceModel());
}

/** Codes of lots that are taken. */
export function useTakenCodes(): readonly string[] {
  const lots = useCurrent('lot');
  return useMemo(() => lots.map((lot) => lot.content.code), [lots]);
}
