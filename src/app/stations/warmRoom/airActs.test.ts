import { describe, expect, test } from '@jest/globals';
import { countingScribe } from '../../../records/test/sampleLot';
import { SAMPLE_LOG, sampleRoom } from '../../../records/test/sampleRoom';
import { actStore } from '../../test/actStore';
import { removeLog, saveHeard, saveLog } from './airActs';

const ROOM = sampleRoom(countingScribe('room'))[0]!;

describe('acts on the air of a room', () => {
  test('a log cut into parts is one act, which says how many lines there are', async () => {
    const acts = await actStore([ROOM]);
    await acts.does(saveLog([SAMPLE_LOG, SAMPLE_LOG], ROOM.entityId));
    expect(await acts.stored('air-log')).toHaveLength(2);
    expect(String(acts.said())).toContain('8');
    await acts.undoes();
    expect(await acts.stored('air-log')).toEqual([]);
  });

  test('what a logger was heard to say ends now', async () => {
    const acts = await actStore([ROOM]);
    const entries = [0, 30, 60].map((minutes) => ({
      minutes,
      temperatureC: 33,
      relativeHumidity: 0.34,
    }));
    const before = Date.now();
    await acts.does(saveHeard(entries, ROOM.entityId));
    const [log] = await acts.stored('air-log');
    expect(log?.content).toMatchObject({ source: 'stand-in', minutes: [0, 30, 60] });
    const endMs = Date.parse(log!.content.startedAt) + 60 * 60_000;
    expect(endMs).toBeGreaterThanOrEqual(before);
    expect(endMs).toBeLessThanOrEqual(Date.now());
  });

  test('a log is removed, and undo brings it back', async () => {
    const acts = await actStore([ROOM]);
    await acts.does(saveLog([SAMPLE_LOG], ROOM.entityId));
    const [log] = await acts.stored('air-log');
    await acts.does(removeLog(log!));
    expect(await acts.stored('air-log')).toEqual([]);
    await acts.undoes();
    expect(await acts.stored('air-log')).toHaveLength(1);
  });
});
