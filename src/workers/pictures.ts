import { base64Of } from '../records/exchange/base64';
import type { ShrunkPhoto } from './protocol';

/**
 * A file or a canvas as a picture no longer than so many pixels, drawn anew: nothing of the camera is left in it.
 *
 * @throws where the file is no picture that the browser can read
 */
export async function drawnSmall(
  from: Blob | OffscreenCanvas,
  longestSide: number,
): Promise<OffscreenCanvas> {
  const picture = await createImageBitmap(from, { imageOrientation: 'from-image' });
  const scale = Math.min(1, longestSide / Math.max(picture.width, picture.height));
  const width = Math.max(1, Math.round(picture.width * scale));
  const height = Math.max(1, Math.round(picture.height * scale));
  const canvas = new OffscreenCanvas(width, height);
  const pen = canvas.getContext('2d', { willReadFrequently: true });
  if (!pen) throw new Error('no canvas');
  pen.drawImage(picture, 0, 0, width, height);
  picture.close();
  return canvas;
}

/** A drawn picture as it is kept and shown. */
export async function jpegOf(canvas: OffscreenCanvas, quality: number): Promise<ShrunkPhoto> {
  const jpeg = await canvas.convertToBlob({ type: 'image/jpeg', quality });
  const bytes = new Uint8Array(await jpeg.arrayBuffer());
  return { width: canvas.width, height: canvas.height, jpegBase64: base64Of(bytes) };
}
