import { combineReducers } from '@reduxjs/toolkit';
import { actsReducer } from './actsSlice';
import { draftsReducer } from './draftsSlice';
import { rivalReducer } from './rivalSlice';
import { sessionReducer } from './sessionSlice';

export const rootReducer = combineReducers({
  session: sessionReducer,
  drafts: draftsReducer,
  acts: actsReducer,
  rival: rivalReducer,
});

export type RootState = ReturnType<typeof rootReducer>;
