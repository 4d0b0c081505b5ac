import { useMemo } from 'react';
import {
  FEWEST_LOOKS,
  SCALE_DIVISION,
  courseOfPractice,
  glanceOf,
  scaleSkill,
  skillByKind,
  withoutBias,
  type KnownEye,
  type Scale,
} from '../../../core';
import { combLooks, eyeOfReader, practiceReaders, practised } from '../../../model';
import { keepPreferences, selectPreferences, useAppDispatch, useAppSelector } from '../../../store';
import { useCurrent } from '../../data/useWorkspaceModel';
import { practiceWords } from '../../words/english/practice';
import { points } from './kindNames';
import { useReader } from './useReader';

const half = ({ low, high }: { low: number; high: number }): number => (high - low) / 2;

/** Where an eye is farthest off, in a sentence a person says. */
function eyeSentence(eye: KnownEye): string {
  const offAt = (tenths: number): number => tenths / 10 - withoutBias(tenths / 10, eye);
  const worst = [8, 7, 6, 5, 4, 3, 2].reduce((a, b) =>
    Math.abs(offAt(b)) > Math.abs(offAt(a)) + 0.005 ? b : a,
  );
  const there = Math.round(10 * withoutBias(worst / 10, eye));
  return there === worst
    ? practiceWords.youSeeRight()
    : practiceWords.youSee({ seen: worst, there });
}

/** What is known of an eye, in words; null before it has a figure. */
function eyeWords(eye: KnownEye | null) {
  if (!eye) return null;
  return {
    sentence: eyeSentence(eye),
    spread: practiceWords.spread({
      points: points(half(glanceOf(0.5, eye))),
      assumed: points(half(glanceOf(0.5, null))),
    }),
    from: practiceWords.fromLooks({ looks: eye.looks }),
  };
}

/** Who practises, how their eye does, and where to go on. */
export function usePractice() {
  const dispatch = useAppDispatch();
  const { practisedEye } = useAppSelector(selectPreferences);
  const { reader, initials, query, setReader } = useReader();
  const all = useCurrent('practice-look');
  const looks = useMemo(() => combLooks(all, reader), [all, reader]);
  const eye = useMemo(() => eyeOfReader(all, reader), [all, reader]);
  const scales = practised(all, reader, 'scale').map(({ content: { of, answered, truth } }) => ({
    answered,
    truth,
    division: SCALE_DIVISION[of as Scale] ?? 1,
  }));
  const cases = practised(all, reader, 'judgement').map(({ content }) => content);
  return {
    reader,
    initials,
    query,
    setReader,
    others: practiceReaders(all).filter((name) => name !== reader),
    looks,
    left: Math.max(0, FEWEST_LOOKS - looks.length),
    eye: eyeWords(eye),
    known: eye,
    isApplied: practisedEye,
    apply: (isOn: boolean) => void dispatch(keepPreferences({ practisedEye: isOn })),
    kinds: skillByKind(looks),
    course: courseOfPractice(looks),
    scale: scaleSkill(scales),
    cases: {
      all: cases.length,
      right: cases.filter(({ answered, truth }) => answered === truth).length,
    },
  };
}
