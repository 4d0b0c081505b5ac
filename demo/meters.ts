import { DAY_MS } from '../src/core';
import { metersOf, type Meters } from '../src/model';
import {
  firstRevision,
  type AnyRecord,
  type InstrumentContent,
  type ZeroCheckContent,
} from '../src/records';
import { demoScribe } from './scribe';

/** A zero check of the demo, so many days ago. */
type DemoCheck = Pick<ZeroCheckContent, 'reference' | 'dialValues' | 'temperatureC'> &
  Partial<ZeroCheckContent> & { readonly daysAgo: number };

const HAND: InstrumentContent = {
  name: 'House hand refractometer',
  instrumentKind: 'hand',
  scale: 'water',
  resolution: 0.2,
  range: [12, 30],
  atc: false,
  atcRangeC: null,
  reachesWater: false,
  connection: 'typed',
  baudRate: 9600,
  checkEveryDays: 30,
  checkEveryReadings: 60,
  remark: 'Hangs by the honey gate.',
};

const DIGITAL: InstrumentContent = {
  ...HAND,
  name: 'Wide-range digital meter',
  instrumentKind: 'digital',
  scale: 'brix',
  resolution: 0.1,
  range: [0, 95],
  atc: true,
  atcRangeC: [10, 40],
  reachesWater: true,
  checkEveryDays: 14,
  checkEveryReadings: 100,
  remark: 'Fell from the bench last winter.',
};

const EYEPIECE: InstrumentContent = {
  ...HAND,
  name: 'Stand-in eyepiece',
  connection: 'eyepiece',
  remark: 'Drawn by the application, to practise reading.',
};

const STAND_IN: InstrumentContent = {
  ...DIGITAL,
  name: 'Stand-in digital meter',
  connection: 'simulated-meter',
  resolution: 0.1,
  remark: 'Streams from the application’s own server, to practise waiting.',
};

/** Oil of the honey house: nD 1.4870 at 20 °C by its label, which a % water dial shows as 19.8. */
const OIL = { reference: 'certified-oil', statedNd20: 1.487, indexPerC: null } as const;
const WATER = { reference: 'water', statedNd20: null, indexPerC: null } as const;
const OLIVE = { reference: 'olive-oil', statedNd20: null, indexPerC: null } as const;

const HAND_CHECKS: readonly DemoCheck[] = [
  { daysAgo: 345, ...OLIVE, dialValues: [26.8], temperatureC: 19, remark: 'Oil from the kitchen.' },
  { daysAgo: 92, ...OIL, dialValues: [20.2, 20.2, 20.2], temperatureC: 21, adjusted: true },
  { daysAgo: 61, ...OIL, dialValues: [20.0, 20.0, 20.2], temperatureC: 21 },
  { daysAgo: 40, ...OIL, dialValues: [20.0, 20.0, 20.0], temperatureC: 20.5 },
  { daysAgo: 14, ...OIL, dialValues: [20.2, 20.0, 20.0], temperatureC: 21 },
];

const DIGITAL_CHECKS: readonly DemoCheck[] = [
  { daysAgo: 340, ...WATER, dialValues: [0.0, 0.0], temperatureC: 20 },
  {
    daysAgo: 300,
    ...WATER,
    dialValues: [1.4, 1.4, 1.5],
    temperatureC: 19,
    adjusted: true,
    remark: 'It had fallen. Set right on water.',
  },
  { daysAgo: 90, ...WATER, dialValues: [0.1, 0.0, 0.0], temperatureC: 20 },
  { daysAgo: 60, ...WATER, dialValues: [0.0, 0.0, 0.0], temperatureC: 21 },
  { daysAgo: 41, ...WATER, dialValues: [0.1, 0.0, 0.1], temperatureC: 20 },
  { daysAgo: 20, ...WATER, dialValues: [0.1, 0.1, 0.0], temperatureC: 20 },
];

const STAND_IN_CHECKS: readonly DemoCheck[] = [
  { daysAgo: 5, ...WATER, dialValues: [0.0, 0.0, 0.1], temperatureC: 21 },
];

const METERS = {
  hand: { content: HAND, checks: HAND_CHECKS },
  digital: { content: DIGITAL, checks: DIGITAL_CHECKS },
  eyepiece: { content: EYEPIECE, checks: [] as readonly DemoCheck[] },
  standIn: { content: STAND_IN, checks: STAND_IN_CHECKS },
} as const;

export type DemoMeter = keyof typeof METERS;

/** Made-up meters with their checks. */
export interface DemoMeters {
  readonly records: readonly AnyRecord[];
  readonly meters: Meters;
  readonly idOf: (meter: DemoMeter) => string;
}

/** The meters of the demo's honey house, as if today were the given day. Nothing here is measured. */
export function demoMeters(todayMs: number): DemoMeters {
  const bench = demoScribe('meter', todayMs, 350);
  const kinds = Object.keys(METERS) as DemoMeter[];
  const instruments = kinds.map((kind) => firstRevision(bench, 'instrument', METERS[kind].content));
  const ids = new Map(kinds.map((kind, at) => [kind, instruments[at]?.entityId ?? '']));
  const checks = kinds.flatMap((kind) =>
    METERS[kind].checks.map(({ daysAgo, ...check }) => {
      const scribe = demoScribe(`check-${kind}-${daysAgo}`, todayMs, daysAgo);
      const { scale, resolution, atc } = METERS[kind].content;
      const content: ZeroCheckContent = {
        statedNd20: null,
        indexPerC: null,
        adjusted: false,
        who: 'HH',
        remark: '',
        ...check,
        scale,
        resolution,
        atc,
        dialValues: [...check.dialValues],
        takenAt: new Date(todayMs - daysAgo * DAY_MS + DAY_MS / 4).toISOString(),
      };
      return firstRevision(scribe, 'zero-check', content, ids.get(kind));
    }),
  );
  return {
    records: [...instruments, ...checks],
    meters: metersOf(instruments, checks),
    idOf: (meter) => ids.get(meter) ?? '',
  };
}
