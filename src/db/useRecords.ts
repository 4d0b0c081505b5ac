import Dexie from 'dexie';
import { useLiveQuery } from 'dexie-react-hooks';
import type { FrameAct } from '../core';
import { type AnyRecord, type RecordKind } from '../records';
import { copyFolder } from './copyFolder';
import type { CopyFolder } from './settingRows';
import { copyState, type CopyState } from './copies';
import { databaseOf } from './database';
import { createDexieRecordStore } from './dexieRecordStore';
import type { RecordStore, RowSetAside } from './recordStore';
import type { Workspace } from './workspaces';

/**
 * Once a newer version in another tab has taken the records over, this tab goes on showing what it
 * read last; it says so, and keeps nothing more.
 */
function stillShown<T>(error: unknown): Promise<T> {
  if (error instanceof Dexie.DatabaseClosedError) return new Promise<T>(() => undefined);
  throw error;
}

/** Records that a query gives, kept up to date across tabs; undefined while loading. */
function useQuery<T = AnyRecord>(
  workspace: Workspace,
  key: string,
  query: (store: RecordStore) => Promise<T[]>,
): T[] | undefined {
  return useLiveQuery(
    () => query(createDexieRecordStore(databaseOf(workspace))).catch(stillShown<T[]>),
    [workspace, key],
  );
}

/** Every revision of some kinds. */
export function useRecordsOf(
  workspace: Workspace,
  kinds: readonly RecordKind[],
): AnyRecord[] | undefined {
  return useQuery(workspace, kinds.join(), (store) => store.ofKinds(kinds));
}

/** Photographs of a frame. */
export function usePhotoRecords(workspace: Workspace, frameId: string): AnyRecord[] | undefined {
  return useQuery(workspace, `photos ${frameId}`, (store) => store.ofOwner(frameId, ['photo']));
}

/** Photographs that prove a reading. */
export function useProofRecords(workspace: Workspace, readingId: string): AnyRecord[] | undefined {
  return useQuery(workspace, `proofs ${readingId}`, (store) => store.ofOwner(readingId, ['proof']));
}

/** A box with its frames and every look at them. */
export function useBoxRecords(workspace: Workspace, boxId: string): AnyRecord[] | undefined {
  return useQuery(workspace, `box ${boxId}`, (store) => store.ofBox(boxId));
}

/** A day at the hives with its looks. */
export function useHarvestRecords(
  workspace: Workspace,
  harvestId: string,
): AnyRecord[] | undefined {
  return useQuery(workspace, `harvest ${harvestId}`, (store) => store.ofHarvest(harvestId));
}

/** Frames of which the keeper did one thing, with every look at them. */
export function useLooksWith(workspace: Workspace, act: FrameAct): AnyRecord[] | undefined {
  return useQuery(workspace, `looks ${act}`, (store) => store.looksWith(act));
}

/** Frames that were to be looked at again. */
export function useLooksDue(workspace: Workspace): AnyRecord[] | undefined {
  return useQuery(workspace, 'looks due', (store) => store.looksDue());
}

/** Frames looked at since a moment, with every look at them. */
export function useLooksSince(workspace: Workspace, moment: string): AnyRecord[] | undefined {
  return useQuery(workspace, `looks since ${moment}`, (store) => store.looksSince(moment));
}

/** Rows that are set aside until somebody corrects them. */
export function useSetAside(workspace: Workspace): RowSetAside[] | undefined {
  return useQuery(workspace, 'set aside', (store) => store.setAside());
}

/** When everything was copied last, and how much was written since; undefined while loading. */
export const useCopyState = (workspace: Workspace): CopyState | undefined =>
  useLiveQuery(() => copyState(databaseOf(workspace)).catch(stillShown<CopyState>), [workspace]);

/** The folder that copies are kept in; null where none is, undefined while loading. */
export const useCopyFolder = (workspace: Workspace): CopyFolder | null | undefined =>
  useLiveQuery(
    () => copyFolder(databaseOf(workspace)).catch(stillShown<CopyFolder | null>),
    [workspace],
  );

/** Every row of some kinds in the order in which they were appended. */
export function useInOrder(
  workspace: Workspace,
  kinds: readonly RecordKind[],
): AnyRecord[] | undefined {
  return useQuery(workspace, `in order ${kinds.join()}`, (store) => store.inOrder(kinds));
}
