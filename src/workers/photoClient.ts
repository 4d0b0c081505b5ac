import { wrap } from 'comlink';
import type { PhotoResult, PhotoWorker } from './protocol';

/** Longest side of a kept photograph [pixels]. */
const LONGEST_SIDE = 1280;

/** Scales a photograph down in a worker of its own, which ends with the work. */
export async function shrinkPhoto(file: Blob): Promise<PhotoResult> {
  const worker = new Worker(new URL('./photo.worker.ts', import.meta.url), { type: 'module' });
  try {
    return await wrap<PhotoWorker>(worker).shrink(file, LONGEST_SIDE);
  } finally {
    worker.terminate();
  }
}
