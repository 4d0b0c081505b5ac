import { NO_CIRCUMSTANCES, OUTCOMES, ruleOnLot, type Outcome, type Ruling } from '../src/core';
import { evidenceFrom, type LotContents } from '../src/model';
import { freshLotContent, type ReadingContent } from '../src/records';

const READING: ReadingContent = {
  containerId: 'bucket',
  item: 1,
  scale: 'water',
  dialValue: 17,
  temperatureC: 20,
  honeyTemperatureC: null,
  atc: false,
  atcRangeC: null,
  resolution: 0.1,
  zeroCheck: 'checked',
  instrumentId: null,
  spot: 'stirred',
  sample: 'clear',
  takenAt: '2026-08-01T10:00:00.000Z',
  reader: 'AB',
  source: 'typed',
  settledStandard: null,
  practice: false,
  remark: '',
};

interface Story {
  readonly dials: readonly number[];
  readonly capped: number | null;
  readonly change: Partial<LotContents>;
}

const LOT = freshLotContent('260801-a', '2026-08-01');

/** Two buckets of honey, read so, capped so, and whatever else is reported of them. */
const contentsOf = ({ dials, capped, change }: Story): LotContents => ({
  lot: LOT,
  containers: [
    {
      entityId: 'bucket',
      content: { containerKind: 'bucket', label: 'Bucket', count: 2, amount: null, suspects: [] },
    },
  ],
  comb: capped === null ? null : { cappedTenths: capped, shake: 'nothing-fell' },
  frames: null,
  readings: dials.map((dialValue, at) => ({
    entityId: `reading-${at}`,
    content: { ...READING, dialValue, item: (at % 2) + 1 },
  })),
  ...change,
});

const noted = (circumstances: object): Partial<LotContents> => ({
  circumstances: { ...NO_CIRCUMSTANCES, residues: [], treated: null, remark: '', ...circumstances },
});

/** What may be reported of honey: among these stories there is one for every outcome. */
const STORIES: readonly Story[] = [16.4, 17, 17.9, 18.6, 19.8, 20.6, 22].flatMap((dial) =>
  [null, 10, 6].flatMap((capped) =>
    [
      {},
      { lot: { ...LOT, signs: ['gas' as const] } },
      { lot: { ...LOT, targetPercent: 17.5 } },
      noted({ sourceHealth: 'healthy', nectar: 'ordinary' }),
      noted({ residues: ['drug'] }),
      noted({ setState: 'set', sourceHealth: 'healthy' }),
    ].flatMap((change) => [
      { dials: [dial, dial, dial, dial], capped, change },
      { dials: [], capped, change },
    ]),
  ),
);

/** Drier honey in the store, so that a blend is a way out. */
const DRIER = { moisturePercent: 15.5, massKg: 100 };

/** The first ruling of each outcome, by the engine that rules on lots. */
export function rulingsByOutcome(): ReadonlyMap<Outcome, Ruling> {
  const found = new Map<Outcome, Ruling>();
  for (const story of STORIES) {
    if (found.size === OUTCOMES.length) break;
    const evidence = evidenceFrom(contentsOf(story), { meters: new Map() });
    const ruling = ruleOnLot({ ...evidence, drierStock: DRIER });
    if (!found.has(ruling.outcome)) found.set(ruling.outcome, ruling);
  }
  return found;
}
