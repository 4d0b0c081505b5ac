import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { Drafts } from '../db';

const NO_DRAFTS: Drafts = {};

/** What is being typed, by form; empty once it is saved as a record. */
const draftsSlice = createSlice({
  name: 'drafts',
  initialState: NO_DRAFTS,
  reducers: {
    draftsLoaded: (_state, { payload }: PayloadAction<Drafts>) => payload,
    draftTyped(
      state,
      { payload }: PayloadAction<{ formKey: string; values: Record<string, unknown> }>,
    ) {
      state[payload.formKey] = payload.values;
    },
    draftDropped(state, { payload: formKey }: PayloadAction<string>) {
      delete state[formKey];
    },
  },
  selectors: {
    selectDraft: (state, formKey: string) => state[formKey],
  },
});

export const { draftsLoaded, draftTyped, draftDropped } = draftsSlice.actions;
export const { selectDraft } = draftsSlice.selectors;
export const draftsReducer = draftsSlice.reducer;
