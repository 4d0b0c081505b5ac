import { startHelper } from './helpers';
import type { PhotoResult, PhotoWorker } from './protocol';

/** Longest side of a kept photograph [pixels]. */
const LONGEST_SIDE = 1280;

/**
 * Scales a photograph down in a worker of its own, which ends with the work.
 *
 * @throws HelperError where the worker cannot be loaded or breaks down
 */
export async function shrinkPhoto(file: Blob): Promise<PhotoResult> {
  const { worker, remote, broken } = startHelper<PhotoWorker>(
    () => new Worker(new URL('./photo.worker.ts', import.meta.url), { type: 'module' }),
  );
  try {
    return await Promise.race([remote.shrink(file, LONGEST_SIDE), broken]);
  } finally {
    worker.terminate();
  }
}
