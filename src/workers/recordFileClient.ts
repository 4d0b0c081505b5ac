import { proxy } from 'comlink';
import type { FileProgress } from '../db/files/progress';
import { startHelper, type Helper } from './helpers';
import type { RecordFileWorker } from './recordFileProtocol';

const newWorker = (): Worker =>
  new Worker(new URL('./recordFile.worker.ts', import.meta.url), { type: 'module' });

/**
 * Work on one file, in a worker of its own: what it has read stays there until it is closed.
 */
export class RecordFileJob {
  private readonly helper: Helper<RecordFileWorker> = startHelper(newWorker);
  private give: (reason: Error) => void = () => undefined;
  private readonly given = new Promise<never>((_, reject) => (this.give = reject));

  constructor() {
    // nobody may be waiting for it when it is given up
    this.given.catch(() => undefined);
  }

  /**
   * Runs one step of the work.
   *
   * @throws AbortError once the job was closed; Error where the worker cannot be loaded or breaks down
   */
  run<T>(
    step: (remote: RecordFileWorker, tell: (progress: FileProgress) => void) => Promise<T>,
    onProgress: (progress: FileProgress) => void = () => undefined,
  ): Promise<T> {
    const { remote, broken } = this.helper;
    // Comlink’s type of the far end parts unions of results; every method is a promise there anyway.
    const far = remote as unknown as RecordFileWorker;
    return Promise.race([step(far, proxy(onProgress)), this.given, broken]);
  }

  /** Ends the work; nothing that is not finished was written. */
  close(): void {
    this.helper.worker.terminate();
    this.give(new DOMException('given up', 'AbortError'));
  }
}
