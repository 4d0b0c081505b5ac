import { useEffect, useState } from 'react';
import type { ForecastDraw } from '../../../core';
import { FORECAST_DRAWS, forecastRoom } from '../../../workers/dryingClient';
import type { RoomFirst, RoomQuestion } from '../../../workers/protocol';

/** A forecast on its way. */
export interface RoomForecast {
  readonly status: 'running' | 'done' | 'given-up' | 'failed';
  /** what was learned and the most likely course; null until it is there */
  readonly first: RoomFirst | null;
  readonly draws: readonly ForecastDraw[];
  /** of all draws [1] */
  readonly progress: number;
  readonly cancel: () => void;
  readonly again: () => void;
}

interface State {
  readonly of: RoomQuestion | null;
  readonly status: RoomForecast['status'];
  readonly first: RoomFirst | null;
  readonly draws: readonly ForecastDraw[];
}

const NOTHING: State = { of: null, status: 'running', first: null, draws: [] };

/** Forecasts a room in workers whenever the question changes; results come as they are found. */
export function useRoomForecast(question: RoomQuestion | null): RoomForecast {
  const [state, setState] = useState<State>(NOTHING);
  const [attempt, setAttempt] = useState(0);
  const [controller, setController] = useState<AbortController | null>(null);
  useEffect(() => {
    if (!question) return undefined;
    const stop = new AbortController();
    const set = (change: Partial<State>): void => {
      if (!stop.signal.aborted) setState((before) => ({ ...before, of: question, ...change }));
    };
    const started = window.setTimeout(() => {
      setController(stop);
      set({ status: 'running', first: null, draws: [] });
      const progress = {
        onFirst: (first: RoomFirst) => set({ first }),
        onDraws: (draws: readonly ForecastDraw[]) => set({ draws }),
      };
      forecastRoom(question, progress, stop.signal).then(
        () => set({ status: 'done' }),
        () => set({ status: 'failed' }),
      );
    });
    return () => {
      window.clearTimeout(started);
      stop.abort();
    };
  }, [question, attempt]);
  // What was found for an earlier question says nothing of this one.
  const { status, first, draws } = state.of === question ? state : NOTHING;
  return {
    status,
    first,
    draws,
    progress: draws.length / FORECAST_DRAWS,
    cancel: () => {
      controller?.abort();
      setState((before) => ({ ...before, status: 'given-up' }));
    },
    again: () => setAttempt((before) => before + 1),
  };
}
