import { createListenerMiddleware } from '@reduxjs/toolkit';
import type { RootState } from './rootReducer';

/** Runs what `keeping.ts` asks for; apart from it, so that the door needs no database code. */
export const listeners = createListenerMiddleware<RootState>();
