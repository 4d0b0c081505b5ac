import { useMemo, useSyncExternalStore, type ReactElement, type ReactNode } from 'react';
import { snapshotOf, type SnapshotState } from '../../db';
import { selectWorkspace, useAppSelector } from '../../store';
import { FailedPage } from '../ui/page/FailedPage';
import { Waiting } from '../ui/page/Waiting';
import { useNow } from './useNow';
import { WorkspaceContext } from './useWorkspaceModel';

/** How often the clock is looked at [ms]. */
const EVERY_MS = 60_000;

const HOUR_MS = 3_600_000;

/** How far the records of the workspace are read, up to date across tabs. */
function useSnapshot(): SnapshotState {
  const source = snapshotOf(useAppSelector(selectWorkspace));
  return useSyncExternalStore(source.subscribe, source.state);
}

/**
 * The moment for which the past of honey is computed [ms]: the end of this hour. Whatever is written down
 * now has happened by then, and from page to page nothing is computed anew for some minutes more. Honey in a
 * room counts as warm for an hour too long at most, which is on the safe side.
 */
const endOfHour = (nowMs: number): number => Math.ceil((nowMs + EVERY_MS) / HOUR_MS) * HOUR_MS;

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
  const nowMs = endOfHour(useNow(EVERY_MS));
  const snapshot = state.status === 'ready' ? state.snapshot : null;
  const model = useMemo(() => snapshot && { snapshot, nowMs }, [snapshot, nowMs]);
  if (state.status === 'failed') return failed(state.error, snapshotOf(workspace).retry);
  if (!model) return waiting;
  return <WorkspaceContext value={model}>{children}</WorkspaceContext>;
}
