import { useEffect, useState } from 'react';
import { combLookOf, nextCombKind, trueShare, type CombScene } from '../../../core';
import { combLooks } from '../../../model';
import { useAppDispatch } from '../../../store';
import { useCurrent } from '../../data/useWorkspaceModel';
import { saveLook } from './practiceActs';
import { freshSeed, useReader } from './useReader';

/** How long a comb is shown: as long as one looks at it at the hive [ms]. @source our choice, no source */
const SHOWN_MS = 5000;

export type Phase = 'ready' | 'looking' | 'covered' | 'answered';

/** One look at a drawn side: shown for a while, covered, answered. */
export function useOneLook(scene: CombScene, onAnswer: (tenths: number) => void) {
  const [state, setState] = useState<{ scene: CombScene; phase: Phase; tenths: number }>();
  const now = state?.scene === scene ? state : { scene, phase: 'ready' as Phase, tenths: 0 };
  const { phase } = now;
  const [patient, setPatient] = useState(false);
  const [drawn, setDrawn] = useState<CombScene | null>(null);
  const isRunning = phase === 'looking' && !patient && drawn === scene;
  useEffect(() => {
    if (!isRunning) return undefined;
    const timer = setTimeout(() => setState({ scene, phase: 'covered', tenths: 0 }), SHOWN_MS);
    return () => clearTimeout(timer);
  }, [isRunning, scene]);
  return {
    ...now,
    patient,
    setPatient,
    onDrawn: () => setDrawn(scene),
    start: (of = scene): void => setState({ scene: of, phase: 'looking', tenths: 0 }),
    answer: (tenths: number): void => {
      if (phase === 'answered') return;
      setState({ scene, phase: 'answered', tenths });
      onAnswer(tenths);
    },
  };
}

/** The drill at combs: what was missed comes again soon. */
export function useCombDrill() {
  const dispatch = useAppDispatch();
  const { reader, query } = useReader();
  const all = useCurrent('practice-look');
  const looks = combLooks(all, reader);
  const [shown, setShown] = useState(() => {
    const seed = freshSeed();
    return combLookOf(seed, nextCombKind(looks, seed));
  });
  const look = useOneLook(shown, (tenths) => {
    void dispatch(
      saveLook({
        drill: 'capping',
        reader,
        seed: shown.seed,
        of: shown.kind,
        answered: tenths / 10,
        truth: trueShare(shown),
        evening: null,
      }),
    );
  });
  const next = (): void => {
    const seed = freshSeed();
    const scene = combLookOf(seed, nextCombKind(looks, seed));
    setShown(scene);
    look.start(scene);
  };
  return { scene: shown, look, next, query };
}
