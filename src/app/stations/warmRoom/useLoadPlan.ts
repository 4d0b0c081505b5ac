import { useEffect, useState } from 'react';
import type { LoadAnswer, LoadQuestion } from '../../../core';
import { planLoad, solveLoad, type LoadPlan } from '../../../workers/dryingClient';
import { helperTrouble } from '../../../workers/helpers';
import { roomWords } from '../../words/english/room';
import { tell } from '../../words/tell';

/** So long nothing may be moved before the courses are computed [ms]. */
const CALM_MS = 300;

/** The plan of a load on its way: null until it is there, or why there is none. */
export interface LoadPlanView {
  readonly plan: LoadPlan | null;
  /** empty where nothing is wrong */
  readonly wrong: string;
}

const NO_PLAN: LoadPlanView = { plan: null, wrong: '' };

/** What went wrong; where no helper did, the values are such that no course can be computed. */
function troubleWords(error: unknown): string {
  const trouble = helperTrouble(error);
  return trouble ? tell(trouble) : roomWords.noPlanIsPossibleWith();
}

/** The plan of a load, computed again once nothing is moved any more. */
export function useLoadPlan(
  question: LoadQuestion | null,
  chosen: number,
  counts: readonly number[],
): LoadPlanView {
  const [found, setFound] = useState<{ key: string; view: LoadPlanView } | null>(null);
  const key = question ? JSON.stringify([question, chosen, counts]) : '';
  useEffect(() => {
    if (key === '') return undefined;
    const stop = new AbortController();
    const [asked, many, all] = JSON.parse(key) as [LoadQuestion, number, number[]];
    const started = window.setTimeout(() => {
      planLoad(asked, { chosen: many, counts: all }, stop.signal).then(
        (plan) => setFound({ key, view: { plan, wrong: '' } }),
        (error: unknown) => {
          if (stop.signal.aborted) return;
          setFound({ key, view: { plan: null, wrong: troubleWords(error) } });
        },
      );
    }, CALM_MS);
    return () => {
      window.clearTimeout(started);
      stop.abort();
    };
  }, [key]);
  return found?.key === key ? found.view : NO_PLAN;
}

/** The most that can be loaded, on its way. */
export interface LoadSearch {
  readonly status: 'idle' | 'running' | 'done';
  /** why no answer was found; empty where nothing is wrong */
  readonly wrong: string;
  readonly tried: readonly { readonly boxes: number; readonly share: number }[];
  readonly answer: LoadAnswer | null;
  readonly start: () => void;
  readonly cancel: () => void;
}

interface SearchState {
  readonly key: string;
  readonly status: LoadSearch['status'];
  readonly wrong: string;
  readonly tried: LoadSearch['tried'];
  readonly answer: LoadAnswer | null;
}

const IDLE: SearchState = { key: '', status: 'idle', wrong: '', tried: [], answer: null };

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
    setState({ ...IDLE, key, status: 'running' });
    const onTried = (boxes: number, share: number): void =>
      setState((before) => ({ ...before, tried: [...before.tried, { boxes, share }] }));
    solveLoad(question, onTried, controller.signal).then(
      (answer) => setState((before) => ({ ...before, status: 'done', answer })),
      (error: unknown) => {
        const wrong = controller.signal.aborted ? '' : troubleWords(error);
        setState((before) => (before.key === key ? { ...IDLE, key, wrong } : before));
      },
    );
  };
  return { ...shown, start, cancel: () => stop?.abort() };
}
