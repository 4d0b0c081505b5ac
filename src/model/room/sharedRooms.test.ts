import { describe, expect, test } from '@jest/globals';
import { DAY_MS } from '../../core';
import { firstRevision } from '../../records/revise';
import { countingScribe } from '../../records/test/sampleLot';
import { SAMPLE_BATCH, SAMPLE_ROOM, sampleRoom } from '../../records/test/sampleRoom';
import { sampleBook, sampleYard } from '../../records/test/sampleYard';
import { beesInstead } from './beesInstead';
import { hasMixedMachines, joinedRoom, sharingWith } from './joinedRoom';
import { roomFilesOf } from './roomFile';
import { roomRun } from './roomRun';

const NOW = Date.parse('2026-11-22T08:00:00.000Z');
const utcMidnight = (ms: number): number => Math.floor(ms / DAY_MS) * DAY_MS;
const RUN = { nowMs: NOW, daysAhead: 6, midnightBefore: utcMidnight };

/** The sample room, and another beside it that says whose air it shares. */
function rooms(change: Partial<typeof SAMPLE_ROOM> = {}, shares = true) {
  const scribe = countingScribe('rooms');
  const records = sampleRoom(scribe);
  const next = firstRevision(scribe, 'warm-room', {
    ...SAMPLE_ROOM,
    name: 'Annex',
    volumeM3: 10,
    airChangesPerHour: 0.7,
    sharesAirWith: shares ? records[0]!.entityId : null,
    ...change,
  });
  const batch = firstRevision(
    scribe,
    'batch',
    { ...SAMPLE_BATCH, name: 'Annex load' },
    next.entityId,
  );
  const files = roomFilesOf([...records, next, batch]);
  const named = (name: string) => files.find(({ room }) => room.content.name === name)!;
  return { files, back: named('Back room'), annex: named('Annex') };
}

describe('rooms that share their air', () => {
  test('are one to the air, whichever says so: size, heat, machines and boxes of both', () => {
    const { files, back, annex } = rooms();
    for (const file of [back, annex]) {
      const { room, batches } = joinedRoom(file, files);
      expect(room.content).toMatchObject({ volumeM3: 40, heaterW: 4000, wallLossWPerK: 90 });
      expect(room.content.machine?.ratedLPerDay).toBe(40);
      expect(room.content.airChangesPerHour).toBeCloseTo(0.4, 9);
      expect(batches.map(({ batch }) => batch.content.name).sort()).toEqual([
        'Annex load',
        'First load',
      ]);
      expect(room.entityId).toBe(file.room.entityId);
    }
    expect(sharingWith(back, files)).toEqual([annex]);
  });

  test('a third room behind the second counts too', () => {
    const { files, back, annex } = rooms();
    const third = {
      ...annex,
      room: {
        ...annex.room,
        entityId: 'third',
        content: { ...annex.room.content, sharesAirWith: annex.room.entityId },
      },
      batches: [],
    };
    expect(sharingWith(back, [...files, third])).toEqual([annex, third]);
    expect(joinedRoom(back, [...files, third]).room.content.volumeM3).toBe(50);
  });

  test('a room by itself stays as it is', () => {
    const { files, back } = rooms({}, false);
    expect(joinedRoom(back, files)).toBe(back);
  });

  test('the log of a room goes before that of the next; without one, the next tells', () => {
    const { files, back, annex } = rooms();
    expect(joinedRoom(back, files).logs).toEqual(back.logs);
    expect(joinedRoom(annex, files).logs).toEqual(back.logs);
  });

  test('machines of two kinds are noticed', () => {
    const { back, annex } = rooms({ machine: { ...SAMPLE_ROOM.machine!, kind: 'desiccant' } });
    expect(hasMixedMachines([back, annex])).toBe(true);
    expect(hasMixedMachines([back])).toBe(false);
  });
});

describe('a forecast about a room', () => {
  const { back } = rooms({}, false);
  const outside = (forecast: Parameters<typeof roomRun>[2]['forecast']) =>
    roomRun(back, back.batches, { ...RUN, forecast: forecast ?? [] }).run.room?.outside;
  const dayOf = (iso: string): number => Date.parse(`${iso}T00:00:00.000Z`) / DAY_MS;

  test('is the air outside on its days, with ordinary days about it', () => {
    const air = outside([{ day: dayOf('2026-11-23'), highestC: 9, lowestC: 2, rainMm: null }]);
    expect(air?.kind).toBe('series');
    if (air?.kind !== 'series') return;
    const at = (day: number): number => air.days.findIndex((each) => Math.floor(each) === day);
    expect(air.temperatureC[at(3)]).toBe(2);
    expect(air.temperatureC[at(3) + 1]).toBe(9);
    expect(air.temperatureC[at(4)]).toBeCloseTo(16 - 3.5, 9);
  });

  test('of other days changes nothing', () => {
    expect(outside([{ day: dayOf('2027-03-01'), highestC: 9, lowestC: 2, rainMm: 0 }])).toEqual(
      outside([]),
    );
  });
});

describe('whether the bees would have finished it', () => {
  const yard = sampleYard();
  const flow = (observedEnd: string | null) =>
    firstRevision(yard.scribe, 'flow', {
      name: 'Lavender',
      plant: '',
      yardIds: [],
      expectedStart: '2026-11-10',
      expectedEnd: '2026-12-20',
      observedStart: '2026-11-12',
      observedEnd,
      failed: false,
      taste: null,
      remark: '',
    });
  const at = (records: ReturnType<typeof flow>[], openShare = 0.4) =>
    beesInstead({ ...SAMPLE_BATCH, openShare }, sampleBook(yard, records), 20);

  test('with a month of flow, probably; with none, not', () => {
    expect(at([flow(null)]).probability).toBeGreaterThan(0.8);
    expect(at([]).probability).toBe(0);
    expect(at([flow('2026-11-15')]).probability).toBe(0);
  });

  test('what was capped far enough needs no day', () => {
    expect(at([], 0.05)).toMatchObject({ probability: 1, daysNeeded: 0 });
  });

  test('the more was open, the longer it would have taken', () => {
    const days = [0.3, 0.5, 0.8].map((open) => at([flow(null)], open).daysNeeded ?? NaN);
    expect([...days].sort((a, b) => a - b)).toEqual(days);
  });
});
