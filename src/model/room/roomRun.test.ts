import { describe, expect, test } from '@jest/globals';
import { learnRoom, roomOutlook } from '../../core';
import { airLogContentSchema } from '../../records/room/airLog';
import { batchCheckContentSchema } from '../../records/room/batchCheck';
import { batchContentSchema } from '../../records/room/dryingBatch';
import { firstRevision, nextRevision } from '../../records/revise';
import { DAY_MS, LONGEST_BATCH_DAYS, LONGEST_DRYING_DAYS } from '../../core';
import { batchEndMs, isForgotten } from '../../records/room/dryingBatch';
import { roomFilesOf, stretchesOf } from './roomFile';
import { honeyParts, roomRun, seriesOf } from './roomRun';
import { countingScribe } from '../../records/test/sampleLot';
import {
  SAMPLE_BATCH,
  SAMPLE_CHECK,
  SAMPLE_LOG,
  SAMPLE_ROOM,
  sampleRoom,
} from '../../records/test/sampleRoom';
import { warmRoomContentSchema } from '../../records/room/warmRoom';

const NOW = Date.parse('2026-11-22T08:00:00.000Z');
const utcMidnight = (ms: number): number => Math.floor(ms / DAY_MS) * DAY_MS;
const FOR_NOW = { nowMs: NOW, daysAhead: 6, midnightBefore: utcMidnight };

function fileWith(
  more: (roomId: string, batchId: string) => ReturnType<typeof sampleRoom> = () => [],
) {
  const scribe = countingScribe('room');
  const records = sampleRoom(scribe);
  const [room, batch] = records;
  const all = [...records, ...more(room!.entityId, batch!.entityId)];
  return { file: roomFilesOf(all)[0]!, records: all, scribe };
}

describe('the run of a room', () => {
  const { file } = fileWith();
  const present = roomRun(file, file.batches, FOR_NOW);

  test('days are counted from the midnight before the first batch; now lies in them', () => {
    expect(new Date(present.zeroMs).toISOString()).toBe('2026-11-20T00:00:00.000Z');
    expect(present.nowDay).toBeCloseTo(2 + 8 / 24, 9);
    expect(present.run.batches[0]).toMatchObject({ inDay: 8 / 24, outDay: null, tareKg: 160 });
    expect(present.run.reportDays.at(-1)).toBeCloseTo(present.nowDay + 6, 9);
  });

  test('honey stands by its surface, and the masses add up', () => {
    expect(honeyParts(SAMPLE_BATCH).map((honeyPart) => honeyPart.massKg)).toEqual([120, 180]);
    expect(honeyParts({ ...SAMPLE_BATCH, openShare: 0 })).toHaveLength(1);
    expect(
      honeyParts(SAMPLE_BATCH, 1).reduce((sum, honeyPart) => sum + honeyPart.massKg, 0),
    ).toBeCloseTo(15, 9);
  });

  test('the log is known air from its first entry to its last', () => {
    expect(present.run.knownFromDay).toBeCloseTo(9 / 24, 9);
    expect(present.run.knownUntilDay).toBeCloseTo(12 / 24, 9);
    expect(present.run.known).toMatchObject({ kind: 'series', temperatureC: [30, 32, 33, 33] });
  });

  test('a reading is an observation with the spread from comb to comb in it', () => {
    const [one] = present.observations;
    expect(one).toMatchObject({ batch: 0, of: 'open', percent: 18.2 });
    expect(one!.day).toBeCloseTo(1 + 8 / 24, 9);
    expect(one!.standardUncertainty).toBeCloseTo(Math.hypot(0.2, 0.15), 9);
  });

  test('a weighed box tells of the water it lost, by the honey there was', () => {
    const found = {
      by: 'weight',
      firstKg: 25,
      nowKg: 24.7,
      tareKg: 10,
      plusMinusKg: 0.04,
    } as const;
    const { file: weighed } = fileWith((_, batchId) => [
      firstRevision(countingScribe('weight'), 'batch-check', { ...SAMPLE_CHECK, found }, batchId),
    ]);
    const { observations } = roomRun(weighed, weighed.batches, FOR_NOW);
    const loss = observations.find((observation) => observation.of === 'loss');
    expect(loss).toMatchObject({ of: 'loss', percent: expect.closeTo(2, 9) });
  });

  test('a check from before the batch came in, or after it went out, teaches nothing', () => {
    const early = { ...SAMPLE_CHECK, takenAt: '2026-11-19T08:00:00.000Z' };
    const { file: odd } = fileWith((_, batchId) => [
      firstRevision(countingScribe('early'), 'batch-check', early, batchId),
    ]);
    expect(roomRun(odd, odd.batches, FOR_NOW).observations).toHaveLength(1);
  });

  test('from records to a forecast: it dries, and the reading narrows what is believed', () => {
    const learned = learnRoom([], present);
    const blind = learnRoom([], { ...present, observations: [] });
    expect(learned.measurements).toBe(1);
    expect(learned.belief.covariance[0]![0]!).toBeLessThan(blind.belief.covariance[0]![0]!);
    const outlook = roomOutlook(present.run, learned.belief, present.nowDay);
    const means = outlook.batches[0]!.meanPercent.filter((value) => Number.isFinite(value));
    expect(means.at(-1)).toBeLessThan(means[0]! - 1);
    expect(outlook.kWhPerDay).toBeGreaterThan(1);
    expect(outlook.batches[0]!.heatEnd.diastaseLeft).toBeLessThan(1);
  });
});

describe('stretches', () => {
  test('batches that follow each other share one; after a longer pause a new one begins', () => {
    const load = (name: string, inAt: string, outAt: string | null) => ({
      ...SAMPLE_BATCH,
      name,
      inAt: `2026-${inAt}T08:00:00.000Z`,
      outAt: outAt && `2026-${outAt}T08:00:00.000Z`,
    });
    const scribe = countingScribe('many');
    const room = firstRevision(scribe, 'warm-room', SAMPLE_ROOM);
    const batches = [
      load('a', '09-01', '09-05'),
      load('b', '09-04', '09-08'),
      load('c', '09-09', '09-12'),
      load('d', '11-20', null),
    ].map((item) => firstRevision(scribe, 'batch', item, room.entityId));
    const file = roomFilesOf([room, ...batches])[0]!;
    const names = stretchesOf(file, NOW).map((stretch) =>
      stretch.map(({ batch }) => batch.content.name),
    );
    expect(names).toEqual([['a', 'b', 'c'], ['d']]);
  });

  test('a room that is never empty is cut into stretches that can be computed', () => {
    const scribe = countingScribe('full');
    const room = firstRevision(scribe, 'warm-room', SAMPLE_ROOM);
    const day = (number: number): string => new Date(NOW - number * DAY_MS).toISOString();
    const batches = Array.from({ length: 60 }, (_, at) => ({
      ...SAMPLE_BATCH,
      name: String(at),
      inAt: day(600 - 10 * at),
      outAt: day(600 - 10 * at - 12),
    })).map((item) => firstRevision(scribe, 'batch', item, room.entityId));
    const stretches = stretchesOf(roomFilesOf([room, ...batches])[0]!, NOW);
    expect(stretches.length).toBeGreaterThan(2);
    for (const stretch of stretches) {
      const ends = stretch.map(({ batch }) => batchEndMs(batch.content, NOW));
      const span = (Math.max(...ends) - Date.parse(stretch[0]!.batch.content.inAt)) / DAY_MS;
      expect(span).toBeLessThanOrEqual(2 * LONGEST_BATCH_DAYS);
      expect(span).toBeLessThan(LONGEST_DRYING_DAYS);
    }
    expect(stretches.flat()).toHaveLength(60);
  });

  test('a batch that nobody took out in the books is out after half a year, and asked about', () => {
    const inAt = new Date(NOW - (LONGEST_BATCH_DAYS + 1) * DAY_MS).toISOString();
    const content = { ...SAMPLE_BATCH, inAt };
    expect(isForgotten(content, NOW)).toBe(true);
    expect(batchEndMs(content, NOW)).toBe(NOW - DAY_MS);
    expect(isForgotten({ ...content, outAt: inAt }, NOW)).toBe(false);
    expect(batchEndMs(SAMPLE_BATCH, NOW)).toBe(Infinity);
  });

  test('what earlier batches taught carries over', () => {
    const { file } = fileWith();
    const past = roomRun(file, file.batches, FOR_NOW);
    const empty = roomRun(file, [], FOR_NOW);
    const learned = learnRoom([past], empty);
    expect(learned).toMatchObject({ measurements: 1, earlier: 1 });
    expect(learned.belief.mean).toHaveLength(5);
    expect(learned.belief.mean[0]).not.toBe(0);
  });
});

describe('logs', () => {
  test('two logs of one place are one series; a removed one is out', () => {
    const { file, records } = fileWith((roomId) => [
      firstRevision(
        countingScribe('later'),
        'air-log',
        { ...SAMPLE_LOG, startedAt: '2026-11-20T13:00:00.000Z' },
        roomId,
      ),
    ]);
    const zero = utcMidnight(NOW);
    expect(seriesOf(file.logs, 'inside', zero).days).toHaveLength(8);
    expect(seriesOf(file.logs, 'outside', zero).days).toHaveLength(0);
    const log = records.find((record) => record.kind === 'air-log')!;
    const gone = nextRevision(countingScribe('gone'), log, { withdrawn: true, reason: 'Removed' });
    expect(roomFilesOf([...records, gone])[0]!.logs).toHaveLength(1);
  });
});

describe('what is refused', () => {
  const said = (parsed: { success: boolean; error?: { issues: { message: string }[] } }) =>
    parsed.error?.issues[0]?.message;

  test('one sentence that says what to do', () => {
    const { machine } = SAMPLE_ROOM;
    expect([
      said(warmRoomContentSchema.safeParse({ ...SAMPLE_ROOM, setPointC: 60 })),
      said(
        warmRoomContentSchema.safeParse({
          ...SAMPLE_ROOM,
          machine: { ...machine, ratedAtHumidity: 60 },
        }),
      ),
      said(
        warmRoomContentSchema.safeParse({
          ...SAMPLE_ROOM,
          machine: { ...machine, ratedAtC: 10, ratedAtHumidity: 0.3 },
        }),
      ),
      said(batchContentSchema.safeParse({ ...SAMPLE_BATCH, openPercent: 45 })),
      said(batchContentSchema.safeParse({ ...SAMPLE_BATCH, outAt: '2026-11-01T00:00:00.000Z' })),
      said(
        batchCheckContentSchema.safeParse({
          ...SAMPLE_CHECK,
          found: { by: 'weight', firstKg: 30, nowKg: 20, tareKg: 8, plusMinusKg: 0.1 },
        }),
      ),
      said(airLogContentSchema.safeParse({ ...SAMPLE_LOG, minutes: [0, 60, 30, 90] })),
    ]).toMatchInlineSnapshot(`
      [
        "between 5 45",
        "between 0.3 0.95",
        "machineTakesNothing",
        "between 12 30",
        "outBeforeIn",
        "notTheSameBox",
        "notForward",
      ]
    `);
  });
});
