import { TYPICAL_MOISTURE_PERCENT } from '../../core';
import type { ExtractionContent } from '../../records';

/** A small line as many have it: two people, a knife, a motor for twenty frames. @source common practice, no source */
export const USUAL_DAY: Omit<ExtractionContent, 'day'> = {
  name: '',
  startMin: 540,
  endMin: null,
  lotId: null,
  frames: 60,
  smallFrames: 0,
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
  around: { setUpMin: 30, washUpMin: 60, interruptedShare: 0 },
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

/** What a line of one's own is made of, apart from what is spun on the day. */
export type Line = Pick<
  ExtractionContent,
  'people' | 'tool' | 'extractor' | 'pail' | 'breaks' | 'around'
>;

/** The line of a small house: two people and a motor. */
const MOTOR_LINE: Line = {
  people: USUAL_DAY.people,
  tool: USUAL_DAY.tool,
  extractor: USUAL_DAY.extractor,
  pail: USUAL_DAY.pail,
  breaks: USUAL_DAY.breaks,
  around: { setUpMin: 30, washUpMin: 60, interruptedShare: 0 },
};

/** One person with a fork and a cage for three frames, turned by hand. @source common practice, no source */
const HAND_LINE: Line = {
  people: [{ name: '', speed: 1 }],
  tool: { kind: 'fork', secondsPerFrame: 150, lossShare: 0.03, count: 1, rackFrames: 6 },
  extractor: {
    count: 1,
    framesPerLoad: 3,
    spinMinutes: 3,
    turned: true,
    handleMinutes: 1.5,
    turnMinutes: 1,
    byHand: true,
    leftShare: 0.06,
    wallsKg: 0.3,
    sumpKg: 6,
  },
  pail: { kg: 12.5, changeMinutes: 1, have: 3 },
  breaks: [],
  around: { setUpMin: 30, washUpMin: 60, interruptedShare: 0.2 },
};

/** What is usual where an extractor is driven so, until the keeper says otherwise. */
export const usualLine = (byHand: boolean): Line => (byHand ? HAND_LINE : MOTOR_LINE);

const DAY_MIN = 1440;
const HALF_HOUR_MIN = 30;

/**
 * When a day that is planned today may start: as usual, or at the next half hour where that is over.
 *
 * @param nowMin - minute of the day
 */
export function nextStart(usualMin: number, nowMin: number): number {
  if (nowMin <= usualMin) return usualMin;
  return Math.min(Math.ceil(nowMin / HALF_HOUR_MIN) * HALF_HOUR_MIN, DAY_MIN - HALF_HOUR_MIN);
}
