import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { CHAINED_KINDS, checkLotDigest, lotChain, lotDigest } from './lotDigest';
import { schoolOf } from '../../core';
import type { LotFramesContent } from '../lots/lotFrames';
import { RECORD_KINDS, type AnyRecord } from '../record';
import { firstRevision, nextRevision } from '../revise';
import { SAMPLE_READING, countingScribe, sampleLot } from '../test/sampleLot';
import { sampleMeter } from '../test/sampleBench';
import { sampleRoom } from '../test/sampleRoom';
import { sampleGiven, sampleLook, sampleLooks, sampleYard } from '../test/sampleYard';

const lot = sampleLot();
const lotId = lot[0]!.ownerId;
const meterOf = (stem: string): AnyRecord[] => {
  const { instrument, checks } = sampleMeter(countingScribe(stem), [{}]);
  return [instrument, ...checks];
};
const meter = meterOf('meter');
const measured = firstRevision(
  countingScribe('measured'),
  'reading',
  { ...SAMPLE_READING, instrumentId: meter[0]!.entityId },
  lotId,
);
const earlier = '2001-01-01T00:00:00.000Z';

const FULL_SCHOOL = schoolOf('four-fifths');
const FRAME: Omit<LotFramesContent['frames'][number], 'frameId' | 'checkId'> = {
  count: 1,
  hive: 'One',
  box: 'Box 1',
  slot: 1,
  yard: 'Dyke',
  flows: [],
  honeyKg: 2,
  honeyStandardKg: 0.2,
  states: { capped: 2 },
  colours: [],
  pieces: null,
  cleared: '',
};

describe('the digest of a lot on paper', () => {
  const records = [...lot, ...meter, measured];
  const digest = lotDigest(records, lotId);

  test('agrees with the records it was printed from, and with more that came later', () => {
    expect(checkLotDigest(records, lotId, digest)).toMatchObject({ status: 'whole', later: 0 });
    expect(checkLotDigest(records, lotId, digest.slice(0, 16).toUpperCase())).toMatchObject({
      status: 'whole',
    });
    const later = nextRevision(countingScribe('later'), measured, { reason: 'Mended' });
    expect(checkLotDigest([...records, later], lotId, digest)).toMatchObject({
      status: 'whole',
      later: 1,
    });
  });

  test('a clock that was set back makes later records no earlier ones', () => {
    const later = {
      ...nextRevision(countingScribe('later'), measured, { reason: 'Mended' }),
      recordedAt: earlier,
    };
    expect(checkLotDigest([...records, later], lotId, digest)).toMatchObject({
      status: 'whole',
      later: 1,
    });
  });

  test('does not once anything was changed, taken out or put in before', () => {
    const without = records.filter((record) => record !== measured);
    expect(checkLotDigest(without, lotId, digest).status).toBe('other');
    const touched = records.map((record) =>
      record.kind === 'reading' ? { ...record, author: 'ZZ' } : record,
    );
    expect(checkLotDigest(touched, lotId, digest).status).toBe('other');
    expect(checkLotDigest(records, lotId, digest.slice(0, 15)).status).toBe('other');
    expect(checkLotDigest(records, lotId, 'no digest at all').status).toBe('other');
  });

  test('covers the meter of its readings and the checks of that meter', () => {
    const touch = (kind: string) =>
      records.map((record) => (record.kind === kind ? { ...record, author: 'ZZ' } : record));
    expect(checkLotDigest(touch('instrument'), lotId, digest).status).toBe('other');
    expect(checkLotDigest(touch('zero-check'), lotId, digest).status).toBe('other');
    expect(checkLotDigest([...meterOf('other'), ...records], lotId, digest).status).toBe('whole');
  });

  test('a meter that was there before, named only later, stands where it was named', () => {
    const before = lotDigest([...meter, ...lot], lotId);
    expect(checkLotDigest([...meter, ...lot, measured], lotId, before)).toMatchObject({
      status: 'whole',
      records: lot.length,
      later: 1 + meter.length,
    });
  });

  test('covers the rooms in which its combs dried', () => {
    const all = [...lot, ...sampleRoom(countingScribe('room'), [lotId])];
    const dried = lotDigest(all, lotId);
    const warmer = all.map((record) =>
      record.kind === 'warm-room'
        ? { ...record, content: { ...record.content, setPointC: 44 } }
        : record,
    );
    expect(checkLotDigest(warmer, lotId, dried).status).toBe('other');
  });

  test('covers hives, and what was given to them', () => {
    const yard = sampleYard();
    const looks = sampleLooks(yard, [sampleLook([9, 9])]);
    const frame = looks.find((look) => look.kind === 'frame')!;
    const check = looks.find((look) => look.kind === 'frame-check')!;
    const content: LotFramesContent = {
      harvestId: yard.harvest.entityId,
      school: FULL_SCHOOL,
      climate: 'ordinary',
      frames: [{ ...FRAME, frameId: frame.entityId, checkId: check.id }],
    };
    const madeOf = firstRevision(countingScribe('made'), 'lot-frames', content, lotId);
    const given = sampleGiven(yard);
    const all = [...yard.records, ...looks, ...lot, madeOf, given];
    expect(lotChain(all, lotId)).toEqual(expect.arrayContaining([given, frame, yard.hives[0]]));
    const digestOfAll = lotDigest(all, lotId);
    const later = nextRevision(countingScribe('late'), given, { reason: 'More is known now' });
    expect(checkLotDigest([...all, later], lotId, digestOfAll)).toMatchObject({ later: 1 });
    const other = all.map((record) =>
      record.kind === 'given' ? { ...record, author: 'ZZ' } : record,
    );
    expect(checkLotDigest(other, lotId, digestOfAll).status).toBe('other');
  });

  test('whatever is appended in whatever order, what was printed before stays a part of it', () => {
    const pool = [...lot, ...meter, measured];
    fc.assert(
      fc.property(
        fc.shuffledSubarray(pool, { minLength: pool.length }),
        fc.nat(pool.length),
        (order, printedAfter) => {
          const printed = lotChain(order.slice(0, printedAfter), lotId);
          expect(lotChain(order, lotId).slice(0, printed.length)).toEqual(printed);
        },
      ),
    );
  });

  test('every kind it can hold is a kind of record', () => {
    expect(CHAINED_KINDS.filter((chainedKind) => !RECORD_KINDS.includes(chainedKind))).toEqual([]);
  });
});
