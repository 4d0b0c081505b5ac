import { describe, expect, test } from '@jest/globals';
import type { AnyRecord } from '../../records/record';
import { firstRevision } from '../../records/revise';
import { SAMPLE_EXTRACTION, sampleExtraction } from '../../records/test/sampleExtraction';
import { SAMPLE_READING, countingScribe, sampleLot } from '../../records/test/sampleLot';
import { sampleRoom } from '../../records/test/sampleRoom';
import { sampleStore } from '../../records/test/sampleStore';
import { honeyHouseOf } from '../line/extractionFile';
import { roomFilesOf } from '../room/roomFile';
import { storeOf } from '../store/storedLots';
import { lotFilesOf } from './lotFile';
import { lotWay, type LotWay } from './lotWay';
import { ruledLot } from './ruledLots';
import { ledgerOf } from './ledger';
import { plainRelated } from '../test/plainRelated';

const IN_THE_ROOM_MS = Date.parse('2026-11-21T00:00:00.000Z');

function wayOf(records: readonly AnyRecord[], nowMs = IN_THE_ROOM_MS): LotWay {
  const [file] = lotFilesOf(records);
  if (!file) throw new Error('no lot');
  const [stored] = storeOf([ruledLot(file, ledgerOf([file], plainRelated(nowMs)))], []);
  const [rooms, house] = [roomFilesOf(records), honeyHouseOf(records)];
  return lotWay(file, { rooms, house, stored, nowMs });
}

describe('the way of a honey', () => {
  const scribe = countingScribe();
  const lot = sampleLot(scribe);
  const lotId = lot[0]?.entityId ?? '';
  const containerId = lot[1]?.entityId ?? '';

  test('of a lot that was judged, read and filled into two buckets', () => {
    expect(wayOf(lot)).toEqual({
      comb: { by: 'look' },
      room: null,
      line: null,
      bench: { readings: 1 },
      ruling: { isSigned: false, isSettled: false },
      store: { vessels: 2, leftKg: 24, jars: 0 },
    });
  });

  test('of a lot of which nothing is known yet', () => {
    expect(wayOf(lot.slice(0, 1))).toMatchObject({ comb: null, bench: null, store: null });
  });

  test('a reading for practice says nothing of the honey', () => {
    const practice = { ...SAMPLE_READING, practice: true };
    const records = [...lot.slice(0, 3), firstRevision(scribe, 'reading', practice, lotId)];
    expect(wayOf(records).bench).toBeNull();
  });

  test('in the warm room, and later out of it', () => {
    const [room, batch] = sampleRoom(countingScribe('room'), [lotId]);
    if (!room || batch?.kind !== 'batch') throw new Error('no batch');
    const stay = { roomId: room.entityId, inAt: batch.content.inAt };
    expect(wayOf([...lot, room, batch]).room).toMatchObject({ ...stay, isIn: true });
    const outAt = '2026-11-20T20:00:00.000Z';
    const out = { ...batch, content: { ...batch.content, outAt } };
    expect(wayOf([...lot, room, out]).room).toMatchObject({ ...stay, isIn: false });
    expect(wayOf([...lot, ...sampleRoom(countingScribe('room'))]).room).toBeNull();
  });

  test('at the line the last act counts; a day that has not begun is planned', () => {
    const [day, ...more] = sampleExtraction(countingScribe('line'), lotId);
    if (day?.kind !== 'extraction') throw new Error('no day');
    const planned = { ...day.content, startedAt: null, doneAt: null };
    expect(wayOf([...lot, { ...day, content: planned }]).line).toEqual({
      act: 'planned',
      at: SAMPLE_EXTRACTION.day,
    });
    const begun = { ...planned, startedAt: '2026-08-12T09:00:00.000Z' };
    expect(wayOf([...lot, { ...day, content: begun }]).line?.act).toBe('extracted');
    const settling = more.find((record) => record.kind === 'settling');
    if (!settling) throw new Error('no settling');
    const stands = { ...settling, content: { ...settling.content, endedAt: null } };
    expect(wayOf([...lot, day, stands]).line).toMatchObject({
      act: 'settling',
      at: settling.content.filledAt,
    });
  });

  test('in the store it is what is left', () => {
    const records = sampleStore(countingScribe('store'), { lotId, containerId });
    const packing = records.find((record) => record.kind === 'packing');
    if (!packing) throw new Error('no jars');
    expect(wayOf([...lot, packing]).store).toEqual({ vessels: 2, leftKg: 18, jars: 12 });
  });
});
