import { isAnyOf } from '@reduxjs/toolkit';
import { databaseOf, dropDraft, keepDraft } from '../db';
import { actDone, actForgotten, actRedone, actUndone, noticeShown } from './actsSlice';
import { draftDropped, draftTyped } from './draftsSlice';
import { listeners } from './listenerMiddleware';
import { saveActs } from './undoMemory';
import { say } from '../core';

const NOT_KEPT = say('errors.draftNotKept');

function keepDrafts(): void {
  listeners.startListening({
    matcher: isAnyOf(draftTyped, draftDropped),
    effect: async (action, api) => {
      const { workspace, tabId } = api.getState().session;
      const database = databaseOf(workspace);
      try {
        if (draftTyped.match(action)) {
          const { formKey, values } = action.payload;
          await keepDraft(database, tabId, formKey, values);
        } else if (draftDropped.match(action)) {
          await dropDraft(database, tabId, action.payload);
        }
      } catch {
        api.dispatch(noticeShown({ text: NOT_KEPT, tone: 'refused' }));
      }
    },
  });
}

function keepActs(): void {
  listeners.startListening({
    matcher: isAnyOf(actDone, actForgotten, actUndone, actRedone),
    effect: (_action, api) => {
      const { session, acts } = api.getState();
      saveActs(session.workspace, { undo: acts.undo, redo: acts.redo });
    },
  });
}

/** Keeps what is about this moment from now on, so that a reload or a dead battery loses nothing. */
export function startKeeping(): void {
  listeners.clearListeners();
  keepDrafts();
  keepActs();
}
