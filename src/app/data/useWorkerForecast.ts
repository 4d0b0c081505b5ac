import { useEffect, useState } from 'react';
import { helperTrouble } from '../../workers/helpers';
import { type Message } from '../../core';

/** What a forecast tells while it is computed. */
export interface ForecastListener<First, Draw> {
  readonly onFirst: (first: First) => void;
  /** all draws so far, in no order */
  readonly onDraws: (draws: readonly Draw[]) => void;
}

/** Computes a question in workers until it is done or given up. */
export type ForecastStart<Question, First, Draw> = (
  question: Question,
  listener: ForecastListener<First, Draw>,
  signal: AbortSignal,
) => Promise<void>;

/** A forecast on its way. */
export interface WorkerForecast<First, Draw> {
  readonly status: 'running' | 'done' | 'given-up' | 'failed';
  /** that a part of the application could not be loaded; null where the values are at fault */
  readonly why: Message | null;
  /** what is reported before the draws; null until it is there */
  readonly first: First | null;
  readonly draws: readonly Draw[];
  /** of all draws [1] */
  readonly progress: number;
  readonly cancel: () => void;
  readonly again: () => void;
}

interface State<Question, First, Draw> {
  readonly of: Question | null;
  readonly status: WorkerForecast<First, Draw>['status'];
  readonly why: Message | null;
  readonly first: First | null;
  readonly draws: readonly Draw[];
}

const NOTHING = { status: 'running', why: null, first: null, draws: [] } as const;

/**
 * Forecasts in workers whenever the question changes; results come as they are found.
 *
 * @param start - the same function at every call
 * @param total - how many draws there will be
 */
export function useWorkerForecast<Question, First, Draw>(
  question: Question | null,
  start: ForecastStart<Question, First, Draw>,
  total: number,
): WorkerForecast<First, Draw> {
  const [state, setState] = useState<State<Question, First, Draw>>({ of: null, ...NOTHING });
  const [attempt, setAttempt] = useState(0);
  const [controller, setController] = useState<AbortController | null>(null);
  useEffect(() => {
    if (question === null) return undefined;
    const stop = new AbortController();
    const set = (change: Partial<State<Question, First, Draw>>): void => {
      if (!stop.signal.aborted) setState((before) => ({ ...before, of: question, ...change }));
    };
    const started = window.setTimeout(() => {
      setController(stop);
      set(NOTHING);
      const listener = {
        onFirst: (first: First) => set({ first }),
        onDraws: (draws: readonly Draw[]) => set({ draws }),
      };
      start(question, listener, stop.signal).then(
        () => set({ status: 'done' }),
        (error: unknown) => set({ status: 'failed', why: helperTrouble(error) }),
      );
    });
    return () => {
      window.clearTimeout(started);
      stop.abort();
    };
  }, [question, start, attempt]);
  // What was found for an earlier question says nothing of this one.
  const { status, why, first, draws } = state.of === question ? state : NOTHING;
  return {
    status,
    why,
    first,
    draws,
    progress: draws.length / total,
    cancel: () => {
      controller?.abort();
      setState((before) => ({ ...before, status: 'given-up' }));
    },
    again: () => setAttempt((before) => before + 1),
  };
}
