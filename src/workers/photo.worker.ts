import { expose } from 'comlink';
import { drawnSmall, jpegOf } from './pictures';
import type { PhotoWorker } from './protocol';
import { say } from '../core/message/message';

const JPEG_QUALITY = 0.8;

const NO_PICTURE = say('errors.noPicture');

const worker: PhotoWorker = {
  async shrink(file, longestSide) {
    try {
      const canvas = await drawnSmall(file, longestSide);
      return { ok: true, photo: await jpegOf(canvas, JPEG_QUALITY) };
    } catch {
      return { ok: false, message: NO_PICTURE };
    }
  },
};

expose(worker);
