import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { RecordKind } from '../records';
import { say, type MessageValue } from '../core';

/** One revision that an act wrote, and the one it replaced. */
export interface Step {
  readonly kind: RecordKind;
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

/** An act taken back: itself an act, whose revisions stand for those that held before. */
export interface TakenBack {
  readonly act: Act;
  /** new revision for each former one that it brings back */
  readonly standsFor: Readonly<Record<string, string>>;
}

/**
 * The same acts, on the revisions that now stand for theirs: once a correction is undone, what it
 * had replaced holds again under a new identifier, and the act before it can be undone too.
 */
function renamed(acts: readonly Act[], standsFor: TakenBack['standsFor']): Act[] {
  return acts.map((act) => ({
    ...act,
    steps: act.steps.map((step) => ({
      ...step,
      revisionId: standsFor[step.revisionId] ?? step.revisionId,
    })),
  }));
}

/** What the line at the foot of the page says. */
interface Notice {
  readonly text: MessageValue;
  readonly tone: 'done' | 'refused' | 'info';
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
    actUndone: (state, { payload: { act, standsFor } }: PayloadAction<TakenBack>) => ({
      undo: renamed(state.undo.slice(0, -1), standsFor),
      redo: [...renamed(state.redo, standsFor), act],
      notice: { text: say('errors.undone', { label: act.label }), tone: 'done' as const },
    }),
    actRedone: (state, { payload: { act, standsFor } }: PayloadAction<TakenBack>) => ({
      undo: [...renamed(state.undo, standsFor), act],
      redo: renamed(state.redo.slice(0, -1), standsFor),
      notice: { text: say('errors.redone', { label: act.label }), tone: 'done' as const },
    }),
    /** the last act can never be undone */
    actForgotten: (state) => ({ ...state, undo: state.undo.slice(0, -1) }),
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

export const { actsLoaded, actDone, actForgotten, actUndone, actRedone, noticeShown } =
  actsSlice.actions;
export const { selectNotice, selectCanUndo } = actsSlice.selectors;
export const actsReducer = actsSlice.reducer;
