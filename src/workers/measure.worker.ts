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
import type { MeasureWorker, Preview } from './protocol';
import { base64Of } from '../records/exchange/base64';

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

async function rasterOf(file: Blob, longest: number): Promise<Raster> {
  const picture = await createImageBitmap(file, { imageOrientation: 'from-image' });
  const scale = Math.min(1, longest / Math.max(picture.width, picture.height));
  const width = Math.max(1, Math.round(picture.width * scale));
  const height = Math.max(1, Math.round(picture.height * scale));
  const pen = new OffscreenCanvas(width, height).getContext('2d', { willReadFrequently: true });
  if (!pen) throw new Error('no canvas');
  pen.drawImage(picture, 0, 0, width, height);
  picture.close();
  const { data } = pen.getImageData(0, 0, width, height);
  return { width, height, data };
}

/** Drawn anew, so that nothing of the camera is left in it. */
async function previewOf({ width, height, data }: Raster): Promise<Preview> {
  const whole = new OffscreenCanvas(width, height);
  whole
    .getContext('2d')
    ?.putImageData(new ImageData(new Uint8ClampedArray(data), width, height), 0, 0);
  const scale = Math.min(1, SHOWN / Math.max(width, height));
  const small = new OffscreenCanvas(Math.round(width * scale), Math.round(height * scale));
  small.getContext('2d')?.drawImage(whole, 0, 0, small.width, small.height);
  const jpeg = await small.convertToBlob({ type: 'image/jpeg', quality: JPEG_QUALITY });
  const bytes = new Uint8Array(await jpeg.arrayBuffer());
  return { width: small.width, height: small.height, jpegBase64: base64Of(bytes) };
}

const worker: MeasureWorker = {
  async open(file) {
    try {
      opened = await rasterOf(file, WORKED_ON);
    } catch {
      return null;
    }
    const found = combCorners(greyOf(opened));
    const { width, height } = opened;
    return {
      size: { width, height },
      corners: found ?? usualCorners(width, height),
      isFound: found !== null,
      preview: await previewOf(opened),
    };
  },
  async read(corners, grid, lessons, onTile) {
    if (!opened) return null;
    const flat = straightened(opened, corners, STRAIGHT);
    const model = learned(CELL_MODEL, lessons, LESSONS);
    const side = readSide(flat, grid, model, (done, all) => void onTile(done, all));
    return side && { side, preview: await previewOf(flat) };
  },
  async eyepiece(file) {
    let raster: Raster;
    try {
      raster = await rasterOf(file, WORKED_ON);
    } catch {
      return null;
    }
    const { width, height } = raster;
    return {
      size: { width, height },
      edge: eyepieceEdge(greyOf(raster)),
      preview: await previewOf(raster),
    };
  },
};

expose(worker);
