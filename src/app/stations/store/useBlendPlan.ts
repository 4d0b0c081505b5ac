import { useRef, useState } from 'react';
import type { BlendPlan, Relaxation } from '../../../core';
import { helperTrouble } from '../../../workers/helpers';
import { planBlend, type BlendQuestion } from '../../../workers/blendClient';
import { type Message } from '../../../core';

/** A plan on its way. */
export interface BlendSearch {
  readonly status: 'idle' | 'running' | 'done' | 'given-up' | 'failed';
  /** that a part of the application could not be loaded; null where the values are at fault */
  readonly why: Message | null;
  /** what was asked, so that changed settings do not pass for it */
  readonly question: BlendQuestion | null;
  /** undefined until it is known, null where nothing is worth pouring */
  readonly best: BlendPlan | null | undefined;
  readonly second: BlendPlan | null | undefined;
  readonly relaxations: readonly Relaxation[] | undefined;
}

const IDLE: BlendSearch = {
  status: 'idle',
  why: null,
  question: null,
  best: undefined,
  second: undefined,
  relaxations: undefined,
};

/** Plans blends in a worker, one at a time; what is found is reported as it comes. */
export function useBlendPlan() {
  const [search, setSearch] = useState(IDLE);
  const stop = useRef<AbortController | null>(null);
  const plan = (question: BlendQuestion): void => {
    stop.current?.abort();
    const controller = new AbortController();
    stop.current = controller;
    const set = (change: Partial<BlendSearch>): void => {
      if (!controller.signal.aborted) setSearch((before) => ({ ...before, ...change }));
    };
    setSearch({ ...IDLE, status: 'running', question });
    planBlend(
      question,
      (found) => {
        switch (found.what) {
          case 'best':
            return set({ best: found.plan });
          case 'second':
            return set({ second: found.plan });
          case 'relaxations':
            return set({ relaxations: found.relaxations });
        }
      },
      controller.signal,
    ).then(
      () => set({ status: 'done' }),
      (error: unknown) => set({ status: 'failed', why: helperTrouble(error) }),
    );
  };
  const cancel = (): void => {
    stop.current?.abort();
    setSearch((before) => ({ ...before, status: 'given-up' }));
  };
  return { search, plan, cancel };
}
