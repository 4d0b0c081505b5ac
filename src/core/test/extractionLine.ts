import type { Line } from '../extraction/line';
import { strainerCycle, type Strainer } from '../flow/strainer';

/** A pail-top strainer of 200 µm. */
export const PAIL_STRAINER: Strainer = {
  meshes: [{ openingUm: 200, wireUm: 125, areaDm2: 7, headCm: 10 }],
  flowFactor: 1,
  clogFactor: 1,
  scrapeAtShare: 0.3,
};

/** Two people, a knife, a motor extractor of twenty frames, one strainer. */
export function sampleLine(change: Partial<Line> = {}): Line {
  return {
    startMin: 9 * 60,
    frames: 80,
    framesPerBox: 10,
    honeyKgPerFrame: 1.6,
    speeds: [1, 1],
    uncapping: { places: 1, secondsPerFrame: 40, lossShare: 0.05, rackFrames: 40 },
    extractor: {
      count: 1,
      framesPerLoad: 20,
      spinMinutes: 6,
      sides: 1,
      handleMinutes: 5,
      turnMinutes: 1,
      byHand: false,
      leftShare: 0.04,
      wallsKg: 0.5,
      sumpKg: 100,
    },
    strainer: {
      count: 1,
      cycle: strainerCycle(PAIL_STRAINER, { temperatureC: 25, moisturePercent: 17 }),
      scrapeMinutes: 5,
      scrapeLossKg: 0.1,
    },
    pail: { kg: 12.5, changeMinutes: 1 },
    breaks: [{ fromMin: 12 * 60, toMin: 12 * 60 + 45 }],
    bees: {
      shutFromMin: 0,
      shutToMin: 0,
      framesInside: 20_000,
      carryMinutes: 2,
      wetOutFromMin: null,
      wetOutMinutes: 3,
    },
    ...change,
  };
}
