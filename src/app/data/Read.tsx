import { useMemo, useSyncExternalStore, type ReactElement, type ReactNode } from 'react';
import { snapshotOf, type Snapshot, type SnapshotState } from '../../db';
import { BLEND_KINDS, WARM_ROOM_KINDS, type RecordKind } from '../../records';
import { selectWorkspace, useAppSelector } from '../../store';
import { FailedPage } from '../ui/page/FailedPage';
import { Waiting } from '../ui/page/Waiting';
import { useNow } from './useNow';
import { WorkspaceContext } from './useWorkspaceModel';

/** How often what goes on in rooms is computed anew [ms]. */
const EVERY_MS = 3_600_000;

/** How far the records of the workspace are read, up to date across tabs. */
function useSnapshot(): SnapshotState {
  const source = snapshotOf(useAppSelector(selectWorkspace));
  return useSyncExternalStore(source.subscribe, source.state);
}

/** Kinds of record that say when something happened to honey. */
const TIMED_KINDS: readonly RecordKind[] = [
  ...WARM_ROOM_KINDS,
  ...BLEND_KINDS,
  'heat-spell',
  'store-move',
];

let last: { readonly snapshot: Snapshot; readonly nowMs: number } | null = null;

/**
 * The moment for which a snapshot is computed: the one before, from page to page, until an hour has gone by
 * or something is told that happened since. So nothing is computed anew for a minute more or less.
 */
function momentOf(snapshot: Snapshot, hour: number): number {
  const nowMs = Math.max(hour, Date.now());
  const isNear = last !== null && nowMs >= last.nowMs && nowMs - last.nowMs < EVERY_MS;
  const before = isNear ? last : null;
  const isTold = !TIMED_KINDS.every(
    (kind) => before?.snapshot.rows.get(kind) === snapshot.rows.get(kind),
  );
  last = { snapshot, nowMs: before && !isTold ? before.nowMs : nowMs };
  return last.nowMs;
}

interface ReadProps {
  children: ReactNode;
  /** what stands while the records are read, and in place of what they would show where they cannot be */
  waiting?: ReactElement | null;
  failed?: (error: unknown, again: () => void) => ReactElement | null;
}

const failedPage = (error: unknown, again: () => void): ReactElement => (
  <FailedPage error={error} reading again={again} />
);

/** Shows what is within once the records are read; says so where they cannot be, with a way out. */
export function Read({ children, waiting = <Waiting />, failed = failedPage }: ReadProps) {
  const workspace = useAppSelector(selectWorkspace);
  const state = useSnapshot();
  const hour = useNow(EVERY_MS);
  const snapshot = state.status === 'ready' ? state.snapshot : null;
  const model = useMemo(
    () => snapshot && { snapshot, nowMs: momentOf(snapshot, hour) },
    [snapshot, hour],
  );
  if (state.status === 'failed') return failed(state.error, snapshotOf(workspace).retry);
  if (!model) return waiting;
  return <WorkspaceContext value={model}>{children}</WorkspaceContext>;
}
