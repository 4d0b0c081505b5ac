import { describe, expect, test } from '@jest/globals';
import { type Container } from '../../../records';
import { SAMPLE_CHECK, sampleMeter } from '../../../records/test/sampleBench';
import { SAMPLE_READING, countingScribe, sampleLot } from '../../../records/test/sampleLot';
import { actStore } from '../../test/actStore';
import { saveReading } from '../../acts/readingActs';
import { markSuspect, saveReadings, saveZeroCheck } from './benchActs';

const scribe = countingScribe('bench');
const LOT = sampleLot(scribe).slice(0, 2);
const lotId = LOT[0]!.entityId;
const BUCKET = LOT[1] as Container;

describe('acts at the bench', () => {
  test('readings of a table are one act, all taken at the same moment', async () => {
    const acts = await actStore(LOT);
    const contents = [17.2, 17.6].map((dialValue) => ({ ...SAMPLE_READING, dialValue }));
    await acts.does(saveReadings(contents, lotId));
    const kept = (await acts.stored('reading')).map(({ content }) => content);
    expect(kept.map(({ dialValue }) => dialValue).sort()).toEqual([17.2, 17.6]);
    expect(new Set(kept.map(({ takenAt }) => takenAt)).size).toBe(1);
    expect(kept[0]?.takenAt).not.toBe(SAMPLE_READING.takenAt);
    await acts.undoes();
    expect(await acts.stored('reading')).toEqual([]);
  });

  test('a reading is taken at the moment it is saved, and the line says its value', async () => {
    const acts = await actStore(LOT);
    const before = Date.now();
    await acts.does(saveReading(SAMPLE_READING, lotId));
    const [reading] = await acts.stored('reading');
    expect(Date.parse(reading!.content.takenAt)).toBeGreaterThanOrEqual(before);
    expect(String(acts.said())).toContain('17.4');
  });

  test('a check of the zero belongs to its meter', async () => {
    const { instrument } = sampleMeter(scribe, []);
    const acts = await actStore([instrument]);
    await acts.does(saveZeroCheck(SAMPLE_CHECK, instrument.entityId));
    const [check] = await acts.stored('zero-check');
    expect(check?.ownerId).toBe(instrument.entityId);
    expect(check?.content.dialValues).toEqual(SAMPLE_CHECK.dialValues);
  });

  test('a bucket has one reason to be kept apart, which can change and go', async () => {
    const acts = await actStore(LOT);
    await acts.does(markSuspect(BUCKET, 2, 'drip'));
    const [once] = await acts.stored('container');
    await acts.does(markSuspect(once!, 2, 'open-frames'));
    const [twice] = await acts.stored('container');
    expect(twice?.content.suspects).toEqual([{ item: 2, because: 'open-frames' }]);
    await acts.does(markSuspect(twice!, 2, null));
    expect((await acts.stored('container'))[0]?.content.suspects).toEqual([]);
  });
});
