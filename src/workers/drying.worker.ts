import { expose } from 'comlink';
import {
  forecaster,
  foretoldReadings,
  inTimeShare,
  learnRoom,
  loadCourse,
  mostBoxes,
  roomOutlook,
  type ForecastTask,
} from '../core';
import type { DryingWorker } from './protocol';

/** The forecaster last used; draws of one task come in many calls. */
let known: { key: string; draw: ReturnType<typeof forecaster> } | null = null;

function forecasterOf(task: ForecastTask): ReturnType<typeof forecaster> {
  const key = JSON.stringify(task);
  if (known?.key !== key) known = { key, draw: forecaster(task) };
  return known.draw;
}

const worker: DryingWorker = {
  first({ past, present, nowDay }) {
    const learned = learnRoom(past, present);
    return { learned, outlook: roomOutlook(present.run, learned.belief, nowDay) };
  },
  draws(task, from, count) {
    const draw = forecasterOf(task);
    return Array.from({ length: count }, (_, at) => draw(from + at));
  },
  loads(question, boxes) {
    return boxes.map((one) => loadCourse(question, one));
  },
  foretold({ past, present }) {
    return foretoldReadings(past, present);
  },
  inTime(question, boxes) {
    return inTimeShare(question, boxes);
  },
  mostBoxes(question, onTried) {
    return mostBoxes(question, (boxes, share) => onTried(boxes, share));
  },
};

expose(worker);
