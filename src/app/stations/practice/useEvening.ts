import { useState } from 'react';
import { useNavigate } from 'react-router';
import {
  EVENING_CODES,
  EVENING_LOOKS,
  eveningResults,
  eveningScene,
  trueShare,
} from '../../../core';
import { eveningGuesses } from '../../../model';
import { selectWorkspace, useAppDispatch, useAppSelector } from '../../../store';
import { useCurrent } from '../../data/useWorkspaceModel';
import { practiceWords } from '../../words/english/practice';
import { lineOf, readLines } from './eveningLines';
import { saveLook } from './practiceActs';
import { useOneLook } from './useCombDrill';
import { useReader } from './useReader';

/** The number of an evening, before it begins. */
export function useEveningDoor() {
  const navigate = useNavigate();
  const workspace = useAppSelector(selectWorkspace);
  const { query } = useReader();
  const [typed, setTyped] = useState('');
  const [wrong, setWrong] = useState('');
  const begin = (): void => {
    const code = eveningCode(typed);
    if (code === null) {
      setWrong(practiceWords.codeWrong());
      return;
    }
    void navigate(`/${workspace}/practice/evening/${code}${query}`);
  };
  return { typed, setTyped, wrong, begin };
}

/** The number of an evening as an address or a field has it; null where no evening has it. */
export function eveningCode(text: string | undefined): number | null {
  const [least, most] = EVENING_CODES;
  const code = Number(text?.trim());
  return /^\d+$/.test(text?.trim() ?? '') && code >= least && code <= most ? code : null;
}

/** The ten sides of an evening, and who came nearest. */
export function useEvening(code: number) {
  const dispatch = useAppDispatch();
  const { reader, query } = useReader();
  const looks = useCurrent('practice-look');
  const guesses = eveningGuesses(looks, code);
  const own =
    guesses.find(({ name }) => name === reader)?.answers ??
    Array.from({ length: EVENING_LOOKS }, () => null);
  const waiting = own.indexOf(null);
  // the side in hand stays until one goes on, also once its answer is kept
  const [at, setAt] = useState(waiting);
  const [scene, setScene] = useState(() => eveningScene(code, Math.max(0, waiting)));
  const look = useOneLook(scene, (tenths) => {
    void dispatch(
      saveLook({
        drill: 'capping',
        reader,
        seed: scene.seed,
        of: scene.kind,
        answered: tenths / 10,
        truth: trueShare(scene),
        evening: code,
      }),
    );
  });
  const next = (): void => {
    const following = at + 1 < EVENING_LOOKS ? at + 1 : -1;
    setAt(following);
    if (following < 0) return;
    const side = eveningScene(code, following);
    setScene(side);
    look.start(side);
  };
  const [lines, setLines] = useState('');
  const typed = readLines(lines);
  const names = new Set(typed.read.map(({ name }) => name));
  const all = [...guesses.filter(({ name }) => !names.has(name)), ...typed.read];
  return {
    code,
    at,
    scene,
    look,
    next,
    query,
    line: lineOf({ name: reader, answers: own }),
    lines,
    setLines,
    notRead: typed.notRead,
    results: eveningResults(code, all),
  };
}
