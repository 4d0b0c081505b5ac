import { TYPICAL_MOISTURE_PERCENT } from '../../core';
import type { ExtractionContent } from '../../records';

/** A small line as many have it: two people, a knife, a motor for twenty frames. @source common practice, no source */
export const USUAL_DAY: Omit<ExtractionContent, 'day'> = {
  name: '',
  startMin: 540,
  lotId: null,
  frames: 60,
  framesPerBox: 10,
  honeyKgPerFrame: 1.6,
  face: 'flush',
  newComb: false,
  honeyKind: 'ordinary',
  temperatureC: 25,
  moisturePercent: TYPICAL_MOISTURE_PERCENT,
  people: [
    { name: '', speed: 1 },
    { name: '', speed: 1 },
  ],
  tool: { kind: 'cold-knife', secondsPerFrame: 45, lossShare: 0.05, count: 1, rackFrames: 24 },
  extractor: {
    count: 1,
    framesPerLoad: 12,
    spinMinutes: 5.5,
    turned: false,
    handleMinutes: 4,
    turnMinutes: 1.5,
    byHand: false,
    leftShare: 0.03,
    wallsKg: 0.4,
    sumpKg: 40,
  },
  strainer: {
    count: 1,
    meshes: [
      { openingUm: 600, wireUm: 300, areaDm2: 5, headCm: 5 },
      { openingUm: 200, wireUm: 125, areaDm2: 5, headCm: 5 },
    ],
    scrapeAtShare: 0.3,
    scrapeMinutes: 5,
    scrapeLossKg: 0.1,
  },
  pail: { kg: 12.5, changeMinutes: 1, have: 10 },
  breaks: [{ fromMin: 750, minutes: 45 }],
  bees: {
    shutFromMin: null,
    shutToMin: null,
    boxesInside: null,
    carryMinutes: 2,
    wetOutFromMin: 1260,
    wetOutMinutes: 3,
  },
  cleanUp: { flowNow: false, nextFlowNamed: false, disease: 'unknown', originLost: false },
  startedAt: null,
  doneAt: null,
  remark: '',
};
