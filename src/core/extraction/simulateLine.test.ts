import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { DomainError } from '../errors';
import { openGateCycle } from '../flow/strainer';
import { sampleLine } from '../test/extractionLine';
import type { Line } from './line';
import { honeyDoneMin, planLine } from './planLine';
import { simulateLine, type LineCourse } from './simulateLine';
import { bottleneck, lineGains } from './whatIf';

/** Lines of many kinds, small enough to run thousands. */
const lines = fc
  .record({
    frames: fc.integer({ min: 1, max: 120 }),
    people: fc.integer({ min: 1, max: 4 }),
    places: fc.integer({ min: 1, max: 3 }),
    seconds: fc.integer({ min: 10, max: 120 }),
    perLoad: fc.integer({ min: 2, max: 20 }),
    spin: fc.double({ min: 1, max: 20, noNaN: true }),
    sides: fc.constantFrom<1 | 2>(1, 2),
    byHand: fc.boolean(),
    handle: fc.integer({ min: 1, max: 12 }),
    strainers: fc.integer({ min: 1, max: 2 }),
    breakAt: fc.integer({ min: 545, max: 800 }),
    breakFor: fc.integer({ min: 5, max: 90 }),
    inside: fc.integer({ min: 0, max: 60 }),
    carry: fc.integer({ min: 1, max: 12 }),
    sump: fc.integer({ min: 40, max: 150 }),
  })
  .map((item): Line => {
    const base = sampleLine();
    return {
      ...base,
      frames: item.frames,
      speeds: Array.from({ length: item.people }, () => 1),
      uncapping: { ...base.uncapping, places: item.places, secondsPerFrame: item.seconds },
      extractor: {
        ...base.extractor,
        framesPerLoad: item.perLoad,
        spinMinutes: item.spin,
        sides: item.sides,
        byHand: item.byHand,
        handleMinutes: item.handle,
        sumpKg: item.sump,
      },
      strainer: { ...base.strainer, count: item.strainers },
      breaks: [{ fromMin: item.breakAt, toMin: item.breakAt + item.breakFor }],
      bees: {
        ...base.bees,
        shutFromMin: 600,
        shutToMin: 700,
        framesInside: item.inside,
        carryMinutes: item.carry,
        wetOutFromMin: 900,
      },
    };
  });

const pailsKg = ({ pailsAtMin, lastPailsKg }: LineCourse, pailKg: number): number =>
  pailsAtMin.length * pailKg + lastPailsKg.reduce((sum, kg) => sum + kg, 0);

describe('a day at the line', () => {
  test('by hand, with one pair of hands and nothing that waits, it is the plain sum', () => {
    const base = sampleLine();
    const line = sampleLine({
      frames: 20,
      speeds: [1],
      breaks: [],
      strainer: { ...base.strainer, cycle: openGateCycle(100) },
      pail: { kg: 100, changeMinutes: 0 },
    });
    const course = simulateLine(line);
    // 20 frames at 40 s, half of the handling to load, the spin
    expect(course.spunMin).toBeCloseTo(540 + (20 * 40) / 60 + 2.5 + 6, 9);
    expect(course.loads).toHaveLength(1);
    expect(course.loads[0]?.outMin).toBeCloseTo(course.spunMin + 2.5, 9);
    // what runs out, less the walls, at 100 kg a minute
    expect(course.strainedMin - course.spunMin).toBeCloseTo((20 * 1.6 * 0.91 - 0.5) / 100, 6);
  });

  test('hours of a person: nothing begins before they come or after they leave', () => {
    const work = (hours: Line['hours'], speeds = [1]) =>
      simulateLine(sampleLine({ frames: 60, speeds, breaks: [], ...(hours && { hours }) }), {
        records: true,
      });
    const alone = work(undefined);
    // who comes an hour late is done an hour late
    expect(work([{ fromMin: 600, toMin: null }]).spunMin).toBeCloseTo(alone.spunMin + 60, 9);
    const helped = work([null, { fromMin: 555, toMin: 570 }], [1, 1]);
    const both = work(undefined, [1, 1]);
    expect(helped.spunMin).toBeLessThan(alone.spunMin);
    expect(helped.spunMin).toBeGreaterThan(both.spunMin);
    const begun = helped.bars.filter(({ row }) => row === 'person-1').map((bar) => bar.fromMin);
    expect(begun.length).toBeGreaterThan(0);
    expect(Math.min(...begun)).toBeGreaterThanOrEqual(555);
    expect(Math.max(...begun)).toBeLessThan(570);
  });

  test('a day that everybody leaves has no end: it is refused, and no plan sends the last one away', () => {
    const leaving = sampleLine({ hours: [{ fromMin: 540, toMin: 600 }], speeds: [1] });
    expect(() => simulateLine(leaving)).toThrow(DomainError);
    const last = sampleLine({ hours: [{ fromMin: 540, toMin: 560 }, null] });
    expect(planLine(last)).toMatchObject({ working: 2, course: { mass: { total: 80 * 1.6 } } });
  });

  test('turned frames take both sides and the turning', () => {
    const base = sampleLine();
    const two = { ...base.extractor, sides: 2 as const, turnMinutes: 2 };
    const one = simulateLine(sampleLine({ frames: 20, speeds: [1], breaks: [] }));
    const both = simulateLine(sampleLine({ frames: 20, speeds: [1], breaks: [], extractor: two }));
    expect(both.spunMin - one.spunMin).toBeCloseTo(6 + 2, 9);
  });

  test('practice: five to six minutes a load by motor, 11 to 18 kg of a medium box, about 1 kg of a part-filled frame', () => {
    // common practice, no source
    const full = simulateLine(sampleLine({ frames: 10, honeyKgPerFrame: 1.6 }));
    expect(full.mass.strained).toBeGreaterThan(11);
    expect(full.mass.strained).toBeLessThan(18);
    const part = simulateLine(sampleLine({ frames: 10, honeyKgPerFrame: 1.15 }));
    expect(part.mass.strained / 10).toBeCloseTo(1, 0);
  });

  test('mass is conserved to the gram, whatever the line, and the pails hold what was strained', () => {
    fc.assert(
      fc.property(lines, (line) => {
        const course = simulateLine(line);
        const { total, ...parts } = course.mass;
        const all = Object.values(parts).reduce((sum, kg) => sum + kg, 0);
        expect(Math.abs(all - total)).toBeLessThan(1e-6);
        expect(Math.abs(total - line.frames * line.honeyKgPerFrame)).toBeLessThan(1e-6);
        expect(Math.abs(pailsKg(course, line.pail.kg) - parts.strained)).toBeLessThan(1e-6);
        expect(course.loads.reduce((sum, load) => sum + load.frames, 0)).toBe(line.frames);
      }),
      { numRuns: 300 },
    );
  });

  test('nobody does two things at once, nobody begins in a break, doors stay shut', () => {
    fc.assert(
      fc.property(lines, (line) => {
        const { bars, loads, wetOutMin } = simulateLine(line, { records: true });
        for (const row of new Set(bars.map((bar) => bar.row))) {
          const own = bars.filter((bar) => bar.row === row);
          const inOrder = own.sort((a, b) => a.fromMin - b.fromMin);
          inOrder.slice(1).forEach((bar, at) => {
            expect(bar.fromMin).toBeGreaterThanOrEqual(inOrder[at]!.toMin - 1e-6);
          });
        }
        const [pause] = line.breaks;
        const begun = bars.filter((bar) => bar.row.startsWith('person'));
        for (const { fromMin } of begun) {
          expect(fromMin >= pause!.fromMin && fromMin < pause!.toMin).toBe(false);
        }
        for (const { task, fromMin } of bars) {
          if (task === 'carry-in') expect(fromMin >= 600 && fromMin < 700).toBe(false);
          if (task === 'wet-out') expect(fromMin).toBeGreaterThanOrEqual(900);
        }
        expect(wetOutMin).not.toBeNull();
        expect(Math.max(...loads.map((load) => load.frames))).toBeLessThanOrEqual(
          line.extractor.framesPerLoad,
        );
      }),
      { numRuns: 200 },
    );
  });

  test('no more waits than there is room for, at the rack and before the strainer', () => {
    fc.assert(
      fc.property(lines, (line) => {
        const course = simulateLine(line);
        expect(course.mostWaitingKg).toBeLessThanOrEqual(line.extractor.sumpKg + 1e-6);
        expect(course.mostOpened).toBeLessThanOrEqual(line.uncapping.rackFrames);
        expect(course.strainedMin).toBeGreaterThanOrEqual(course.spunMin);
      }),
      { numRuns: 200 },
    );
  });

  test('pails are full in order, each with what a pail holds, none before its honey was spun', () => {
    fc.assert(
      fc.property(lines, (line) => {
        const { pailsAtMin, loads } = simulateLine(line);
        const inOrder = [...pailsAtMin].sort((a, b) => a - b);
        expect(pailsAtMin).toEqual(inOrder);
        const perFrame = line.honeyKgPerFrame * (1 - 0.05 - 0.04);
        pailsAtMin.forEach((at, number) => {
          const spun = loads.filter((load) => load.fromMin <= at);
          const kg = spun.reduce((sum, loadDone) => sum + loadDone.frames * perFrame, 0);
          expect(kg).toBeGreaterThanOrEqual((number + 1) * line.pail.kg - 1e-6);
        });
      }),
      { numRuns: 200 },
    );
  });

  test('one helper more never ends the plan later', () => {
    fc.assert(
      fc.property(lines, (line) => {
        const more = { ...line, speeds: [...line.speeds, 1] };
        const [before, after] = [planLine(line), planLine(more)].map((linePlan) =>
          honeyDoneMin(linePlan.course),
        );
        expect(after).toBeLessThanOrEqual(before! + 1e-6);
      }),
      { numRuns: 200 },
    );
  });

  test('left to free hands, a helper is in the way for no longer than two handlings take', () => {
    fc.assert(
      fc.property(lines, (line) => {
        const more = { ...line, speeds: [...line.speeds, 1] };
        const { extractor, bees, strainer } = line;
        const handOver = Math.max(
          extractor.handleMinutes,
          extractor.byHand ? extractor.spinMinutes : 0,
          bees.carryMinutes,
          strainer.scrapeMinutes,
          line.uncapping.secondsPerFrame / 60,
        );
        const later = honeyDoneMin(simulateLine(more)) - honeyDoneMin(simulateLine(line));
        // one handling nearly always; one line in many thousands has them wait for each other twice
        expect(later).toBeLessThanOrEqual(2 * handOver + 1e-6);
      }),
      { numRuns: 300 },
    );
  });

  test('what no line can be is refused by its field', () => {
    const base = sampleLine();
    expect(() => simulateLine({ ...base, speeds: [] })).toThrow(DomainError);
    expect(() => simulateLine({ ...base, frames: NaN })).toThrow('frames');
    const small = { ...base.uncapping, rackFrames: 10 };
    expect(() => simulateLine({ ...base, uncapping: small })).toThrow('rackFrames');
    const sump = { ...base.extractor, sumpKg: 5 };
    expect(() => simulateLine({ ...base, extractor: sump })).toThrow('sumpKg');
  });

  test('no frames: done before it began', () => {
    const course = simulateLine(sampleLine({ frames: 0 }));
    expect(course).toMatchObject({ spunMin: 540, strainedMin: 540, loads: [] });
  });
});

describe('what holds a line up', () => {
  const base = sampleLine({ breaks: [] });

  test('a small strainer is the bottleneck, and one more strainer brings most', () => {
    const cycle = {
      ...base.strainer.cycle,
      minutes: base.strainer.cycle.minutes.map((minute) => 6 * minute),
    };
    const slow = { ...base, strainer: { ...base.strainer, cycle } };
    expect(bottleneck(slow)?.stage).toBe('strainer');
    const [most] = lineGains(slow, null);
    expect(most?.change).toBe('strainer');
    const two = { ...slow, strainer: { ...slow.strainer, count: 2 } };
    const gain = honeyDoneMin(planLine(slow).course) - honeyDoneMin(planLine(two).course);
    expect(most?.minutes).toBeCloseTo(gain, 9);
  });

  test('a fork for everything makes uncapping the bottleneck', () => {
    const fork = { ...base, uncapping: { ...base.uncapping, secondsPerFrame: 150 } };
    expect(bottleneck(fork)?.stage).toBe('uncapping');
    expect(lineGains(fork, null)[0]?.change).toBe('tool');
  });

  test('warmer honey counts only where it is given', () => {
    expect(lineGains(base, null).some((lineGain) => lineGain.change === 'warmer')).toBe(false);
    expect(lineGains(base, base).find((lineGain) => lineGain.change === 'warmer')?.minutes).toBe(0);
  });

  test('doors that stay shut for the day hold everything up', () => {
    const shut = { ...base.bees, framesInside: 10, shutFromMin: 540, shutToMin: 1200 };
    expect(bottleneck({ ...base, bees: shut })?.stage).toBe('doors');
  });

  test('with nothing to do nothing holds it up', () => {
    expect(bottleneck({ ...base, frames: 0 })).toBeNull();
  });
});
