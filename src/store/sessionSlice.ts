import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { Workspace } from '../db';
import { DEFAULT_PREFERENCES, type Preferences } from '../records';

interface SessionState {
  readonly workspace: Workspace;
  readonly tabId: string;
  readonly preferences: Preferences;
}

const initialState: SessionState = {
  workspace: 'mine',
  tabId: '',
  preferences: DEFAULT_PREFERENCES,
};

const sessionSlice = createSlice({
  name: 'session',
  initialState,
  reducers: {
    sessionOpened: (_state, { payload }: PayloadAction<SessionState>) => payload,
    preferencesChanged: (state, { payload }: PayloadAction<Partial<Preferences>>) => ({
      ...state,
      preferences: { ...state.preferences, ...payload },
    }),
  },
  selectors: {
    selectWorkspace: (state) => state.workspace,
    selectPreferences: (state) => state.preferences,
  },
});

export const { sessionOpened, preferencesChanged } = sessionSlice.actions;
export const { selectWorkspace, selectPreferences } = sessionSlice.selectors;
export const sessionReducer = sessionSlice.reducer;
