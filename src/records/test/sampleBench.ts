import type { Instrument, InstrumentContent } from '../bench/instrument';
import type { AnyRecord } from '../record';
import { firstRevision, type Scribe } from '../revise';
import type { ZeroCheckContent, ZeroCheckRecord } from '../bench/zeroCheck';

export const SAMPLE_INSTRUMENT: InstrumentContent = {
  name: 'Hand meter',
  instrumentKind: 'hand',
  scale: 'nD',
  resolution: 0.0005,
  range: [1.46, 1.51],
  atc: false,
  atcRangeC: null,
  reachesWater: false,
  connection: 'typed',
  baudRate: 9600,
  checkEveryDays: 30,
  checkEveryReadings: 50,
  remark: '',
};

export const SAMPLE_CHECK: ZeroCheckContent = {
  reference: 'certified-oil',
  statedNd20: 1.469,
  indexPerC: null,
  scale: 'nD',
  resolution: 0.0005,
  atc: false,
  dialValues: [1.469, 1.469],
  temperatureC: 20,
  adjusted: false,
  takenAt: '2026-07-20T10:00:00.000Z',
  who: 'AB',
  remark: '',
};

/** A meter with its checks, each with what differs from the sample. */
export function sampleMeter(
  scribe: Scribe,
  checks: readonly Partial<ZeroCheckContent>[],
): { instrument: Instrument; checks: ZeroCheckRecord[] } {
  const instrument = firstRevision(scribe, 'instrument', SAMPLE_INSTRUMENT);
  return {
    instrument,
    checks: checks.map((change) =>
      firstRevision(scribe, 'zero-check', { ...SAMPLE_CHECK, ...change }, instrument.entityId),
    ),
  };
}

/** Plan, colour, senses, report of a lot with a bucket, and a photograph of one of its readings. */
export function sampleBenchWork(
  scribe: Scribe,
  { lotId, bucketId, readingId }: { lotId: string; bucketId: string; readingId: string },
): AnyRecord[] {
  const takenAt = '2026-08-01T11:00:00.000Z';
  return [
    firstRevision(
      scribe,
      'sampling-plan',
      {
        method: 'by-count',
        content: 0.9,
        confidence: 0.95,
        looks: 1,
        expectedMeanPercent: 17.5,
        expectedSpreadPercent: 0.3,
        limitPercent: 20,
        seed: 7,
        plannedIds: [[`${bucketId}#1`, `${bucketId}#2`]],
        spots: ['stirred'],
        fixedAt: takenAt,
        readingsBefore: 0,
      },
      lotId,
    ),
    firstRevision(
      scribe,
      'colour',
      {
        containerId: bucketId,
        item: 1,
        read: { by: 'photometer', absorbance: 0.3, pathCm: 1, dilution: '50 % w/v, filtered' },
        takenAt,
        who: 'AB',
        remark: '',
      },
      lotId,
    ),
    firstRevision(
      scribe,
      'senses',
      {
        notes: [{ note: 'malt', strength: 2 }],
        faults: [],
        foam: 'thin',
        impurities: ['wax'],
        typical: true,
        takenAt,
        who: 'AB',
        remark: '',
      },
      lotId,
    ),
    firstRevision(
      scribe,
      'lab-report',
      {
        laboratory: 'A laboratory',
        reportNumber: '7',
        day: '2026-08-20',
        values: { hmfMgPerKg: { value: 4, expanded: null } },
        pollen: [{ plant: 'borage', percent: 12 }],
        remark: '',
      },
      lotId,
    ),
    firstRevision(scribe, 'proof', { width: 8, height: 8, jpegBase64: 'AAAA' }, readingId),
  ];
}
