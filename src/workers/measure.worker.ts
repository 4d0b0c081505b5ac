import { expose } from 'comlink';
import {
  CELL_MODEL,
  combCorners,
  eyepieceEdge,
  greyOf,
  learned,
  readSide,
  straightened,
  usualCorners,
  type Raster,
} from '../core';
import { drawnSmall, jpegOf } from './pictures';
import type { MeasureWorker, Preview } from './protocol';

/** Longest side that is worked on: cells have enough pixels, and a slow phone keeps up [pixels]. */
const WORKED_ON = 1600;

/** Longest side of what is shown [pixels]. */
const SHOWN = 1000;

/** Width of a straightened side: some fifteen pixels a cell [pixels]. */
const STRAIGHT = 1000;

const JPEG_QUALITY = 0.82;

/** What the keeper set right, held against what was learned from drawn combs. */
const LESSONS = { hold: 12, rounds: 60 } as const;

let opened: Raster | null = null;

const rasterOf = (canvas: OffscreenCanvas): Raster | undefined =>
  canvas.getContext('2d')?.getImageData(0, 0, canvas.width, canvas.height);

/** A picture that was worked on, small enough to show. */
async function previewOf({ width, height, data }: Raster): Promise<Preview> {
  const whole = new OffscreenCanvas(width, height);
  const pixels = new ImageData(new Uint8ClampedArray(data), width, height);
  whole.getContext('2d')?.putImageData(pixels, 0, 0);
  return jpegOf(await drawnSmall(whole, SHOWN), JPEG_QUALITY);
}

async function opening(file: Blob): Promise<Raster | null> {
  try {
    return rasterOf(await drawnSmall(file, WORKED_ON)) ?? null;
  } catch {
    return null;
  }
}

const worker: MeasureWorker = {
  async open(file) {
    opened = await opening(file);
    if (!opened) return null;
    const found = combCorners(greyOf(opened));
    const { width, height } = opened;
    return {
      size: { width, height },
      corners: found ?? usualCorners(width, height),
      isFound: found !== null,
      preview: await previewOf(opened),
    };
  },
  async read(corners, grid, lessons, onRow) {
    if (!opened) return null;
    const flat = straightened(opened, corners, STRAIGHT);
    const model = learned(CELL_MODEL, lessons, LESSONS);
    const side = readSide(flat, grid, model, (done, all) => void onRow(done, all));
    return side && { side, preview: await previewOf(flat) };
  },
  async eyepiece(file) {
    const raster = await opening(file);
    if (!raster) return null;
    const { width, height } = raster;
    return {
      size: { width, height },
      edge: eyepieceEdge(greyOf(raster)),
      preview: await previewOf(raster),
    };
  },
};

expose(worker);
