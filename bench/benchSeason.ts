/** A made-up season at the bench: lots of buckets with readings, for benchmarks. Nothing is measured. */
import {
  firstRevision,
  freshLotContent,
  type AnyRecord,
  type ReadingContent,
  type Scribe,
} from '../src/records';

const BUCKETS = 20;
const PER_BUCKET = 5;
const PER_LOT = BUCKETS * PER_BUCKET;

function countingScribe(): Scribe {
  let count = 0;
  return {
    newId: () => `bench-${(count += 1)}`,
    now: () => new Date(Date.UTC(2026, 4, 1) + count * 10_000).toISOString(),
    author: 'BM',
  };
}

function readingAt(containerId: string, at: number, takenAt: string): ReadingContent {
  return {
    containerId,
    item: 1 + (at % BUCKETS),
    spot: 'stirred',
    instrumentId: null,
    scale: 'water',
    resolution: 0.2,
    atc: false,
    atcRangeC: null,
    zeroCheck: 'checked',
    dialValue: 16.4 + ((at * 7) % 12) / 5,
    temperatureC: 18 + (at % 9),
    honeyTemperatureC: null,
    sample: 'clear',
    takenAt,
    reader: 'BM',
    source: 'typed',
    settledStandard: null,
    practice: false,
    remark: '',
  };
}

/** Records with so many readings, a hundred a lot. */
export function benchSeason(readings: number): AnyRecord[] {
  const scribe = countingScribe();
  const records: AnyRecord[] = [];
  for (let lotAt = 0; lotAt * PER_LOT < readings; lotAt += 1) {
    const lot = firstRevision(scribe, 'lot', {
      ...freshLotContent(`2605${String(lotAt).padStart(2, '0')}-b`, '2026-05-01'),
      name: `Row ${lotAt + 1}`,
    });
    const bucket = firstRevision(
      scribe,
      'container',
      {
        containerKind: 'bucket',
        label: 'Bucket',
        count: BUCKETS,
        amount: { by: 'mass', massKg: 13, plusMinusKg: 0.1 },
        suspects: [],
      },
      lot.entityId,
    );
    records.push(lot, bucket);
    for (let at = 0; at < Math.min(PER_LOT, readings - lotAt * PER_LOT); at += 1) {
      const content = readingAt(bucket.entityId, at, scribe.now());
      records.push(firstRevision(scribe, 'reading', content, lot.entityId));
    }
  }
  return records;
}
