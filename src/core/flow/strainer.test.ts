import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { DomainError } from '../errors';
import { goldenMinimum } from '../fit/goldenMinimum';
import { calibratedStrainer } from './calibration';
import { minutesToPass } from './clogging';
import { cleanFlowKgPerH } from './mesh';
import {
  minutesInCycle,
  openGateCycle,
  strainerCycle,
  strainingCurve,
  strainingTime,
  type Strainer,
} from './strainer';
import {
  WAX_SOFTENS_C,
  afterSettling,
  bestScrapeShare,
  meshEffect,
  strainingAdvice,
  timeOfTask,
  warmEnoughC,
  type StrainingTask,
} from './strainingAdvice';

const HONEY = { temperatureC: 25, moisturePercent: 17 };
const FINE = { openingUm: 200, wireUm: 125, areaDm2: 3, headCm: 10 };
const COARSE = { openingUm: 600, wireUm: 300, areaDm2: 3, headCm: 5 };
const SINGLE: Strainer = { meshes: [FINE], flowFactor: 1, clogFactor: 1, scrapeAtShare: 0.3 };
const TASK: StrainingTask = { strainer: SINGLE, honey: HONEY, kg: 100, scrapeMinutes: 5 };

const strainers = fc.record({
  meshes: fc.array(
    fc.record({
      openingUm: fc.constantFrom(150, 200, 400, 600, 1000),
      wireUm: fc.constantFrom(100, 125, 250),
      areaDm2: fc.double({ min: 0.5, max: 20, noNaN: true }),
      headCm: fc.double({ min: 1, max: 30, noNaN: true }),
    }),
    { minLength: 1, maxLength: 3 },
  ),
  flowFactor: fc.double({ min: 0.2, max: 5, noNaN: true }),
  clogFactor: fc.double({ min: 0.2, max: 5, noNaN: true }),
  scrapeAtShare: fc.double({ min: 0.1, max: 0.9, noNaN: true }),
});

describe('a strainer from clean to scraped', () => {
  test('one mesh is Hermia’s closed form, all along the cycle', () => {
    const cycle = strainerCycle(SINGLE, HONEY);
    const cleanKgPerMin = cleanFlowKgPerH(FINE, { ...HONEY, headCm: 10 }) / 60;
    const hermia = { law: 'intermediate', cleanKgPerMin, perKg: 0.06 / 3 } as const;
    expect(cycle.kg).toBeCloseTo(Math.log(1 / 0.3) / hermia.perKg, 9);
    for (const part of [12, 24, 48]) {
      const kg = (cycle.kg * part) / 48;
      expect(cycle.minutes[part]).toBeCloseTo(minutesToPass(hermia, kg), 5);
    }
  });

  test('a coarse mesh above keeps wax off the fine one', () => {
    const chain = strainerCycle({ ...SINGLE, meshes: [COARSE, FINE] }, HONEY);
    expect(chain.kg).toBeGreaterThan(strainerCycle(SINGLE, HONEY).kg);
    expect(chain.cleanKgPerMin).toBeLessThanOrEqual(strainerCycle(SINGLE, HONEY).cleanKgPerMin);
  });

  test('whole cycles, each with its scraping, and the rest', () => {
    const cycle = strainerCycle(SINGLE, HONEY);
    const whole = cycle.minutes[48]!;
    expect(strainingTime(cycle, cycle.kg, 5)).toEqual({ minutes: whole, scrapes: 0 });
    const two = strainingTime(cycle, 1.5 * cycle.kg, 5);
    expect(two.scrapes).toBe(1);
    expect(two.minutes).toBeCloseTo(whole + 5 + minutesInCycle(cycle, cycle.kg / 2), 6);
    expect(strainingTime(openGateCycle(2), 50, 5)).toEqual({ minutes: 25, scrapes: 0 });
  });

  test('the curve rises to the whole mass at the time it takes, flat where it is scraped', () => {
    const cycle = strainerCycle(SINGLE, HONEY);
    const curve = strainingCurve(cycle, 150, 5);
    const time = strainingTime(cycle, 150, 5);
    expect(curve.at(-1)?.kg).toBeCloseTo(150, 9);
    expect(curve.at(-1)?.minutes).toBeCloseTo(time.minutes, 6);
    const flat = curve.filter(
      (strainedPoint, at) => at > 0 && strainedPoint.kg === curve[at - 1]!.kg,
    );
    expect(flat).toHaveLength(time.scrapes);
    expect(() => strainingCurve(cycle, -1, 5)).toThrow(DomainError);
  });

  test('warming up to 35 °C never slows straining', () => {
    const warmth = fc.double({ min: 10, max: WAX_SOFTENS_C - 0.5, noNaN: true });
    fc.assert(
      fc.property(
        strainers,
        warmth,
        fc.double({ min: 1, max: 500, noNaN: true }),
        (strainer, c, kg) => {
          const at = (temperatureC: number): number =>
            timeOfTask({ strainer, honey: { ...HONEY, temperatureC }, kg, scrapeMinutes: 5 })
              .minutes;
          expect(at(c + 0.5)).toBeLessThanOrEqual(at(c) * (1 + 1e-9));
        },
      ),
    );
  });

  test('no mesh, or a share that is none, is refused', () => {
    expect(() => strainerCycle({ ...SINGLE, meshes: [] }, HONEY)).toThrow(DomainError);
    expect(() => strainerCycle({ ...SINGLE, scrapeAtShare: 1 }, HONEY)).toThrow(DomainError);
    expect(() => strainingTime(openGateCycle(1), -1, 5)).toThrow(DomainError);
    expect(() => openGateCycle(0)).toThrow(DomainError);
  });
});

describe('the first bucket', () => {
  const truth: Strainer = { ...SINGLE, flowFactor: 0.6, clogFactor: 1.8 };
  const markAt = (kg: number) => ({
    kg,
    minutes: minutesInCycle(strainerCycle({ ...truth, scrapeAtShare: 0.02 }, HONEY), kg),
  });

  test('one bucket tells the flow; more marks tell the clogging too', () => {
    const one = calibratedStrainer(SINGLE, HONEY, [markAt(12)]);
    const more = calibratedStrainer(SINGLE, HONEY, [2, 5, 10, 15, 20, 25].map(markAt));
    expect(Math.abs(Math.log(more.strainer.flowFactor / 0.6))).toBeLessThan(0.1);
    expect(Math.abs(Math.log(more.strainer.clogFactor / 1.8))).toBeLessThan(0.15);
    expect(more.flowSpread).toBeLessThan(one.flowSpread);
    expect(one.flowSpread).toBeLessThan(0.5);
  });

  test('whatever the strainer is, pails read to the gram find it, and never make it less sure', () => {
    const truths = fc.record({
      flow: fc.double({ min: 0.4, max: 2.5, noNaN: true }),
      clog: fc.double({ min: 0.4, max: 2.5, noNaN: true }),
    });
    fc.assert(
      fc.property(truths, ({ flow, clog }) => {
        const real: Strainer = { ...SINGLE, flowFactor: flow, clogFactor: clog };
        const cycle = strainerCycle({ ...real, scrapeAtShare: 0.02 }, HONEY);
        const marks = [0.1, 0.25, 0.4, 0.55, 0.7].map((share) => {
          const kg = share * cycle.kg;
          return { kg, minutes: minutesInCycle(cycle, kg) };
        });
        const { strainer, flowSpread } = calibratedStrainer(SINGLE, HONEY, marks);
        expect(Math.abs(Math.log(strainer.flowFactor / flow))).toBeLessThan(0.15);
        expect(Math.abs(Math.log(strainer.clogFactor / clog))).toBeLessThan(0.15);
        expect(flowSpread).toBeLessThan(0.5);
      }),
      { numRuns: 60 },
    );
  });

  test('the first bucket as computed leaves the strainer as it was', () => {
    const computed = { kg: 12, minutes: minutesInCycle(strainerCycle(SINGLE, HONEY), 12) };
    const { strainer } = calibratedStrainer(SINGLE, HONEY, [computed]);
    expect(strainer.flowFactor).toBeCloseTo(1, 1);
    expect(strainer.clogFactor).toBeCloseTo(1, 1);
  });

  test('nothing, or an impossible time, is refused', () => {
    expect(() => calibratedStrainer(SINGLE, HONEY, [])).toThrow(DomainError);
    expect(() => calibratedStrainer(SINGLE, HONEY, [{ kg: 5, minutes: 0 }])).toThrow(DomainError);
    expect(() => calibratedStrainer(SINGLE, HONEY, [{ kg: NaN, minutes: 5 }])).toThrow(DomainError);
  });

  test('golden section finds the valley of a parabola', () => {
    expect(goldenMinimum((x) => (x - 1.3) ** 2, [-4, 9], 1e-6)).toBeCloseTo(1.3, 5);
  });
});

describe('what would make it faster', () => {
  test('each change saves what running the changed task saves; the most comes first', () => {
    const advice = strainingAdvice(TASK, 0.6);
    const saved = advice.map((item) => item.minutesSaved);
    expect(saved).toEqual([...saved].sort((a, b) => b - a));
    expect(advice.map((item) => item.change).sort()).toEqual(
      ['area', 'coarse-first', 'head', 'settled', 'warmer']
        .concat(advice.some((item) => item.change === 'scraping') ? ['scraping'] : [])
        .sort(),
    );
    const warmed = timeOfTask({ ...TASK, honey: { ...HONEY, temperatureC: 30 } }).minutes;
    expect(advice.find((item) => item.change === 'warmer')?.minutesSaved).toBeCloseTo(
      timeOfTask(TASK).minutes - warmed,
      9,
    );
  });

  test('nothing is advised to be warmed where wax is soft', () => {
    const warm = { ...TASK, honey: { ...HONEY, temperatureC: 36 } };
    expect(strainingAdvice(warm, 0.5).some((advice) => advice.change === 'warmer')).toBe(false);
  });

  test('no other share of scraping is faster in the long run', () => {
    const best = bestScrapeShare(SINGLE, HONEY, 5);
    const perKg = (scrapeAtShare: number): number => {
      const { kg, minutes } = strainerCycle({ ...SINGLE, scrapeAtShare }, HONEY);
      return (minutes[48]! + 5) / kg;
    };
    for (const share of [0.1, 0.2, 0.3, 0.5, 0.7, 0.9]) {
      expect(perKg(best)).toBeLessThanOrEqual(perKg(share) + 1e-9);
    }
  });

  test('warm enough for a deadline, or not even at 35 °C', () => {
    const now = timeOfTask(TASK).minutes;
    expect(warmEnoughC(TASK, now + 1)).toBe(25);
    const warm = warmEnoughC(TASK, now * 0.6) ?? NaN;
    expect(warm).toBeGreaterThan(25);
    const at = timeOfTask({ ...TASK, honey: { ...HONEY, temperatureC: warm } }).minutes;
    expect(at).toBeLessThanOrEqual(now * 0.6);
    expect(warmEnoughC(TASK, 1)).toBeNull();
  });

  test('settled honey brings less wax to the mesh; a share over all is refused', () => {
    expect(afterSettling(SINGLE, 0.5).clogFactor).toBe(0.5);
    expect(() => afterSettling(SINGLE, 1)).toThrow(DomainError);
  });

  test('a mesh of 200 µm keeps pollen, one of 50 does not (common practice, no source)', () => {
    expect([600, 200, 150, 50].map(meshEffect)).toEqual([
      'pollen-stays',
      'pollen-stays',
      'some-pollen',
      'pollen-goes',
    ]);
    expect(() => meshEffect(5)).toThrow(DomainError);
  });
});
