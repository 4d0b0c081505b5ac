import { proxy } from 'comlink';
import type { Corners, KnownCell, PointGrid } from '../core';
import { startHelper } from './helpers';
import type { MeasureWorker, OpenedPhoto, ReadPhoto, SeenEyepiece } from './protocol';

/** One photograph being measured, in a worker of its own. */
export interface Measuring {
  /** null: it is no picture that this browser can read */
  open(file: Blob): Promise<OpenedPhoto | null>;
  /** null: no comb can be made out */
  read(question: ReadQuestion): Promise<ReadPhoto | null>;
  eyepiece(file: Blob): Promise<SeenEyepiece | null>;
  /** ends the worker, whatever it does */
  stop(): void;
}

export interface ReadQuestion {
  readonly corners: Corners;
  readonly grid: PointGrid;
  /** what the keeper set right before */
  readonly lessons: readonly KnownCell[];
  readonly onRow: (done: number, all: number) => void;
}

/**
 * Starts measuring. Every call fails with a HelperError where the worker cannot be loaded or breaks down.
 */
export function startMeasuring(): Measuring {
  const { worker, remote, broken } = startHelper<MeasureWorker>(
    () => new Worker(new URL('./measure.worker.ts', import.meta.url), { type: 'module' }),
  );
  return {
    open: (file) => Promise.race([remote.open(file), broken]),
    read: ({ corners, grid, lessons, onRow }) =>
      Promise.race([remote.read(corners, grid, lessons, proxy(onRow)), broken]),
    eyepiece: (file) => Promise.race([remote.eyepiece(file), broken]),
    stop: () => worker.terminate(),
  };
}
