import { DAY_MS, tankMoisture } from '../src/core';
import {
  firstRevision,
  type AnyRecord,
  type JarMoveContent,
  type JarCheckContent,
  type PackingContent,
  type Scribe,
} from '../src/records';
import { dayBefore, demoScribe } from './scribe';

/** A lot of the demo, as far as the store needs it. */
export interface DemoStoreLot {
  readonly lotId: string;
  readonly containerId: string;
  readonly code: string;
}

const moment = (todayMs: number, daysAgo: number, hour = 10): string =>
  new Date(todayMs - daysAgo * DAY_MS + hour * 3_600_000).toISOString();

function placed(
  scribe: Scribe,
  lot: DemoStoreLot,
  {
    items,
    place,
    at,
  }: { readonly items: number; readonly place: 'cellar' | 'shelf'; readonly at: string },
): AnyRecord[] {
  return Array.from({ length: items }, (_, index) =>
    firstRevision(
      scribe,
      'store-move',
      {
        containerId: lot.containerId,
        item: index + 1,
        act: 'placed',
        at,
        placeKind: place,
        place: place === 'cellar' ? 'Boathouse cellar' : 'Honey house shelf',
        temperatureC: null,
        massKg: null,
        remark: '',
      },
      lot.lotId,
    ),
  );
}

type JarMove = Pick<JarMoveContent, 'act' | 'purpose' | 'count' | 'firstNumber' | 'to'>;

/** Jars of a lot, and what became of them so many days ago. */
interface DemoJars extends Pick<PackingContent, 'jarG' | 'count'> {
  readonly massKg: number;
  readonly packedDaysAgo: number;
  readonly keepsDays: number;
  readonly check?: Pick<JarCheckContent, 'tareG' | 'weightsG' | 'faults'>;
  readonly moves: readonly (JarMove & { readonly daysAgo: number })[];
}

/** Borage: for the market, for gifts, for next year, some with their buyers already. */
const BORAGE_JARS: DemoJars = {
  jarG: 500,
  count: 26,
  massKg: 13,
  packedDaysAgo: 30,
  keepsDays: 320,
  check: { tareG: 212, weightsG: [715, 714, 717, 713, 716, 715], faults: ['foam-ring'] },
  moves: [
    { act: 'set-aside', purpose: 'sample', count: 1, firstNumber: 26, to: '', daysAgo: 30 },
    { act: 'set-aside', purpose: 'sale', count: 14, firstNumber: 1, to: '', daysAgo: 30 },
    { act: 'set-aside', purpose: 'gift', count: 4, firstNumber: 15, to: '', daysAgo: 30 },
    { act: 'set-aside', purpose: 'next-year', count: 3, firstNumber: 19, to: '', daysAgo: 30 },
    {
      act: 'given-out',
      purpose: 'sale',
      count: 6,
      firstNumber: 1,
      to: 'ferry landing stall',
      daysAgo: 22,
    },
    { act: 'given-out', purpose: 'sale', count: 4, firstNumber: 7, to: 'island shop', daysAgo: 12 },
    {
      act: 'given-out',
      purpose: 'gift',
      count: 2,
      firstNumber: 15,
      to: 'lighthouse crew',
      daysAgo: 8,
    },
  ],
};

/** Beans: their jars lead back to eight frames of one hive. */
const BEAN_JARS: DemoJars = {
  jarG: 250,
  count: 40,
  massKg: 10,
  packedDaysAgo: 28,
  keepsDays: 150,
  moves: [
    {
      act: 'given-out',
      purpose: 'sale',
      count: 18,
      firstNumber: 1,
      to: 'ferry landing stall',
      daysAgo: 20,
    },
  ],
};

function jarsOf(
  scribe: Scribe,
  lot: DemoStoreLot,
  jars: DemoJars & { readonly todayMs: number },
): AnyRecord[] {
  const { jarG, count, massKg, packedDaysAgo, keepsDays, moves, todayMs } = jars;
  const packing = firstRevision(
    scribe,
    'packing',
    {
      code: `${lot.code}.1`,
      packedAt: moment(todayMs, packedDaysAgo),
      jarG,
      count,
      from: [{ containerId: lot.containerId, item: 1, massKg }],
      bestBefore: dayBefore(todayMs, -keepsDays),
      remark: '',
    },
    lot.lotId,
  );
  const packingId = packing.entityId;
  const check = jars.check
    ? [
        firstRevision(
          scribe,
          'jar-check',
          { ...jars.check, packingId, at: moment(todayMs, packedDaysAgo, 15), remark: '' },
          lot.lotId,
        ),
      ]
    : [];
  return [
    packing,
    ...check,
    ...moves.map(({ daysAgo, ...move }) =>
      firstRevision(
        scribe,
        'jar-move',
        { ...move, packingId, at: moment(todayMs, daysAgo, 12), remark: '' },
        lot.lotId,
      ),
    ),
  ];
}

/** A blend that was planned yesterday: the wet marsh honey with the dry borage, half poured. */
function tableHoney(
  scribe: Scribe,
  wet: DemoStoreLot,
  dry: DemoStoreLot,
  todayMs: number,
): AnyRecord[] {
  const lines = [
    { lot: dry, item: 2, massKg: 12, meanPercent: 16.2, randomPercent: 0.12 },
    { lot: wet, item: 1, massKg: 4, meanPercent: 21.5, randomPercent: 0.18 },
  ] as const;
  const parts = lines.map(({ massKg, meanPercent, randomPercent }, at) => ({
    massKg,
    container: {
      id: String(at),
      massKg,
      meanPercent,
      randomPercent,
      flow: '',
      colour: '',
      barredBecause: null,
    },
  }));
  const { mean, standardUncertainty } = tankMoisture(parts, 0.12);
  const blend = firstRevision(scribe, 'blend', {
    name: 'Table honey',
    day: dayBefore(todayMs, 1),
    targetPercent: 18,
    aim: 'save',
    mixFlows: true,
    mixColours: true,
    wholeOnly: false,
    tanks: [
      {
        label: 'Small tank',
        capacityKg: 30,
        lotId: null,
        expected: {
          meanPercent: Number(mean.toFixed(3)),
          standardPercent: Number(standardUncertainty.toFixed(4)),
        },
        pours: lines.map(({ lot, item, massKg, meanPercent }) => ({
          lotId: lot.lotId,
          containerId: lot.containerId,
          item,
          label: `Bucket ${item}`,
          lotCode: lot.code,
          massKg,
          meanPercent,
        })),
      },
    ],
    remark: 'For cooking and for the crew’s table.',
  });
  const poured = { tank: 0, pour: 0, massKg: 12, at: moment(todayMs, 1, 16) };
  return [blend, firstRevision(scribe, 'blend-tick', poured, blend.entityId)];
}

/** Four pieces cut from the outer marsh; one was sacrificed for the meter. */
function pieces(scribe: Scribe, lot: DemoStoreLot): AnyRecord[] {
  const piece = {
    cappedTenths: 10,
    weeping: false,
    foreign: false,
    massKg: 0.28,
    sacrificed: null,
    remark: '',
  };
  return [
    { ...piece, label: '1', sacrificed: { percent: 17.2, plusMinus: 0.4 } },
    { ...piece, label: '2' },
    { ...piece, label: '3', cappedTenths: 8 },
    { ...piece, label: '4', foreign: true, remark: 'A patch of pollen in the corner.' },
  ].map((content) => firstRevision(scribe, 'piece', content, lot.lotId));
}

function notes(scribe: Scribe, todayMs: number): AnyRecord[] {
  const year = new Date(todayMs).getUTCFullYear();
  return [
    {
      text: 'Set the escape boards four days ahead on the marsh; three were too few in the cold.',
      planningDay: dayBefore(todayMs, -3),
    },
    {
      text: 'Order twenty more buckets before the sea lavender opens.',
      planningDay: dayBefore(todayMs, -90),
    },
  ].map((note) => firstRevision(scribe, 'season-note', { ...note, year, yardId: null, done: '' }));
}

/** What stands in the store of the demo, and what became of it. */
export function demoStore(todayMs: number, lotOf: (at: number) => DemoStoreLot): AnyRecord[] {
  const scribe = demoScribe('store', todayMs, 1);
  const [borage, beans, outerMarsh, wetMarsh, ling] = [1, 3, 4, 5, 9].map(lotOf) as [
    DemoStoreLot,
    DemoStoreLot,
    DemoStoreLot,
    DemoStoreLot,
    DemoStoreLot,
  ];
  return [
    ...placed(scribe, borage, { items: 4, place: 'cellar', at: moment(todayMs, 38) }),
    ...placed(scribe, wetMarsh, { items: 2, place: 'shelf', at: moment(todayMs, 9) }),
    ...placed(scribe, ling, { items: 1, place: 'cellar', at: moment(todayMs, 320) }),
    ...jarsOf(scribe, borage, { ...BORAGE_JARS, todayMs }),
    ...jarsOf(scribe, beans, { ...BEAN_JARS, todayMs }),
    ...tableHoney(scribe, wetMarsh, borage, todayMs),
    ...pieces(scribe, outerMarsh),
    ...notes(scribe, todayMs),
  ];
}
