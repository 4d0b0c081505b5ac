import { useEffect, useRef, useState, type ReactElement } from 'react';
import type { FileProgress } from '../../../db';
import { RecordFileJob } from '../../../workers/recordFileClient';
import type { RecordFileWorker } from '../../../workers/recordFileProtocol';
import { Button } from '../Button';
import { ProgressBar } from './ProgressBar';
import { commonWords } from '../../words/english/common';
import { sharedWords } from '../../words/english/shared';
import { helperTrouble } from '../../../workers/helpers';
import { technical } from '../../../records';
import { tell } from '../../words/tell';

/** One step of work on a file. */
type Step<T> = (
  remote: RecordFileWorker,
  onProgress: (progress: FileProgress) => void,
) => Promise<T>;

/** Work on a file in a worker: how far it is, what went wrong, and the way to give it up. */
export interface FileWorkState {
  readonly busy: boolean;
  readonly progress: FileProgress | null;
  /** why the worker could not do it; empty where nothing is wrong */
  readonly wrong: string;
  /** runs one step; null where it was given up or the worker failed */
  readonly run: <T>(step: Step<T>) => Promise<T | null>;
  /** ends the work and forgets what was read */
  readonly close: () => void;
}

interface Shown {
  readonly busy: boolean;
  readonly progress: FileProgress | null;
  readonly wrong: string;
}

const IDLE: Shown = { busy: false, progress: null, wrong: '' };

const isGivenUp = (error: unknown): boolean =>
  error instanceof DOMException && error.name === 'AbortError';

export function useFileWork(): FileWorkState {
  const [shown, setShown] = useState(IDLE);
  const job = useRef<RecordFileJob | null>(null);
  const close = (): void => {
    job.current?.close();
    job.current = null;
    setShown((before) => ({ ...IDLE, wrong: before.wrong }));
  };
  useEffect(() => () => job.current?.close(), []);
  const run = async <T,>(step: Step<T>): Promise<T | null> => {
    job.current ??= new RecordFileJob();
    const mine = job.current;
    setShown({ ...IDLE, busy: true });
    const onProgress = (progress: FileProgress): void => {
      if (job.current === mine) setShown((before) => ({ ...before, progress }));
    };
    try {
      const done = await mine.run(step, onProgress);
      setShown(IDLE);
      return done;
    } catch (error) {
      if (isGivenUp(error)) return null;
      mine.close();
      job.current = null;
      setShown({ ...IDLE, wrong: tell(helperTrouble(error) ?? technical(error)) });
      return null;
    }
  };
  return { ...shown, run, close };
}

const DOING: Readonly<Record<FileProgress['doing'], string>> = {
  writing: sharedWords.writingTheFile(),
  checking: sharedWords.readingItBackToBe(),
  reading: sharedWords.readingTheFile(),
  comparing: sharedWords.comparingItWithWhatIs(),
  keeping: sharedWords.keepingIt(),
};

/** How far work on a file is, with the way to stop it; or why it failed. */
export function FileWork({ work }: { work: FileWorkState }): ReactElement | null {
  const { busy, progress, wrong } = work;
  if (wrong !== '') {
    return (
      <p
        role="alert"
        className="mt-3 border-l-4 border-ink bg-paper px-4 py-3 text-lg font-semibold"
      >
        {wrong}
      </p>
    );
  }
  if (!busy) return null;
  const doing = progress ? DOING[progress.doing] : sharedWords.working();
  return (
    <div className="mt-3 flex min-h-11 flex-wrap items-center gap-x-4 gap-y-2 text-base">
      <ProgressBar doing={doing} share={progress?.share} />
      <p role="status">{doing} …</p>
      <Button onClick={work.close}>{commonWords.stop()}</Button>
    </div>
  );
}
