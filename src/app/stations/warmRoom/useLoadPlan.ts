import { useEffect, useState } from 'react';
import type { LoadAnswer, LoadQuestion } from '../../../core';
import { planLoad, solveLoad, type LoadPlan } from '../../../workers/dryingClient';

/** So long nothing may be moved before the courses are reckoned [ms]. */
const CALM_MS = 300;

/** The plan of a load, reckoned anew once nothing is moved any more; null meanwhile. */
export function useLoadPlan(
  question: LoadQuestion | null,
  chosen: number,
  counts: readonly number[],
): LoadPlan | null {
  const [found, setFound] = useState<{ key: string; plan: LoadPlan } | null>(null);
  const key = question ? JSON.stringify([question, chosen, counts]) : '';
  useEffect(() => {
    if (key === '') return undefined;
    const stop = new AbortController();
    const [asked, many, all] = JSON.parse(key) as [LoadQuestion, number, number[]];
    const started = window.setTimeout(() => {
      planLoad(asked, { chosen: many, counts: all }, stop.signal).then(
        (plan) => setFound({ key, plan }),
        () => undefined,
      );
    }, CALM_MS);
    return () => {
      window.clearTimeout(started);
      stop.abort();
    };
  }, [key]);
  return found?.key === key ? found.plan : null;
}

/** The most that can be loaded, on its way. */
export interface LoadSearch {
  readonly status: 'idle' | 'running' | 'done';
  readonly tried: readonly { readonly boxes: number; readonly share: number }[];
  readonly answer: LoadAnswer | null;
  readonly start: () => void;
  readonly cancel: () => void;
}

interface SearchState {
  readonly key: string;
  readonly status: LoadSearch['status'];
  readonly tried: LoadSearch['tried'];
  readonly answer: LoadAnswer | null;
}

const IDLE: SearchState = { key: '', status: 'idle', tried: [], answer: null };

/** Solves for the most boxes; an answer to an earlier question is not shown. */
export function useLoadSearch(question: LoadQuestion | null): LoadSearch {
  const [state, setState] = useState<SearchState>(IDLE);
  const [stop, setStop] = useState<AbortController | null>(null);
  const key = question ? JSON.stringify(question) : '';
  useEffect(() => () => stop?.abort(), [stop]);
  const shown = state.key === key ? state : IDLE;
  const start = (): void => {
    if (!question) return;
    const controller = new AbortController();
    setStop(controller);
    setState({ key, status: 'running', tried: [], answer: null });
    const onTried = (boxes: number, share: number): void =>
      setState((before) => ({ ...before, tried: [...before.tried, { boxes, share }] }));
    solveLoad(question, onTried, controller.signal).then(
      (answer) => setState((before) => ({ ...before, status: 'done', answer })),
      () => setState((before) => (before.key === key ? IDLE : before)),
    );
  };
  return { ...shown, start, cancel: () => stop?.abort() };
}
