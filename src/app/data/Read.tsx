import { useMemo, useSyncExternalStore, type ReactElement, type ReactNode } from 'react';
import { snapshotOf, type SnapshotState } from '../../db';
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
  const nowMs = useNow(EVERY_MS);
  const snapshot = state.status === 'ready' ? state.snapshot : null;
  const model = useMemo(() => snapshot && { snapshot, nowMs }, [snapshot, nowMs]);
  if (state.status === 'failed') return failed(state.error, snapshotOf(workspace).retry);
  if (!model) return waiting;
  return <WorkspaceContext value={model}>{children}</WorkspaceContext>;
}
