import { expose, transfer } from 'comlink';
import { combPicture } from '../core';
import type { DrawingWorker } from './protocol';

const worker: DrawingWorker = {
  comb(scene, pixelsPerCell) {
    const picture = combPicture(scene, pixelsPerCell);
    return transfer(picture, [picture.data.buffer]);
  },
};

expose(worker);
