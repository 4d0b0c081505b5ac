import { openWorkspace, type AppStore } from '../store';
import type { Workspace } from '../db';
import { Shell } from './Shell';

/** Everything behind the door: the records of a workspace, opened before its first page is drawn. */
export function workspaceRoute(store: AppStore, workspace: Workspace) {
  return {
    Component: Shell,
    loader: async (): Promise<null> => {
      await openWorkspace(store, workspace);
      if (workspace === 'demo') {
        const { fillDemoSeason } = await import('./demoSeason');
        await fillDemoSeason();
      }
      return null;
    },
  };
}
