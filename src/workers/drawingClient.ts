import type { CombScene, Raster } from '../core';
import { startHelper } from './helpers';
import type { DrawingWorker } from './protocol';

/**
 * Draws a made-up side of comb in a worker of its own, which ends with the work.
 *
 * @throws HelperError where the worker cannot be loaded or breaks down
 */
export async function drawComb(scene: CombScene, pixelsPerCell: number): Promise<Raster> {
  const { worker, remote, broken } = startHelper<DrawingWorker>(
    () => new Worker(new URL('./drawing.worker.ts', import.meta.url), { type: 'module' }),
  );
  try {
    return await Promise.race([remote.comb(scene, pixelsPerCell), broken]);
  } finally {
    worker.terminate();
  }
}
