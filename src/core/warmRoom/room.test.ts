import { describe, expect, test } from '@jest/globals';
import psychrolib from 'psychrolib';
import {
  humidityRatio,
  relativeHumidityOf,
  saturationAt,
  saturationPressureKPa,
  vapourPressureKPa,
} from '../drying/moistAir';
import { MACHINE, OUTSIDE, ROOM, boxes, inRoom } from '../test/dryingRuns';
import { airAt, asAir, type AirOverTime, type WetSpell } from './airOverTime';
import { machineDuty, relativePerformance, removalKgPerDay } from './dehumidifier';
import { doorAdvice, enoughFor, reWetting } from './loadAdvice';
import { NO_FLOWS, roomFlows } from './room';
import { roomAdvice } from './roomAdvice';
import { simulateDrying } from './solver/simulateDrying';

const PA = 101_325;

describe('moist air against psychrolib', () => {
  const air = [-10, 0, 12, 25, 33, 45].flatMap((t) =>
    [0.1, 0.5, 0.9].map((rh): [number, number] => [t, rh]),
  );
  test.each(air)('%d °C and %d: humidity ratio, vapour pressure and back', (t, rh) => {
    const ratio = humidityRatio(t, rh);
    const theirs = psychrolib.GetHumRatioFromRelHum(t, rh, PA);
    expect(Math.abs(ratio / theirs - 1)).toBeLessThan(1e-4);
    const pressure = psychrolib.GetVapPresFromHumRatio(ratio, PA) / 1000;
    expect(Math.abs(vapourPressureKPa(ratio) / pressure - 1)).toBeLessThan(1e-4);
    expect(relativeHumidityOf(t, ratio)).toBeCloseTo(rh, 9);
  });

  test('the table for inner loops is within 1e-5 of it', () => {
    const into = { pressureKPa: 0, slopeKPaPerK: 0 };
    for (let t = -29.4; t < 79; t += 0.37) {
      const exact = saturationPressureKPa(t);
      expect(Math.abs(saturationAt(t, into).pressureKPa / exact - 1)).toBeLessThan(3e-5);
      const slope = (saturationPressureKPa(t + 0.5) - saturationPressureKPa(t - 0.5)) / 1;
      if (Math.abs(t) > 1) expect(Math.abs(into.slopeKPaPerK / slope - 1)).toBeLessThan(0.02);
    }
  });
});

describe('the dehumidifier', () => {
  test.each([
    [30, 0.8, 1.286],
    [33, 0.3, 0.5],
    [27, 0.6, 1],
  ])(
    'refrigerant at %d °C and %d: %d of its litres (field study, doubtful from memory)',
    (t, rh, f) => {
      expect(Math.abs(relativePerformance(MACHINE, t, rh) / f - 1)).toBeLessThan(0.02);
    },
  );

  test('rated at 30 °C and 80 %, the same litres mean a smaller machine', () => {
    const flattered = { ...MACHINE, ratedAtC: 30, ratedAtHumidity: 0.8 };
    expect(Math.abs(removalKgPerDay(flattered, 27, 0.6) / (20 / 1.286) - 1)).toBeLessThan(0.02);
  });

  test('its switch stops it in dry air; a desiccant machine goes by the water in the air', () => {
    expect(machineDuty(MACHINE, 0.29)).toBeLessThan(0.01);
    expect(machineDuty(MACHINE, 0.315)).toBeCloseTo(0.5, 9);
    expect(machineDuty(MACHINE, 0.35)).toBeGreaterThan(0.99);
    const desiccant = { ...MACHINE, kind: 'desiccant' as const };
    expect(relativePerformance(desiccant, 27, 0.6)).toBeCloseTo(1, 9);
    expect(relativePerformance(desiccant, 10, 0.6)).toBeGreaterThan(
      relativePerformance(MACHINE, 10, 0.6),
    );
  });
});

describe('the room', () => {
  test('ten kilograms of water a day are about 280 W given back, and the machine’s own power', () => {
    const air = { temperatureC: 27, ratio: humidityRatio(27, 0.6) };
    const room = { ...ROOM, heaterW: 0, fanW: 0, airChangesPerHour: 0, wallLossWPerK: 0 };
    const half = { ...MACHINE, ratedLPerDay: 10 };
    const flows = roomFlows({ ...room, dehumidifier: half }, air, air, { ...NO_FLOWS });
    expect(flows.removed).toBeCloseTo(10, 3);
    expect(flows.heat / 86_400 - 400).toBeCloseTo(280, -1);
  });

  test('leakage brings the water of the air outside', () => {
    const inside = { temperatureC: 33, ratio: humidityRatio(33, 0.3) };
    const rain = { temperatureC: 20, ratio: humidityRatio(20, 0.95) };
    const room = { ...ROOM, dehumidifier: null, airChangesPerHour: 1 };
    const { leaked } = roomFlows(room, inside, rain, { ...NO_FLOWS });
    expect(leaked).toBeCloseTo(24 * 40 * 1.153 * (rain.ratio - inside.ratio), 1);
  });
});

describe('air outside', () => {
  test('over a day it is warmest in the afternoon, with the same water all day', () => {
    const at = (hour: number) => ({ ...airAt(OUTSIDE, hour / 24, { temperatureC: 0, ratio: 0 }) });
    expect(at(15).temperatureC).toBeCloseTo(22, 6);
    expect(at(3).temperatureC).toBeCloseTo(14, 6);
    expect(asAir(at(15)).relativeHumidity).toBeLessThan(asAir(at(3)).relativeHumidity);
    expect(at(15).ratio).toBeCloseTo(at(21).ratio, 9);
  });

  test('a series is straight between its entries, and its ends go on', () => {
    const series = {
      kind: 'series' as const,
      days: [0, 1, 3],
      temperatureC: [10, 20, 10],
      relativeHumidity: [0.5, 0.5, 0.7],
    };
    const at = (day: number) => asAir(airAt(series, day, { temperatureC: 0, ratio: 0 }));
    expect(at(0.5).temperatureC).toBeCloseTo(15, 9);
    expect(at(2).relativeHumidity).toBeCloseTo(0.6, 9);
    expect(at(9).relativeHumidity).toBeCloseTo(0.7, 9);
    expect(at(-1).temperatureC).toBeCloseTo(10, 9);
  });

  test('on days of rain it is damp, from the first midnight to the last, and what was measured goes before', () => {
    const wet = [{ fromDay: 2, toDay: 3 }];
    const humidity = (climate: AirOverTime, day: number): number =>
      asAir(airAt(climate, day, { temperatureC: 0, ratio: 0 })).relativeHumidity;
    const rainy = { ...OUTSIDE, wet };
    for (const day of [1.99, 3]) expect(humidity(rainy, day)).toBe(humidity(OUTSIDE, day));
    for (const day of [2, 2.99]) expect(humidity(rainy, day)).toBeGreaterThanOrEqual(0.95);
    expect(humidity(rainy, 2.6)).toBeCloseTo(0.95, 3);
    const measured = {
      kind: 'series' as const,
      temperatureC: [15, 15],
      relativeHumidity: [0.6, 0.6],
    };
    expect(humidity({ ...measured, days: [0, 2.5], wet }, 2.4)).toBeCloseTo(0.6, 3);
    expect(humidity({ ...measured, days: [0, 1], wet }, 2.4)).toBeCloseTo(0.95, 3);
    // air that is damper than rain stays as damp
    const fog = { ...measured, relativeHumidity: [1, 1], days: [0, 1], wet };
    expect(humidity(fog, 2.4)).toBeCloseTo(1, 3);
  });

  test('a draughty room dries less while it rains', () => {
    const room = { ...ROOM, airChangesPerHour: 4, dehumidifier: null };
    const after = (wet: readonly WetSpell[]): number => {
      const run = inRoom([boxes(6)], { room: { room, outside: { ...OUTSIDE, wet } } });
      return simulateDrying(run).moments.at(-1)!.batches.get('a')!.meanPercent;
    };
    expect(after([{ fromDay: 0, toDay: 30 }])).toBeGreaterThan(after([]) + 0.05);
    // a spell of three days stands between a dry week and a wet one
    expect(after([{ fromDay: 1, toDay: 4 }])).toBeGreaterThan(after([]));
    expect(after([{ fromDay: 1, toDay: 4 }])).toBeLessThan(after([{ fromDay: 0, toDay: 30 }]));
  });
});

describe('advice', () => {
  const adviceFor = (run: ReturnType<typeof inRoom>, fromDay = 0) =>
    roomAdvice(run, simulateDrying(run).moments, fromDay);
  const kinds = (run: ReturnType<typeof inRoom>) => adviceFor(run).map((advice) => advice.kind);

  test('an ordinary load has none', () => {
    const run = inRoom([boxes(6, { temperatureC: 30 })], { reportDays: [0, 0.5, 1, 1.5, 2] });
    expect(kinds(run)).toEqual([]);
  });

  test('cold boxes are reported with both pressures', () => {
    const cold = adviceFor(inRoom([boxes(6, { temperatureC: 5 })])).find(
      (advice) => advice.kind === 'cold-boxes',
    );
    expect(cold).toMatchObject({ batchId: 'a' });
    expect(cold?.kind === 'cold-boxes' && cold.airKPa > cold.honeyKPa).toBe(true);
  });

  test('too hot for new comb and for the machine; too dry to spin', () => {
    const room = { ...ROOM, setPointC: 37, heaterW: 4000 };
    const run = inRoom([boxes(4, { temperatureC: 30 })], {
      room: { room, outside: OUTSIDE },
      reportDays: Array.from({ length: 61 }, (_, at) => at / 4),
    });
    expect(kinds(run)).toEqual(
      expect.arrayContaining(['comb-softens', 'machine-too-warm', 'hard-to-extract']),
    );
  });

  test('air wetter than honey is reported by mean and surface', () => {
    const damp = { ...ROOM, dehumidifier: null, heaterW: 0, airChangesPerHour: 5 };
    const outside = { kind: 'constant', temperatureC: 22, relativeHumidity: 0.8 } as const;
    const run = inRoom([boxes(4)], { room: { room: damp, outside }, reportDays: [0, 0.5, 1] });
    const gain = adviceFor(run).find((advice) => advice.kind === 'gains-water');
    expect(gain?.kind === 'gains-water' && gain.surfacePercent).toBeGreaterThan(21);
  });

  test('a machine that never rests says where the humidity hangs', () => {
    const found = adviceFor(inRoom([boxes(200)])).find(
      (advice) => advice.kind === 'machine-flat-out',
    );
    expect(found?.kind === 'machine-flat-out' && found.humidity).toBeGreaterThan(0.33);
  });

  test('where the machine never rests, the load that it would cope with is found', () => {
    const run = inRoom([boxes(300)]);
    const [found] = enoughFor(run, 0);
    expect(found).toMatchObject({ kind: 'machine-enough-for' });
    const tiny = { ...MACHINE, ratedLPerDay: 1 };
    const hopeless = inRoom([boxes(300)], {
      room: { room: { ...ROOM, dehumidifier: tiny }, outside: OUTSIDE },
    });
    expect(enoughFor(hopeless, 0)).toEqual([]);
    expect(enoughFor({ ...run, room: null }, 0)).toEqual([]);
  });

  test('with the room off, damp air outside wets what was dried, dry air does not', () => {
    const run = inRoom([boxes(6)], { reportDays: [0, 3] });
    const [, later] = simulateDrying(run).moments;
    const wet = reWetting(run, later, { outsideC: 17, outsideHumidity: 0.85 });
    expect(wet[0]).toMatchObject({ kind: 're-wets', batchId: 'a' });
    expect(reWetting(run, later, { outsideC: 20, outsideHumidity: 0.3 })).toEqual([]);
    expect(reWetting(run, undefined, { outsideC: 20, outsideHumidity: 0.3 })).toEqual([]);
  });

  test('a door seen in the log lets so much water in; without a log nothing is said', () => {
    const days = Array.from({ length: 60 }, (_, at) => at / 48);
    const open = (at: number): boolean => at === 40;
    const known = {
      kind: 'series' as const,
      days,
      temperatureC: days.map((_, at) => (open(at) ? 28 : 33)),
      relativeHumidity: days.map((_, at) => (open(at) ? 0.47 : 0.31)),
    };
    const outside = { temperatureC: 17, ratio: humidityRatio(17, 0.9) };
    const run = inRoom([boxes(4)], { known, knownUntilDay: 1.2 });
    const [found] = doorAdvice(run, 1.2, outside);
    const each = 0.5 * 40 * 1.153 * (outside.ratio - humidityRatio(33, 0.31));
    expect(found).toMatchObject({ kind: 'door', times: 1, waterKg: expect.closeTo(each, 3) });
    expect(doorAdvice(inRoom([boxes(4)]), 1, outside)).toEqual([]);
    expect(doorAdvice(run, 4, outside)).toEqual([]);
  });
});
