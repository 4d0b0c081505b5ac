import {
  checkRows,
  databaseOf,
  loadClock,
  loadPreferences,
  takeOverDrafts,
  type Workspace,
} from '../db';
import { actsLoaded, noticeShown } from './actsSlice';
import { draftsLoaded } from './draftsSlice';
import { setClock } from './clock';
import { startKeeping } from './keeping';
import { sessionOpened } from './sessionSlice';
import type { AppStore } from './store';
import { liveTabIds, tabId } from './tab';
import { loadActs } from './undoMemory';
import { say } from '../core';

/** Makes a workspace the one this tab shows: preferences, drafts and undo list are loaded. */
export async function openWorkspace(store: AppStore, workspace: Workspace): Promise<void> {
  const database = databaseOf(workspace);
  const [own] = await Promise.all([tabId(), checkRows(database)]);
  const [preferences, daysBehind, { drafts, dropped }] = await Promise.all([
    loadPreferences(database),
    loadClock(database),
    liveTabIds().then((live) => takeOverDrafts(database, own, live)),
  ]);
  setClock(daysBehind);
  store.dispatch(sessionOpened({ workspace, tabId: own, preferences }));
  store.dispatch(draftsLoaded(drafts));
  store.dispatch(actsLoaded(loadActs(workspace)));
  if (dropped > 0)
    store.dispatch(
      noticeShown({ text: say('errors.draftsDropped', { forms: dropped }), tone: 'refused' }),
    );
  startKeeping();
}
