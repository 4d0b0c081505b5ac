import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { RecordKind } from '../records';

/** One revision that an act wrote, and the one it replaced. */
export interface Step {
  readonly kind: RecordKind;
  readonly lotId: string;
  readonly entityId: string;
  readonly revisionId: string;
  readonly formerId: string | null;
}

/** Something the user did to the records, as one thing to undo. */
export interface Act {
  /** "Reading 17.4 % kept" */
  readonly label: string;
  readonly steps: readonly Step[];
}

/** What the line at the foot of the page says. */
interface Notice {
  readonly text: string;
  readonly tone: 'done' | 'refused' | 'told';
}

interface ActsState {
  readonly undo: readonly Act[];
  readonly redo: readonly Act[];
  readonly notice: Notice | null;
}

const EMPTY: ActsState = { undo: [], redo: [], notice: null };

/** How many acts can be undone. */
const MOST_ACTS = 100;

const actsSlice = createSlice({
  name: 'acts',
  initialState: EMPTY,
  reducers: {
    actsLoaded: (_state, { payload }: PayloadAction<Pick<ActsState, 'undo' | 'redo'>>) => ({
      ...payload,
      notice: null,
    }),
    actDone: (state, { payload: act }: PayloadAction<Act>) => ({
      undo: [...state.undo, act].slice(-MOST_ACTS),
      redo: [],
      notice: { text: act.label, tone: 'done' as const },
    }),
    actUndone: (state, { payload: act }: PayloadAction<Act>) => ({
      undo: state.undo.slice(0, -1),
      redo: [...state.redo, act],
      notice: { text: `Undone: ${act.label}`, tone: 'done' as const },
    }),
    actRedone: (state, { payload: act }: PayloadAction<Act>) => ({
      undo: [...state.undo, act],
      redo: state.redo.slice(0, -1),
      notice: { text: `Done again: ${act.label}`, tone: 'done' as const },
    }),
    noticeShown: (state, { payload }: PayloadAction<Notice | null>) => ({
      ...state,
      notice: payload,
    }),
  },
  selectors: {
    selectNotice: (state) => state.notice,
    selectCanUndo: (state) => state.undo.length > 0,
  },
});

export const { actsLoaded, actDone, actUndone, actRedone, noticeShown } = actsSlice.actions;
export const { selectNotice, selectCanUndo } = actsSlice.selectors;
export const actsReducer = actsSlice.reducer;
