import { databaseOf, keepCopyMark } from '../../db';
import type { FileForm } from '../../db/files/exportFile';
import type { AppError } from '../../records';
import { noticeShown, selectWorkspace, useAppDispatch, useAppSelector } from '../../store';
import { isoToday } from '../format/dates';
import type { FileWorkState } from '../ui/page/FileWork';
import { handOver } from '../ui/handOver';
import { kitWords } from '../words/english/kit';

/** Saves everything as one file and remembers when; what went wrong, else null. */
export function useSaveCopy(work: FileWorkState): (form?: FileForm) => Promise<AppError | null> {
  const dispatch = useAppDispatch();
  const workspace = useAppSelector(selectWorkspace);
  return async (form = 'json') => {
    const written = await work.run((remote, tell) => remote.write(workspace, { form }, tell));
    work.close();
    if (!written) return null;
    if (!written.ok) return written.error;
    const { blob, records, setAside } = written.value;
    const isGone = await handOver(`ripenum-${workspace}-${isoToday()}`, form, blob);
    if (!isGone) return null;
    // a copy that cannot be remembered is a copy all the same: the reminder only comes too early
    const mark = { at: new Date().toISOString(), records };
    await keepCopyMark(databaseOf(workspace), mark).catch(() => undefined);
    const waiting = setAside > 0 ? kitWords.recordsInItToCorrect({ setAside }) : '';
    const text = kitWords.savedRecordsToAFile({ records, waiting });
    dispatch(noticeShown({ text, tone: 'info' }));
    return null;
  };
}
