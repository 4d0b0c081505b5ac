import { BEAN_BENCH, BORAGE_BENCH, BUCKETS_BENCH, LING_BENCH, type DemoBench } from './benchWork';
import type { DemoMeter } from './meters';
import type {
  CircumstancesContent,
  CombJudgementContent,
  ContainerContent,
  LotContent,
  ReadingContent,
} from '../src/records';

/** A reading of the demo: the vessel it was taken from, counted from 1 over all vessels, and the meter. */
export interface DemoReading extends Omit<
  ReadingContent,
  'containerId' | 'item' | 'instrumentId' | 'takenAt'
> {
  readonly item: number;
  readonly meter: DemoMeter | null;
}

/** A made-up lot and what happened to it. */
export interface DemoLot {
  readonly daysAgo: number;
  readonly lot: Omit<LotContent, 'date' | 'code' | 'signs' | 'claims'>;
  readonly bench?: DemoBench;
  readonly container: ContainerContent;
  readonly comb: CombJudgementContent | null;
  /** the day at the hives whose taken frames it was made of */
  readonly madeFrom?: string;
  readonly readings: readonly DemoReading[];
  /** what else bears on it, beside healthy colonies and ordinary nectar; not there: nobody said */
  readonly circumstances?: Partial<CircumstancesContent>;
  /** initials of the role that signed, null where nobody did */
  readonly signedBy: string | null;
}

const ISLAND_LOT = {
  honeyKind: 'ordinary',
  category: 'blossom',
  ruleSetId: 'eu-2001-110',
  targetPercent: 18,
  storageTemperatureC: 14,
  remark: '',
} as const;

const buckets = (count: number, massKg: number): ContainerContent => ({
  containerKind: 'bucket',
  label: 'Bucket',
  count,
  amount: { by: 'mass', massKg, plusMinusKg: 0.1 },
  suspects: [],
});

/** A look through the honey house's hand refractometer: % water, no ATC. Unchecked: a neighbour's. */
function hand(item: number, dialValue: number, temperatureC: number, own = true): DemoReading {
  return {
    item,
    meter: own ? 'hand' : null,
    spot: 'stirred',
    scale: 'water',
    dialValue,
    temperatureC,
    honeyTemperatureC: null,
    atc: false,
    atcRangeC: null,
    resolution: 0.2,
    zeroCheck: 'unchecked',
    sample: 'clear',
    reader: 'HH',
    source: 'typed',
    settledStandard: null,
    practice: false,
    remark: own ? '' : 'A borrowed meter.',
  };
}

/** A look at the digital meter: Brix with ATC. */
function digital(item: number, dialValue: number, temperatureC: number): DemoReading {
  const look = hand(item, dialValue, temperatureC);
  return {
    ...look,
    meter: 'digital',
    scale: 'brix',
    atc: true,
    atcRangeC: [10, 40],
    resolution: 0.1,
  };
}

/**
 * The season of a made-up estuary island: nine lots, each instructive in its own way. Nothing here
 * is measured; all of it is invented for the demo.
 */
export const DEMO_LOTS: readonly DemoLot[] = [
  {
    daysAgo: 39,
    lot: {
      ...ISLAND_LOT,
      name: 'Borage, east field',
      plant: 'borage',
      origin: 'field yard, hives 4 to 9',
    },
    container: buckets(4, 14.2),
    comb: { cappedTenths: 10, shake: 'not-done' },
    readings: [
      digital(1, 82.3, 22),
      digital(2, 82.2, 22),
      digital(3, 82.4, 22),
      digital(4, 82.3, 22),
    ],
    bench: BORAGE_BENCH,
    circumstances: {},
    signedBy: 'HH',
  },
  {
    daysAgo: 36,
    lot: {
      ...ISLAND_LOT,
      name: 'Bean field, first day',
      plant: 'field beans',
      origin: 'field yard, hives 10 to 14',
      ruleSetId: 'careful-producer',
      remark: 'For customers who want it thick: the strict 18 % is in force.',
    },
    container: buckets(1, 13.6),
    comb: { cappedTenths: 8, shake: 'nothing-fell' },
    readings: [hand(1, 17.6, 23, false)],
    signedBy: null,
  },
  {
    daysAgo: 35,
    lot: {
      ...ISLAND_LOT,
      name: 'Bean field, second day',
      plant: 'field beans',
      origin: 'field yard, hive 7',
      ruleSetId: 'careful-producer',
      remark:
        'Hardly drier than the first day by the dial, but read five times with a checked meter.',
    },
    container: buckets(1, 14.8),
    comb: null,
    madeFrom: 'Beans, second day',
    readings: [17.4, 17.6, 17.4, 17.4, 17.6].map((dial) => hand(1, dial, 23)),
    bench: BEAN_BENCH,
    circumstances: { lastFlowInBoxes: true },
    signedBy: 'HH',
  },
  {
    daysAgo: 12,
    lot: {
      ...ISLAND_LOT,
      name: 'Sea lavender, outer marsh',
      plant: 'sea lavender',
      origin: 'marsh yard, hives 21 and 22',
      remark: 'No meter at hand on the outer marsh.',
    },
    container: { ...buckets(2, 11), label: 'Tub', containerKind: 'tub' },
    comb: { cappedTenths: 9, shake: 'nothing-fell' },
    readings: [],
    signedBy: null,
  },
  {
    daysAgo: 9,
    lot: {
      ...ISLAND_LOT,
      name: 'Marsh, after the rain',
      plant: 'sea lavender, mixed',
      origin: 'marsh yard, hives 23 to 26',
      storageTemperatureC: 19,
    },
    container: buckets(2, 12.5),
    comb: { cappedTenths: 4, shake: 'drops' },
    readings: [hand(1, 21.4, 21), hand(2, 21.0, 21)],
    circumstances: { sourceHealth: 'unknown', remark: 'Two of the hives came from a swarm.' },
    signedBy: null,
  },
  {
    daysAgo: 6,
    lot: {
      ...ISLAND_LOT,
      name: 'Straight from the warm room',
      plant: 'sea lavender',
      origin: 'marsh yard, hives 27 to 30',
      remark:
        'Read at once, while the honey still had the heat of the room. The dial frightened everyone.',
    },
    container: buckets(3, 13.9),
    comb: { cappedTenths: 9, shake: 'not-done' },
    readings: [hand(1, 18.6, 33), hand(2, 18.8, 33), hand(3, 18.6, 32)],
    signedBy: null,
  },
  {
    daysAgo: 5,
    lot: {
      ...ISLAND_LOT,
      name: 'Last of the extractor',
      plant: 'sea lavender',
      origin: 'marsh yard, leftover frames',
      storageTemperatureC: null,
    },
    container: buckets(3, 12.1),
    comb: { cappedTenths: 8, shake: 'not-done' },
    readings: [hand(1, 16.8, 20), hand(2, 17.0, 20), hand(3, 21.2, 20)],
    signedBy: null,
  },
  {
    daysAgo: 1,
    lot: {
      ...ISLAND_LOT,
      name: 'Sea lavender, twenty buckets',
      plant: 'sea lavender',
      origin: 'marsh yard, all hives',
      ruleSetId: 'us-grade-a-b',
      remark: 'For a buyer who asks for grade A: sixteen buckets are to speak for all.',
    },
    container: { ...buckets(20, 13.8), suspects: [{ item: 20, because: 'last-of-extractor' }] },
    comb: { cappedTenths: 9, shake: 'nothing-fell' },
    readings: [
      hand(3, 17.4, 22),
      hand(3, 17.6, 22),
      hand(6, 17.2, 22),
      hand(6, 17.2, 22),
      hand(20, 19.6, 22),
      hand(20, 19.6, 22),
    ],
    bench: BUCKETS_BENCH,
    signedBy: null,
  },
  {
    daysAgo: 328,
    lot: {
      ...ISLAND_LOT,
      name: 'Ling from the moor',
      plant: 'ling heather',
      origin: 'moor yard, hives 1 to 3',
      honeyKind: 'heather',
      targetPercent: 22,
      storageTemperatureC: 9,
      remark: 'Pressed, not spun; stirred to a liquid before reading.',
    },
    container: {
      containerKind: 'tub',
      label: 'Tub',
      count: 1,
      amount: { by: 'fill-height', innerDiameterCm: 28, fillHeightCm: 22, plusMinusCm: 0.5 },
      suspects: [],
    },
    bench: LING_BENCH,
    circumstances: { setState: 'part' },
    comb: { cappedTenths: 9, shake: 'not-done' },
    readings: [77.4, 77.3].map((dial) => ({
      ...digital(1, dial, 19),
      sample: 'gel-stirred',
    })),
    signedBy: null,
  },
];
