import { useState } from 'react';
import type { FileForm } from '../../../db/files/exportFile';
import type { AppError } from '../../../records';
import {
  broughtIn,
  noticeShown,
  selectPreferences,
  selectWorkspace,
  useAppDispatch,
  useAppSelector,
} from '../../../store';
import type { ImportSummary } from '../../../workers/recordFileProtocol';
import { useSaveCopy } from '../../data/useSaveCopy';
import { useFileWork } from '../../ui/page/FileWork';
import { kitWords } from '../../words/english/kit';

/** A file that waits for a decision. */
interface Asked {
  readonly name: string;
  readonly summary: ImportSummary;
}

/** Whether a file only adds: then there is nothing to decide. */
const onlyAdds = (importSummary: ImportSummary): boolean =>
  importSummary.replaced.count + importSummary.removed.count + importSummary.returned === 0 &&
  importSummary.clashes.length +
    importSummary.setAside.count +
    importSummary.gaps +
    importSummary.lostCount ===
    0;

/** Everything out as one file, or a file in: at once where it only adds, asking where it changes. */
export function useExchange() {
  const dispatch = useAppDispatch();
  const workspace = useAppSelector(selectWorkspace);
  const { initials } = useAppSelector(selectPreferences);
  const [error, setError] = useState<AppError | null>(null);
  const [asked, setAsked] = useState<Asked | null>(null);
  const work = useFileWork();
  const notify = (text: string): void => void dispatch(noticeShown({ text, tone: 'info' }));

  const saveCopy = useSaveCopy(work);
  const exportAll = async (form: FileForm): Promise<void> => {
    setError(null);
    setError(await saveCopy(form));
  };

  const bringIn = async (name: string, takeTheirs: ReadonlySet<string>): Promise<void> => {
    const choice = { takeTheirs: [...takeTheirs], author: initials };
    const done = await work.run((remote) => remote.bringIn(workspace, choice));
    work.close();
    setAsked(null);
    if (!done) return;
    if (!done.ok) return setError(done.error);
    const { written, alreadyThere, steps } = done.value;
    const text = kitWords.broughtInRecordsFromWere({ written, name, alreadyThere });
    if (steps.length > 0) await dispatch(broughtIn(text, steps));
    else notify(text);
  };

  const importFile = async (file: File): Promise<void> => {
    setError(null);
    setAsked(null);
    const read = await work.run((remote, onProgress) => remote.read(workspace, file, onProgress));
    if (!read) return;
    if (!read.ok) {
      work.close();
      return setError(read.error);
    }
    if (onlyAdds(read.value)) await bringIn(file.name, new Set());
    else setAsked({ name: file.name, summary: read.value });
  };
  const giveUp = (): void => {
    work.close();
    setAsked(null);
  };

  return { work, error, asked, exportAll, importFile, bringIn, giveUp };
}
