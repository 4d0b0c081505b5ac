import { describe, expect, test } from '@jest/globals';
import type { AnyRecord } from '../../records';
import type { ReadingContent } from '../../records/bench/reading';
import { firstRevision } from '../../records/revise';
import { sampleMeter } from '../../records/test/sampleBench';
import { SAMPLE_READING, countingScribe, sampleLot } from '../../records/test/sampleLot';
import { plainRelated } from '../test/plainRelated';
import { bookOf } from '../day/book';
import { ledgerOf } from './ledger';
import { lotFilesOf } from './lotFile';
import { isToReread, rereadsOf } from './rereads';

const NOW = Date.parse('2026-08-20T10:00:00.000Z');
const GOOD = { dialValues: [1.469], takenAt: '2026-07-20T10:00:00.000Z' };
const JUMPED = { dialValues: [1.466], takenAt: '2026-08-10T10:00:00.000Z' };
const BEFORE_JUMP = '2026-08-01T10:00:00.000Z';
const AFTER_JUMP = '2026-08-11T10:00:00.000Z';

const scribe = countingScribe('reread');
const meter = sampleMeter(scribe, [GOOD, JUMPED]);
const meterId = meter.instrument.entityId;
const [lot, bucket] = sampleLot(scribe);

const read = (item: number | null, change: Partial<ReadingContent> = {}): AnyRecord =>
  firstRevision(
    scribe,
    'reading',
    {
      ...SAMPLE_READING,
      scale: 'nD',
      resolution: 0.0005,
      dialValue: 1.49,
      temperatureC: 20,
      instrumentId: meterId,
      takenAt: BEFORE_JUMP,
      containerId: item === null ? null : bucket!.entityId,
      item,
      ...change,
    },
    lot!.entityId,
  );

function rereads(readings: readonly AnyRecord[], own?: string) {
  const records = [lot!, bucket!, meter.instrument, ...meter.checks, ...readings];
  const ledger = ledgerOf(lotFilesOf(records), {
    ...plainRelated(NOW, records),
    book: bookOf(records),
  });
  return rereadsOf(ledger.files[0]!, ledger, own);
}

describe('what a jump of a meter’s zero leaves to read again', () => {
  test('each container once, with what all its readings would be', () => {
    const found = rereads([read(1), read(1), read(2), read(2, { takenAt: AFTER_JUMP })]);
    expect(found.map(({ label, doubted }) => [label, doubted.length])).toEqual([
      ['Bucket 1', 2],
      ['Bucket 2', 1],
    ]);
    const [{ countsPercent, wouldBePercent }] = found[0]!.doubted as [
      (typeof found)[0]['doubted'][0],
    ];
    expect(wouldBePercent - countsPercent).toBeCloseTo(-1.17, 1);
  });

  test('a container is read again once a later reading is in no doubt; practice is none', () => {
    const practice = read(1, { takenAt: AFTER_JUMP, practice: true });
    const again = read(2, { takenAt: AFTER_JUMP });
    const found = rereads([read(1), practice, read(2), again]);
    expect(found.map((reread) => [reread.label, isToReread(reread)])).toEqual([
      ['Bucket 1', true],
      ['Bucket 2', false],
    ]);
  });

  test('readings of the whole lot stand for themselves; other meters and empty containers are left out', () => {
    expect(rereads([read(null)])[0]).toMatchObject({ label: null, isThere: true });
    expect(rereads([read(1)], 'another-meter')).toEqual([]);
    const emptied = firstRevision(
      scribe,
      'store-move',
      {
        containerId: bucket!.entityId,
        item: 1,
        act: 'emptied',
        at: AFTER_JUMP,
        placeKind: null,
        place: '',
        temperatureC: null,
        massKg: null,
        remark: '',
      },
      lot!.entityId,
    );
    expect(rereads([read(1), emptied]).some(isToReread)).toBe(false);
    expect(rereads([read(1, { takenAt: AFTER_JUMP })])).toEqual([]);
  });
});
