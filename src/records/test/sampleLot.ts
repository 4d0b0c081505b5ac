import type { ReadingContent } from '../bench/reading';
import type { AnyRecord } from '../record';
import { firstRevision, type Scribe } from '../revise';
import { freshLotContent } from '../lots/lot';

/** Writes with running numbers for identifiers and minutes. */
export function countingScribe(stem = 'r', author = 'AB'): Scribe {
  let count = 0;
  return {
    newId: () => `${stem}-${(count += 1)}`,
    now: () => new Date(Date.UTC(2026, 7, 1, 8, count)).toISOString(),
    author,
  };
}

export const SAMPLE_READING: ReadingContent = {
  containerId: null,
  item: null,
  scale: 'water',
  dialValue: 17.4,
  temperatureC: 22,
  honeyTemperatureC: null,
  atc: false,
  atcRangeC: null,
  resolution: 0.2,
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

/** A lot with a bucket, a look at the comb and one reading from the bucket. */
export function sampleLot(scribe: Scribe = countingScribe(), code = '260801-a'): AnyRecord[] {
  const lot = firstRevision(scribe, 'lot', freshLotContent(code, '2026-08-01'));
  const inLot = lot.entityId;
  const bucket = firstRevision(
    scribe,
    'container',
    {
      containerKind: 'bucket',
      label: 'Bucket',
      count: 2,
      amount: { by: 'mass', massKg: 12, plusMinusKg: 0.1 },
      suspects: [],
    },
    inLot,
  );
  const comb = firstRevision(
    scribe,
    'comb-judgement',
    { cappedTenths: 9, shake: 'nothing-fell' },
    inLot,
  );
  const reading = firstRevision(
    scribe,
    'reading',
    { ...SAMPLE_READING, containerId: bucket.entityId, item: 1 },
    inLot,
  );
  return [lot, bucket, comb, reading];
}
