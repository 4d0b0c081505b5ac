import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { normalDraws, seededRandom } from '../stats/seededRandom';
import { FINISHING_WORLDS, forecastAndFound } from '../test/wrongFinishing';
import { honeyFrame } from '../test/frameEvidence';
import { compareSchools, plainComparison } from './compare';
import { priorExpectation } from '../capping/expectation';
import { decideFrames, NO_CONTEXT } from './decide';
import { CAPPING_RATE_PRIOR, finishing } from './finishing';
import { frameCapping, type FrameEvidence } from './frameEvidence';
import { takenByPool } from './ripeness';
import { SCHOOLS, schoolOf } from './school';

const tenth = fc.integer({ min: 0, max: 10 });
const frames = fc.array(
  fc
    .record({ a: tenth, b: tenth, massKg: fc.double({ min: 0.3, max: 3, noNaN: true }) })
    .map(({ a, b, massKg }) =>
      honeyFrame([a, b], { honey: { massKg, standardUncertaintyKg: 0.1 } }),
    ),
  { minLength: 1, maxLength: 9 },
);

/** Pooled capped share of some frames, by mass. */
function pooledShare(some: readonly FrameEvidence[]): number {
  const kg = some.reduce((sum, frame) => sum + frame.honey.massKg, 0);
  return some.reduce((sum, frame) => sum + frameCapping(frame)!.share * frame.honey.massKg, 0) / kg;
}

/** The largest number of frames that together reach a share, by trying every choice. */
function mostByTrying(all: readonly FrameEvidence[], wanted: number): number {
  let most = 0;
  for (let choice = 1; choice < 2 ** all.length; choice += 1) {
    const some = all.filter((_, at) => (choice >> at) % 2 === 1);
    if (some.length > most && pooledShare(some) + 1e-9 >= wanted) most = some.length;
  }
  return most;
}

describe('the pooled school against every possible choice', () => {
  test('no other choice takes more frames and still reaches the share', () => {
    fc.assert(
      fc.property(frames, fc.constantFrom(0.6, 0.8, 0.9), (all, wanted) => {
        expect(takenByPool(all, wanted).size).toBe(mostByTrying(all, wanted));
      }),
      { numRuns: 150 },
    );
  });
});

/** Capped share after some days, in steps: slower as the frame fills, fading over the last three days. */
function cappedAfter(start: number, rate: number, days: number): number {
  let share = start;
  for (let day = 0; day < days; day += 0.1) {
    const fading = Math.min(1, (days - day) / 3);
    share += (0.1 * rate * fading * (1.2 - share)) / 0.7;
  }
  return share;
}

describe('the chance to be finished against drawn seasons', () => {
  test.each([
    [0.5, 10, 0.8],
    [0.3, 12, 0.8],
    [0.7, 4, 0.8],
    [0.2, 25, 0.95],
  ])('capped %d, %d days left, %d wanted: within 7 in 100', (share, daysLeft, wantedShare) => {
    const task = { share, standardUncertainty: 0.08, wantedShare, earlier: [] };
    const { probability } = finishing({ ...task, daysLeft, temperatureC: 24 });
    const draw = normalDraws(seededRandom(31));
    const seasons = 5000;
    let finished = 0;
    for (let season = 0; season < seasons; season += 1) {
      const rate = CAPPING_RATE_PRIOR.mean + CAPPING_RATE_PRIOR.standardDeviation * draw();
      const days = daysLeft + 4 * draw();
      if (cappedAfter(share + 0.08 * draw(), rate, days) >= wantedShare) finished += 1;
    }
    expect(Math.abs(finished / seasons - probability)).toBeLessThan(0.07);
  });

  test.each(FINISHING_WORLDS.slice(0, 3).map((world) => [world.name, world] as const))(
    'forecast within 8 in 100 of what came: %s',
    (_, world) => {
      const { forecast, came } = forecastAndFound(world, 2000, 3);
      expect(Math.abs(forecast - came)).toBeLessThanOrEqual(0.08);
    },
  );

  test('earlier looks: the rate lies between what is usual and what the frame showed', () => {
    const rate = fc.double({ min: 0.005, max: 0.15, noNaN: true });
    fc.assert(
      fc.property(rate, fc.integer({ min: 2, max: 12 }), (slope, daysAgo) => {
        const share = Math.min(0.75, 0.05 + slope * daysAgo);
        // at half, where the pace is the usual one
        const shown = (0.7 * Math.log(1.15 / (1.2 - share))) / daysAgo;
        const found = finishing({
          share,
          standardUncertainty: 0.06,
          wantedShare: 0.8,
          earlier: [{ daysAgo, share: 0.05, standardUncertainty: 0.05 }],
          daysLeft: 10,
          temperatureC: null,
        }).ratePerDay;
        const atHalf = (found * 0.7) / (1.2 - share);
        const [low, high] = [CAPPING_RATE_PRIOR.mean, shown].sort((a, b) => a - b);
        expect(atHalf).toBeGreaterThanOrEqual(low! - 1e-9);
        expect(atHalf).toBeLessThanOrEqual(high! + 1e-9);
      }),
    );
  });
});

describe('judging many alike', () => {
  const context = plainComparison(priorExpectation(), 20, 18);
  const group = (tenths: readonly [number, number], count: number) =>
    honeyFrame(tenths, {
      count,
      honey: { massKg: 1.8 * count, standardUncertaintyKg: 0.2 * count },
    });

  test('a group of frames alike is judged as its frames one by one', () => {
    const one = [
      ...Array.from({ length: 6 }, () => honeyFrame([9, 9])),
      ...Array.from({ length: 3 }, () => honeyFrame([5, 4])),
    ];
    const together = [group([9, 9], 6), group([5, 4], 3)];
    const single = compareSchools(one, SCHOOLS, context);
    const grouped = compareSchools(together, SCHOOLS, context);
    for (const [at, school] of SCHOOLS.entries()) {
      if (school.rule === 'pooled') continue;
      expect(grouped[at]?.takenFrames).toBe(single[at]?.takenFrames);
      expect(grouped[at]?.taken.massKg).toBeCloseTo(single[at]!.taken.massKg, 9);
      expect(grouped[at]?.expected?.mean ?? null).toEqual(
        single[at]?.expected ? expect.closeTo(single[at].expected.mean, 9) : null,
      );
    }
  });

  test('little honey in each frame of a group is still little', () => {
    const thin = honeyFrame([9, 9], {
      count: 100,
      honey: { massKg: 5, standardUncertaintyKg: 1 },
    });
    expect(decideFrames([thin], schoolOf('four-fifths'))[0]?.act).toBe('strip');
  });

  test('the order of the frames never matters', () => {
    fc.assert(
      fc.property(frames, fc.constantFrom(...SCHOOLS), (all, school) => {
        const acts = (list: readonly FrameEvidence[]) =>
          new Map(
            decideFrames(list, school, NO_CONTEXT).map((frame) => [frame.frameId, frame.act]),
          );
        const [forth, back] = [acts(all), acts([...all].reverse())];
        const taken = (of: Map<string, string>) =>
          [...of.values()].filter((text) => text === 'take');
        expect(taken(back)).toHaveLength(taken(forth).length);
      }),
    );
  });
});
