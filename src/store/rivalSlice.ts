import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { Stale } from '../records';

/** What a person can do about what another tab changed meanwhile. */
export type RivalChoice = 'mine' | 'theirs' | 'back';

/** A question that waits for a person. */
interface RivalState {
  /** what both changed otherwise; null where nothing is asked */
  readonly asked: readonly Stale[] | null;
}

const NOTHING: RivalState = { asked: null };

const rivalSlice = createSlice({
  name: 'rival',
  initialState: NOTHING,
  reducers: {
    rivalAsked: (_state, { payload }: PayloadAction<readonly Stale[]>): RivalState => ({
      asked: payload,
    }),
    rivalChosen: {
      reducer: (): RivalState => NOTHING,
      prepare: (choice: RivalChoice) => ({ payload: choice }),
    },
  },
  selectors: {
    selectRivals: (state) => state.asked,
  },
});

export const { rivalAsked, rivalChosen } = rivalSlice.actions;
export const { selectRivals } = rivalSlice.selectors;
export const rivalReducer = rivalSlice.reducer;
