import { describe, expect, test } from '@jest/globals';
import { coolingHours, openHoneyCourse } from '../../core';
import { roomFilesOf } from './roomFile';
import { coreBatch } from './roomRun';
import { readingsDue, roomTasks } from './roomTasks';
import { countingScribe } from '../../records/test/sampleLot';
import { SAMPLE_BATCH, sampleRoom } from '../../records/test/sampleRoom';

const HOUR_MS = 3_600_000;
const [file] = roomFilesOf(sampleRoom(countingScribe('tasks')));
const NOW = Date.parse('2026-11-21T20:00:00.000Z');

describe('what is to be done at a room', () => {
  test('a batch is to be read a day after the last check', () => {
    const [due] = readingsDue(file!, NOW);
    expect(new Date(due!.atMs).toISOString()).toBe('2026-11-22T08:00:00.000Z');
  });

  test('likely ready: taken out, then cooled; the next thing comes first', () => {
    const id = file!.batches[0]!.batch.entityId;
    const tasks = roomTasks(file!, NOW, new Map([[id, NOW + 30 * HOUR_MS]]));
    expect(tasks.map((task) => task.kind)).toEqual(['read', 'drain', 'take-out', 'cool']);
    expect(tasks.at(-1)?.hours).toBeGreaterThan(0.5);
    expect(tasks.at(-1)?.hours).toBeLessThan(12);
  });

  test('what is never ready, not in yet or gone asks for nothing', () => {
    const id = file!.batches[0]!.batch.entityId;
    const kinds = (nowMs: number) =>
      roomTasks(file!, nowMs, new Map([[id, Infinity]])).map((roomTask) => roomTask.kind);
    expect(kinds(NOW)).toEqual(['read', 'drain']);
    expect(kinds(Date.parse('2026-11-01T00:00:00.000Z'))).toEqual([]);
  });
});

describe('cooling', () => {
  const batch = coreBatch('a', { ...SAMPLE_BATCH, openShare: 0 }, 0, 16);

  test('agrees with the simulation of capped boxes in cool air', () => {
    const hours = coolingHours(batch, { fromC: 33, toC: 27, airC: 16 });
    const { honeyC } = openHoneyCourse({
      parts: batch.parts,
      air: { temperatureC: 16, relativeHumidity: 0.6 },
      honeyC: 33,
      airFactor: batch.airFactor,
      tareKg: batch.tareKg,
      hours,
      stirredEveryHours: 0,
    });
    expect(Math.abs(honeyC.at(-1)! - 27)).toBeLessThan(0.3);
  });

  test('nothing to do, or never', () => {
    expect(coolingHours(batch, { fromC: 25, toC: 27, airC: 16 })).toBe(0);
    expect(coolingHours(batch, { fromC: 33, toC: 27, airC: 30 })).toBe(Infinity);
    expect(() => coolingHours(batch, { fromC: NaN, toC: 27, airC: 20 })).toThrow('fromC');
  });
});
