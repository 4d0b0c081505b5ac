import { useState } from 'react';
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
import type { FileWorkState } from '../../ui/page/FileWork';
import { kitWords } from '../../words/english/kit';

/** A file that waits for a decision. */
export interface Asked {
  readonly name: string;
  readonly summary: ImportSummary;
  /** which of the records that clash are taken; null: nothing is brought in */
  readonly decide: (takeTheirs: ReadonlySet<string> | null) => void;
}

const NONE: ReadonlySet<string> = new Set();

/** Nothing in it clashes, is set aside, or is missing. */
export const isClean = ({ clashes, setAside, gaps, lostCount }: ImportSummary): boolean =>
  clashes.length + setAside.count + gaps + lostCount === 0;

/** Brings files in: at once where nothing has to be decided, asking else. */
export function useBringIn(
  work: FileWorkState,
  needsNoAsking: (summary: ImportSummary) => boolean,
) {
  const dispatch = useAppDispatch();
  const workspace = useAppSelector(selectWorkspace);
  const { initials } = useAppSelector(selectPreferences);
  const [asked, setAsked] = useState<Asked | null>(null);

  const decided = (name: string, summary: ImportSummary): Promise<ReadonlySet<string> | null> => {
    if (needsNoAsking(summary)) return Promise.resolve(NONE);
    return new Promise((decide) => setAsked({ name, summary, decide }));
  };

  /** Why it was not brought in; null where it was, or was given up. */
  const bringIn = async (name: string, file: Blob): Promise<AppError | null> => {
    setAsked(null);
    const read = await work.run((remote, onProgress) => remote.read(workspace, file, onProgress));
    if (!read) return null;
    const takeTheirs = read.ok ? await decided(name, read.value) : null;
    setAsked(null);
    const choice = { takeTheirs: [...(takeTheirs ?? NONE)], author: initials };
    const done = takeTheirs && (await work.run((remote) => remote.bringIn(workspace, choice)));
    work.close();
    if (!read.ok) return read.error;
    if (!done) return null;
    if (!done.ok) return done.error;
    const { written, alreadyThere, steps } = done.value;
    const text = kitWords.broughtInRecordsFromWere({ written, name, alreadyThere });
    if (steps.length > 0) await dispatch(broughtIn(text, steps));
    else dispatch(noticeShown({ text, tone: 'info' }));
    return null;
  };
  return { asked, bringIn };
}
