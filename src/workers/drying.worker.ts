import { expose } from 'comlink';
import {
  forecaster,
  predictedReadings,
  inTimeShare,
  learnRoom,
  loadCourse,
  mostBoxes,
  roomOutlook,
} from '../core';
import type { DryingWorker } from './protocol';

/** What is forecast: the task comes once, its draws are asked for in many calls. */
let draw: ReturnType<typeof forecaster> | null = null;

const worker: DryingWorker = {
  first({ past, present, nowDay }) {
    const learned = learnRoom(past, present);
    return { learned, outlook: roomOutlook(present.run, learned.belief, nowDay) };
  },
  take(task) {
    draw = forecaster(task);
  },
  draws(from, count) {
    const drawn = draw;
    if (!drawn) throw new Error('there is no task yet');
    return Array.from({ length: count }, (_, at) => drawn(from + at));
  },
  loads(question, boxes) {
    return boxes.map((box) => loadCourse(question, box));
  },
  trackRecord({ past, present }) {
    return predictedReadings(past, present);
  },
  inTime(question, boxes) {
    return inTimeShare(question, boxes);
  },
  mostBoxes(question, onTried) {
    return mostBoxes(question, (boxes, share) => onTried(boxes, share));
  },
};

expose(worker);

export default worker;
