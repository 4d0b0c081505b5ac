import { configureStore } from '@reduxjs/toolkit';
import { listeners } from './listenerMiddleware';
import { rootReducer } from './rootReducer';

/** A fresh store with its listeners; the application has one, each test its own. */
export function createStore() {
  return configureStore({
    reducer: rootReducer,
    middleware: (defaults) => defaults().prepend(listeners.middleware),
  });
}

export type AppStore = ReturnType<typeof createStore>;
export type AppDispatch = AppStore['dispatch'];
