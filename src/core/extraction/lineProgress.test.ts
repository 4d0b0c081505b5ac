import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { sampleLine } from '../test/extractionLine';
import { NO_TICKS, lineUnderWay, type LineTicks } from './lineProgress';
import { freshState } from './lineState';
import { honeyDoneMin } from './planLine';
import { LINE_DOUBT, doneBand, lineDraw } from './replicateLine';
import { simulateLine } from './simulateLine';

const LINE = sampleLine({ frames: 200, breaks: [] });
const PLANNED = simulateLine(LINE);

/** Ticks of a day that took `factor` times as long as planned, up to a time of the plan. */
function ticksAt(factor: number, untilMin: number): LineTicks {
  const slower = (times: readonly number[]): number[] =>
    times.filter((at) => at <= untilMin).map((at) => 540 + factor * (at - 540));
  return {
    loadsOutMin: slower(PLANNED.loads.map((load) => load.outMin)),
    pailsFullMin: slower(PLANNED.pailsAtMin),
    scrapesMin: slower(PLANNED.scrapesAtMin),
  };
}

describe('a day under way', () => {
  test('before the first tick it is the plan', () => {
    const now = lineUnderWay(LINE, NO_TICKS, 540);
    expect(now.pace).toEqual({ hands: 1, straining: 1 });
    expect(now.doubt).toEqual(LINE_DOUBT);
    expect(honeyDoneMin(simulateLine(now.line, { state: now.state }))).toBeCloseTo(
      honeyDoneMin(PLANNED),
      6,
    );
  });

  test('as planned so far: the end stays within one load’s time', () => {
    const ticks = ticksAt(1, 640);
    const last = ticks.loadsOutMin[ticks.loadsOutMin.length - 1]!;
    const now = lineUnderWay(LINE, ticks, last);
    expect(now.pace.hands).toBeCloseTo(1, 6);
    const end = honeyDoneMin(simulateLine(now.line, { state: now.state }));
    expect(Math.abs(end - honeyDoneMin(PLANNED))).toBeLessThan(15);
    expect(now.doubt.hands).toBeLessThan(LINE_DOUBT.hands);
  });

  test('late by a half: the pace is learned and the end moves with it', () => {
    const ticks = ticksAt(1.5, 640);
    const last = ticks.loadsOutMin[ticks.loadsOutMin.length - 1]!;
    const now = lineUnderWay(LINE, ticks, last);
    expect(now.pace.hands).toBeGreaterThan(1.15);
    expect(now.pace.hands).toBeLessThan(1.5);
    const end = honeyDoneMin(simulateLine(now.line, { state: now.state }));
    const trueEnd = 540 + 1.5 * (honeyDoneMin(PLANNED) - 540);
    expect(end).toBeGreaterThan(honeyDoneMin(PLANNED) + 20);
    expect(end).toBeLessThan(trueEnd + 20);
  });

  test('frames and honey are all accounted for in the middle of the day', () => {
    const ticks = ticksAt(1, 600);
    const { state, line } = lineUnderWay(LINE, ticks, 605);
    const frames =
      state.framesInside +
      state.framesOutside +
      state.opened +
      state.spunFrames +
      (state.hanging?.frames ?? 0);
    expect(frames).toBe(200);
    const { mass } = simulateLine(line, { state });
    const { total, ...parts } = mass;
    expect(Object.values(parts).reduce((sum, kg) => sum + kg, 0)).toBeCloseTo(total, 6);
  });

  test('pails that nobody ticked are reported, not lost', () => {
    const { state } = lineUnderWay(LINE, { ...ticksAt(1, 700), pailsFullMin: [] }, 705);
    const spun = state.spunFrames * 1.6 * 0.91;
    const kept = state.sumpKg + state.pailKg + state.untickedKg + (0.5 - state.wallsLeftKg);
    expect(state.untickedKg).toBeGreaterThan(10);
    expect(kept + 0.1 * PLANNED.scrapesAtMin.filter((at) => at <= 700).length).toBeCloseTo(spun, 6);
  });

  test('whatever was ticked, whenever: every frame is somewhere, and the day comes to an end', () => {
    const times = fc.array(fc.integer({ min: 540, max: 900 }), { maxLength: 12 });
    const ticks = fc.record({ loadsOutMin: times, pailsFullMin: times, scrapesMin: times });
    const inOrder = (all: readonly number[]): number[] => [...all].sort((a, b) => a - b);
    fc.assert(
      fc.property(ticks, fc.integer({ min: 0, max: 600 }), (typed, later) => {
        const ticked = {
          loadsOutMin: inOrder(typed.loadsOutMin),
          pailsFullMin: inOrder(typed.pailsFullMin),
          scrapesMin: inOrder(typed.scrapesMin),
        };
        const nowMin = Math.max(540, ...Object.values(ticked).flat()) + later;
        const { state, line, pace, doubt } = lineUnderWay(LINE, ticked, nowMin);
        const hanging = state.hanging?.frames ?? 0;
        const frames = state.framesInside + state.framesOutside + state.opened + hanging;
        expect(frames + state.spunFrames).toBe(200);
        expect(Math.min(state.sumpKg, state.pailKg, state.untickedKg)).toBeGreaterThanOrEqual(0);
        expect(state.sumpKg).toBeLessThanOrEqual(LINE.extractor.sumpKg);
        expect(pace.hands).toBeGreaterThan(0);
        expect(doubt.hands).toBeLessThanOrEqual(LINE_DOUBT.hands);
        const course = simulateLine(line, { state });
        expect(course.spunMin).toBeGreaterThanOrEqual(nowMin);
        expect(course.loads.reduce((sum, load) => sum + load.frames, 0)).toBe(
          200 - state.spunFrames,
        );
      }),
      { numRuns: 200 },
    );
  });

  test('breaks do not count as slow work', () => {
    const line = sampleLine({ frames: 200, breaks: [{ fromMin: 560, toMin: 620 }] });
    const planned = simulateLine(line);
    const loadsOutMin = planned.loads.map((load) => load.outMin).slice(0, 3);
    const now = lineUnderWay(line, { ...NO_TICKS, loadsOutMin }, loadsOutMin[2]!);
    expect(now.pace.hands).toBeCloseTo(1, 6);
  });
});

describe('many days', () => {
  const task = { line: LINE, state: freshState(LINE), doubt: LINE_DOUBT };

  test('a draw repeats by its number; the plan lies inside the band', () => {
    expect(lineDraw(task, 7)).toEqual(lineDraw(task, 7));
    expect(lineDraw(task, 7)).not.toEqual(lineDraw(task, 8));
    const draws = Array.from({ length: 200 }, (_, at) => lineDraw(task, at));
    const band = doneBand(draws, 'doneMin');
    expect(band.early).toBeLessThan(honeyDoneMin(PLANNED));
    expect(band.late).toBeGreaterThan(honeyDoneMin(PLANNED));
    const inside = draws.filter((draw) => draw.doneMin >= band.early && draw.doneMin <= band.late);
    expect(inside.length / draws.length).toBeCloseTo(0.9, 1);
  });

  test('a day that is better known has a narrower end', () => {
    const width = (hands: number): number => {
      const doubt = { hands, straining: hands };
      const draws = Array.from({ length: 100 }, (_, at) => lineDraw({ ...task, doubt }, at));
      const { early, late } = doneBand(draws, 'spunMin');
      return late - early;
    };
    expect(width(0.02)).toBeLessThan(width(0.2));
  });

  test('without days there is no band; one day is its own', () => {
    expect(doneBand([], 'doneMin').likely).toBeNaN();
    const one = lineDraw(task, 1);
    expect(doneBand([one], 'spunMin').late).toBe(one.spunMin);
  });
});
