import { useState } from 'react';
import { isCopyDue, useCopyState } from '../../../db';
import type { AppError } from '../../../records';
import { selectWorkspace, useAppSelector } from '../../../store';
import { useSaveCopy } from '../../data/useSaveCopy';
import { useFileWork } from '../../ui/page/FileWork';

/** Whether everything is safe in a copy, and the act that makes one. */
export function useCopyNote(nowMs: number) {
  const workspace = useAppSelector(selectWorkspace);
  const state = useCopyState(workspace);
  const [error, setError] = useState<AppError | null>(null);
  const work = useFileWork();
  const saveCopy = useSaveCopy(work);
  return {
    state,
    // the demo can be made again at any time
    isDue: state !== undefined && workspace === 'mine' && isCopyDue(state, nowMs),
    error,
    work,
    save: () => void saveCopy().then(setError),
  };
}
