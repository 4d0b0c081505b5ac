import { describe, expect, test } from '@jest/globals';
import { moistureOfRatio, norrishActivity, waterRatioOf } from '../../drying/norrish';
import { DRYING_RATES, perDay } from '../../drying/rates';
import { seededRandom } from '../../stats/seededRandom';
import { MACHINE, OUTSIDE, ROOM, batch, boxes, inRoom, inSteadyAir } from '../../test/dryingRuns';
import type { HoneyPart } from './batch';
import { simulateDrying } from './simulateDrying';

const open = (moisturePercent: number, massKg = 1): HoneyPart => ({
  surface: 'open',
  massKg,
  moisturePercent,
});
const capped = (moisturePercent: number, massKg = 1): HoneyPart => ({
  surface: 'capped',
  massKg,
  moisturePercent,
});

const meansOf = (...args: Parameters<typeof inSteadyAir>): number[] =>
  simulateDrying(inSteadyAir(...args)).moments.map(
    (moment) => moment.batches.get('a')!.meanPercent,
  );

describe('rows for the default rates, computed apart once; they check the code, not the physics', () => {
  test.each([
    [open(20), [33, 0.3], [1, 3, 4, 10], [17.9, 16.3, 15.6, 12.9]],
    [open(21), [33, 0.25], [1, 2, 3, 4], [18.6, 17.5, 16.6, 15.9]],
    [capped(17.5), [33, 0.3], [4], [17.1]],
    [open(18), [22, 0.5], [1], [17.6]],
    [open(17), [25, 0.7], [1], [18.0]],
  ] as const)('%j in air of %j', (part, air, days, expected) => {
    const found = meansOf(part, air, days);
    expected.forEach((value, at) => expect(Math.abs(found[at]! - value)).toBeLessThanOrEqual(0.1));
  });

  test('17 % at 25 °C and 70 %: the surface is far wetter than the mean, and is reported beside it', () => {
    const run = inSteadyAir(open(17), [25, 0.7], [1]);
    const found = simulateDrying(run).moments[0]!.batches.get('a')!;
    expect(found.parts[0]!.surfacePercent).toBeGreaterThan(21.5);
    expect(found.meanPercent).toBeGreaterThan(17);
  });
});

describe('the job (common practice, no source)', () => {
  const steady = (relativeHumidity: number, parts: readonly HoneyPart[]) =>
    simulateDrying({
      room: null,
      known: { kind: 'constant', temperatureC: 33, relativeHumidity },
      batches: [batch(parts, { temperatureC: 20, airFactor: 1 })],
      reportDays: [3, 4],
    }).moments.map((moment) => moment.batches.get('a')!.meanPercent);

  test('a third open at 20 %, the rest capped at 17.5 %: 16 to 17 % blended after 3 to 4 days', () => {
    const [third, fourth] = steady(0.3, [open(20, 5), capped(17.5, 10)]);
    expect(third).toBeLessThanOrEqual(17.05);
    expect(fourth).toBeLessThan(17);
    expect(fourth).toBeGreaterThan(16);
  });

  test('a whole open box of 20 to 21 % comes under 17 % in 3 to 4 days', () => {
    const [, fourth] = steady(0.25, [open(21, 15)]);
    expect(fourth).toBeLessThan(17);
    expect(steady(0.25, [open(20, 15)])[0]).toBeLessThan(17);
  });
});

describe('against a closed form', () => {
  test('diffusion to a surface in equilibrium: the series of Crank (1975), recalled from memory', () => {
    const rates = { ...DRYING_RATES, filmKgPerM2DayKPa: 5000, diffusionPerRatio: 0 };
    const days = [0.5, 1, 2, 4, 8];
    const run = { ...inSteadyAir(open(20), [33, 0.45], days), rates, nodes: 40 };
    const [depth, diffusivity] = [0.0109, perDay(rates.diffusivityM2PerS)];
    let [dry, wet] = [5, 40];
    for (let at = 0; at < 60; at += 1) {
      const middle = (dry + wet) / 2;
      if (norrishActivity(middle) < 0.45) dry = middle;
      else wet = middle;
    }
    const [from, to] = [waterRatioOf(20), waterRatioOf(dry)];
    const left = (day: number): number =>
      Array.from({ length: 200 }, (_, n) => (2 * n + 1) * Math.PI).reduce(
        (sum, k) =>
          sum + (8 / k ** 2) * Math.exp((-(k ** 2) * diffusivity * day) / (4 * depth ** 2)),
        0,
      );
    const found = simulateDrying(run).moments.map((moment) => moment.batches.get('a')!.meanPercent);
    days.forEach((day, at) => {
      const expected = moistureOfRatio(to + (from - to) * left(day));
      expect(Math.abs(found[at]! - expected)).toBeLessThan(0.02);
    });
  });

  test('thick honey holds its water: late drying is slower than with a steady diffusivity', () => {
    const days = [2, 4, 10, 20];
    const fall = (diffusionPerRatio: number): number[] => {
      const rates = { ...DRYING_RATES, diffusionPerRatio };
      const run = { ...inSteadyAir(open(20), [33, 0.3], days), rates };
      return simulateDrying(run).moments.map((moment) => moment.batches.get('a')!.meanPercent);
    };
    const [falling, steady] = [fall(6), fall(0)];
    falling.forEach((value, at) => expect(value).toBeGreaterThan(steady[at]!));
    expect(falling[3]! - steady[3]!).toBeGreaterThan(0.3);
  });

  test('honey warms towards the air as one minus e to the minus time by its time constant', () => {
    const dry = { ...DRYING_RATES, filmKgPerM2DayKPa: 1e-9 };
    const part = open(17, 10);
    const run = inSteadyAir(part, [33, 0.5], [0, 1 / 24, 3 / 24]);
    const cold = {
      ...run,
      finer: 50,
      rates: dry,
      batches: [batch([part], { airFactor: 1, tareKg: 5 })],
    };
    const found = simulateDrying(cold).moments.map((moment) => moment.batches.get('a')!.honeyC);
    const areaM2 = 10 / (0.0109 * 1420.9);
    const perHour = (5 * areaM2 * 3600) / (10 * 2500 + 5 * 1700);
    [0, 1, 3].forEach((hours, at) => {
      expect(Math.abs(found[at]! - (33 - 13 * Math.exp(-perHour * hours)))).toBeLessThan(0.05);
    });
  });
});

describe('accuracy', () => {
  const batches = [
    boxes(20),
    boxes(10, { id: 'b', inDay: 1.3, outDay: 4.2 }),
    boxes(30, { id: 'c', inDay: 3, temperatureC: 12 }),
  ];

  test('0.05 % of ten times finer steps and five times finer layers', () => {
    const usual = simulateDrying(inRoom(batches));
    const fine = simulateDrying(inRoom(batches, { nodes: 60, finer: 300 }));
    usual.moments.forEach((moment, at) => {
      for (const [id, { meanPercent }] of moment.batches) {
        const other = fine.moments[at]!.batches.get(id)!;
        expect(Math.abs(meanPercent - other.meanPercent)).toBeLessThan(0.05);
      }
      const apart = moment.air.temperatureC - fine.moments[at]!.air.temperatureC;
      expect(Math.abs(apart)).toBeLessThan(0.5);
    });
  });

  test('the water balance closes to 0.1 %, boxes in and out and doors included', () => {
    const { imbalance, moments } = simulateDrying(inRoom(batches));
    expect(Math.abs(imbalance)).toBeLessThan(1e-3);
    expect(moments[moments.length - 1]!.totals.removed).toBeGreaterThan(10);
  });
});

describe('properties', () => {
  const random = seededRandom(20261125);
  const between = (low: number, high: number): number => low + (high - low) * random();
  const cases = Array.from({ length: 25 }, () => ({
    percent: between(15, 24),
    celsius: between(15, 38),
    humidity: between(0.2, 0.8),
    surface: random() < 0.5 ? ('open' as const) : ('capped' as const),
  }));

  test.each(cases)('never beyond equilibrium with the air: %j', (item) => {
    const { percent, celsius, humidity, surface } = item;
    const part = { surface, massKg: 1, moisturePercent: percent };
    const found = meansOf(part, [celsius, humidity], [0.5, 2, 20]);
    const wetter = norrishActivity(percent) < humidity;
    const sign = wetter ? 1 : -1;
    expect(sign * (found[0]! - percent)).toBeGreaterThanOrEqual(-1e-6);
    expect(sign * (found[2]! - found[1]!)).toBeGreaterThanOrEqual(-1e-6);
    const past = norrishActivity(found[2]!) - humidity;
    expect(sign * past).toBeLessThanOrEqual(1e-6);
  });

  test('more identical boxes never dry faster in a room that the thermostat holds', () => {
    const room = { room: { ...ROOM, wallLossWPerK: 150, heaterW: 6000 }, outside: OUTSIDE };
    const after = [5, 10, 20, 40, 80, 160].map(
      (count) =>
        simulateDrying(
          inRoom([boxes(count)], { room, reportDays: [1, 2, 3] }),
        ).moments[2]!.batches.get('a')!.meanPercent,
    );
    after.slice(1).forEach((value, at) => expect(value).toBeGreaterThanOrEqual(after[at]! - 1e-3));
    expect(after[5]! - after[0]!).toBeGreaterThan(0.1);
  });

  test('cold boxes in a warm damp room take water up first, then dry', () => {
    const known = { kind: 'constant', temperatureC: 33, relativeHumidity: 0.5 } as const;
    const run = {
      room: null,
      known,
      batches: [batch([open(18, 15)], { temperatureC: 12 })],
      reportDays: [0, 0.5 / 24, 1 / 24, 3],
    };
    const [start, , hour, days] = simulateDrying(run).moments.map(
      (moment) => moment.batches.get('a')!.meanPercent,
    );
    expect(hour).toBeGreaterThan(start!);
    expect(days).toBeLessThan(start!);
  });

  test('dry matter stays what it is, whatever comes and goes', () => {
    const { moments } = simulateDrying(
      inRoom([boxes(10), boxes(5, { id: 'b', inDay: 1, outDay: 4 })]),
    );
    const dryOf = moments.flatMap((moment) => {
      const batch = moment.batches.get('a')!;
      return (batch.waterKg * (100 - batch.meanPercent)) / batch.meanPercent;
    });
    dryOf.forEach((value) => expect(value).toBeCloseTo(50 * 0.8 + 100 * 0.825, 8));
  });

  test('evaporation cools open honey by one to two kelvin', () => {
    const known = { kind: 'constant', temperatureC: 33, relativeHumidity: 0.3 } as const;
    const run = {
      room: null,
      known,
      batches: [batch([open(20, 15)], { temperatureC: 33, airFactor: 1 })],
      reportDays: [0.25],
    };
    const cooler = 33 - simulateDrying(run).moments[0]!.batches.get('a')!.honeyC;
    expect(cooler).toBeGreaterThan(1);
    expect(cooler).toBeLessThan(3);
  });

  test('a machine too small leaves a full room damp; without one it is damper still', () => {
    const humidity = (count: number, dehumidifier: typeof MACHINE | null): number => {
      const room = { room: { ...ROOM, dehumidifier }, outside: OUTSIDE };
      return simulateDrying(inRoom([boxes(count)], { room })).moments[12]!.air.relativeHumidity;
    };
    expect(humidity(280, MACHINE)).toBeGreaterThan(humidity(30, MACHINE) + 0.02);
    expect(humidity(30, null)).toBeGreaterThan(humidity(30, MACHINE) + 0.05);
  });

  test('stirring a tray through dries it faster than leaving it', () => {
    const tray = (stirredEveryDays?: number) => {
      const part = { ...open(20, 10), depthMm: 20 };
      const known = { kind: 'constant', temperatureC: 30, relativeHumidity: 0.35 } as const;
      const stirred = stirredEveryDays === undefined ? {} : { stirredEveryDays };
      const batches = [batch([part], { temperatureC: 30, airFactor: 1, ...stirred })];
      return simulateDrying({
        room: null,
        known,
        batches,
        reportDays: [3],
      }).moments[0]!.batches.get('a')!.meanPercent;
    };
    expect(tray(0.25)).toBeLessThan(tray() - 0.3);
  });
});

describe('preconditions', () => {
  test('honey that is none, and a run without times', () => {
    expect(() => simulateDrying(inSteadyAir(open(45), [33, 0.3], [1]))).toThrow('moisturePercent');
    expect(() => simulateDrying(inSteadyAir(open(17), [33, 0.3], []))).toThrow('reportDays');
  });
});
