import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { waxThrough } from '../flow/waxThrough';
import { sampleLine } from '../test/extractionLine';
import { handWays, type HandWay } from './handWays';
import { NO_TICKS } from './lineProgress';
import { extractorPlaces, loadsOf } from './loads';
import { honeyDoneMin } from './planLine';
import { seenPace } from './seenPace';
import { simulateLine } from './simulateLine';
import { TOOLS, judgeTools, secondsWithPicking } from './tools';

const COMBS = { frames: 12, honeyKgPerFrame: 1.5, temperatureC: 30, moisturePercent: 17.5 };
const wayOf = (way: HandWay, change: Partial<typeof COMBS> = {}) =>
  handWays({ ...COMBS, ...change }).find((each) => each.way === way)!;

describe('ways without an extractor', () => {
  test('twelve frames crushed: an hour of work, overnight at 30 °C, no comb left', () => {
    expect(wayOf('crush')).toMatchObject({ minutes: 60, combSpared: 0 });
    expect(wayOf('crush').dripHours).toBeCloseTo(12, 9);
    expect(wayOf('crush').honeyKg).toBeCloseTo(15.3, 9);
  });

  test('cold or dry honey runs for longer; draining spares the comb and gives least', () => {
    expect(wayOf('drain', { temperatureC: 20 }).dripHours).toBeGreaterThan(2 * 36);
    expect(wayOf('drain', { moisturePercent: 16 }).dripHours).toBeGreaterThan(36);
    const kgs = handWays(COMBS).map(({ honeyKg }) => honeyKg);
    expect(wayOf('drain').honeyKg).toBe(Math.min(...kgs));
    expect(wayOf('drain').combSpared).toBeGreaterThan(0.9);
  });

  test('no way gives more honey than there is', () => {
    const frames = fc.integer({ min: 0, max: 200 });
    fc.assert(
      fc.property(frames, fc.double({ min: 0, max: 4, noNaN: true }), (count, kg) => {
        for (const { honeyKg } of handWays({ ...COMBS, frames: count, honeyKgPerFrame: kg }))
          expect(honeyKg).toBeLessThanOrEqual(count * kg + 1e-9);
      }),
    );
  });
});

describe('tools as they are', () => {
  test('a roller is picked clean, which takes its time; a fork is not', () => {
    const roller = TOOLS.find(({ kind }) => kind === 'roller')!;
    expect(secondsWithPicking(roller)).toBe(40);
    const fork = TOOLS.find(({ kind }) => kind === 'fork')!;
    expect(secondsWithPicking(fork)).toBe(fork.secondsPerFrame);
    const combs = { face: 'flush', isNew: false, frames: 60, honeyKgPerFrame: 1.5 } as const;
    expect(judgeTools(combs, [roller])[0]?.minutes).toBeCloseTo(40, 9);
  });

  test.each([
    [20, 0, 20],
    [20, 7, 17],
    [20, 20, 10],
    [1, 1, 1],
    [0, 0, 0],
  ])('%d frames with %d small ones take %d places', (frames, small, places) => {
    expect(extractorPlaces(frames, small)).toBe(places);
  });

  test('small frames never make more loads', () => {
    const frames = fc.integer({ min: 0, max: 300 });
    fc.assert(
      fc.property(frames, fc.integer({ min: 1, max: 40 }), (count, perLoad) => {
        const doubled = loadsOf(extractorPlaces(count, Math.floor(count / 2)), perLoad).length;
        expect(doubled).toBeLessThanOrEqual(loadsOf(count, perLoad).length);
      }),
    );
  });
});

describe('wax that comes through', () => {
  test('the mesh is looked at first, settling comes last, and between stands what is so', () => {
    expect(waxThrough([600, 200], 25)).toEqual(['torn', 'settle']);
    expect(waxThrough([2000], 34)).toEqual([
      'torn',
      'too-warm',
      'too-coarse',
      'no-second',
      'settle',
    ]);
  });
});

describe('one time alone', () => {
  const line = sampleLine({ frames: 40 });
  const planned = honeyDoneMin(simulateLine(line));
  const took = (times: number): number => line.startMin + times * (planned - line.startMin);

  test('a day that took half as long again teaches so; as planned teaches one', () => {
    const plain = { ...line, breaks: [] };
    const end = honeyDoneMin(simulateLine(plain));
    const at = (times: number): number => plain.startMin + times * (end - plain.startMin);
    expect(seenPace(plain, NO_TICKS, at(1.5)).hands?.log).toBeCloseTo(Math.log(1.5), 6);
    expect(seenPace(plain, NO_TICKS, at(1)).hands?.log).toBeCloseTo(0, 6);
  });

  test('without an end, or with one that no such day has, it teaches nothing', () => {
    expect(seenPace(line, NO_TICKS).hands).toBeNull();
    expect(seenPace(line, NO_TICKS, took(9)).hands).toBeNull();
    expect(seenPace(line, NO_TICKS, line.startMin).hands).toBeNull();
  });

  test('loads that were ticked off go before it', () => {
    const ticks = { ...NO_TICKS, loadsOutMin: [line.startMin + 60] };
    expect(seenPace(line, ticks, took(1.5))).toEqual(seenPace(line, ticks));
  });
});
