import { openWorkspace, type AppStore } from '../store';
import { snapshotOf, type Workspace } from '../db';
import { Shell } from './Shell';
import { UnreadError } from './ui/page/FailedPage';

/** Everything behind the door: the records of a workspace, opened before its first page is drawn. */
export function workspaceRoute(store: AppStore, workspace: Workspace) {
  return {
    Component: Shell,
    loader: async (): Promise<null> => {
      await openWorkspace(store, workspace).catch((error: unknown) => {
        throw new UnreadError(error);
      });
      if (workspace === 'demo') {
        const { fillDemoSeason } = await import('./demoSeason');
        await fillDemoSeason();
      }
      snapshotOf(workspace).start();
      return null;
    },
  };
}
