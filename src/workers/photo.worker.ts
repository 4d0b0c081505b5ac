import { expose } from 'comlink';
import type { PhotoResult, PhotoWorker } from './protocol';
import { say } from '../core/message/message';
import { base64Of } from '../records/exchange/base64';

const JPEG_QUALITY = 0.8;

const NO_PICTURE = say('errors.noPicture');

async function shrunk(file: Blob, longestSide: number): Promise<PhotoResult> {
  const picture = await createImageBitmap(file, { imageOrientation: 'from-image' });
  const scale = Math.min(1, longestSide / Math.max(picture.width, picture.height));
  const width = Math.max(1, Math.round(picture.width * scale));
  const height = Math.max(1, Math.round(picture.height * scale));
  const canvas = new OffscreenCanvas(width, height);
  const pen = canvas.getContext('2d');
  if (!pen) return { ok: false, message: NO_PICTURE };
  pen.drawImage(picture, 0, 0, width, height);
  picture.close();
  const jpeg = await canvas.convertToBlob({ type: 'image/jpeg', quality: JPEG_QUALITY });
  const bytes = new Uint8Array(await jpeg.arrayBuffer());
  return { ok: true, photo: { width, height, jpegBase64: base64Of(bytes) } };
}

const worker: PhotoWorker = {
  async shrink(file, longestSide) {
    try {
      return await shrunk(file, longestSide);
    } catch {
      return { ok: false, message: NO_PICTURE };
    }
  },
};

expose(worker);
