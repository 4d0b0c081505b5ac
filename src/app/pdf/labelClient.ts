import { proxy } from 'comlink';
import { withHelpers } from '../../workers/helpers';
import type { PaperFonts } from './fonts';
import type { LabelWorker } from './labels.worker';
import type { LabelJob, LabelSheets } from './labelsPdf';

interface LabelRun {
  readonly fonts: PaperFonts;
  /** gives the work up */
  readonly signal: AbortSignal;
  readonly onProgress: (share: number) => void;
}

/**
 * Draws labels in a worker of its own, which ends with the work.
 *
 * @throws AbortError when given up; HelperError where the worker cannot be loaded or breaks down
 */
export const drawLabels = (job: LabelJob, run: LabelRun): Promise<LabelSheets> =>
  withHelpers<LabelWorker, LabelSheets>(
    {
      newWorker: () =>
        new Worker(new URL('./labels.worker.ts', import.meta.url), { type: 'module' }),
      count: 1,
      signal: run.signal,
    },
    async ([helper]) => {
      if (!helper) throw new Error('no worker');
      return helper.remote.labelsPdf(job, run.fonts, proxy(run.onProgress));
    },
  );
