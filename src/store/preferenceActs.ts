import type { ThunkAction, UnknownAction } from '@reduxjs/toolkit';
import { databaseOf, draftRowKey, savePreferences } from '../db';
import type { Preferences } from '../records';
import { noticeShown } from './actsSlice';
import { draftDropped } from './draftsSlice';
import type { ActOptions } from './recordActs';
import type { RootState } from './rootReducer';
import { preferencesChanged } from './sessionSlice';
import { say } from '../core';

const NOT_KEPT = say('errors.choicesNotKept');

/** Keeps what the keeper chose, then goes by it; whether it was kept. */
export function keepPreferences(
  change: Partial<Preferences>,
  { draft }: ActOptions = {},
): ThunkAction<Promise<boolean>, RootState, unknown, UnknownAction> {
  return async (dispatch, getState) => {
    const { workspace, preferences, tabId } = getState().session;
    const draftKey = draft === undefined ? undefined : draftRowKey(tabId, draft);
    try {
      await savePreferences(databaseOf(workspace), { ...preferences, ...change }, draftKey);
    } catch {
      dispatch(noticeShown({ text: NOT_KEPT, tone: 'refused' }));
      return false;
    }
    if (draft !== undefined) dispatch(draftDropped(draft));
    dispatch(preferencesChanged(change));
    return true;
  };
}
