import { describe, expect, test } from '@jest/globals';
import { firstRevision, type Extraction } from '../../../records';
import { SAMPLE_EXTRACTION } from '../../../records/test/sampleExtraction';
import { countingScribe, sampleLot } from '../../../records/test/sampleLot';
import { actStore, type ActStore } from '../../test/actStore';
import {
  beginDay,
  changeCleanUp,
  choreDone,
  choreUndone,
  countStock,
  endDay,
  recordPails,
  resumeDay,
  tickOff,
  unbeginDay,
} from './lineActs';

const DAY = firstRevision(countingScribe('line'), 'extraction', SAMPLE_EXTRACTION);
const LOT = sampleLot(countingScribe('lot'))[0]!;

const dayOf = async ({ stored }: ActStore): Promise<Extraction> => (await stored('extraction'))[0]!;

describe('acts at the line', () => {
  test('a day begun on another day than planned is that day’s; begun too early, it is as before', async () => {
    const acts = await actStore([DAY]);
    await acts.does(beginDay(DAY, new Date(2026, 7, 14, 8, 30)));
    const begun = await dayOf(acts);
    expect(begun.content).toMatchObject({ day: '2026-08-14', doneAt: null });
    expect(new Date(begun.content.startedAt ?? '').getHours()).toBe(8);
    expect(acts.said()).toBe('The day has begun');
    await acts.does(unbeginDay(begun));
    expect((await dayOf(acts)).content.startedAt).toBeNull();
  });

  test('a day that is over can be gone on with, and keeps when it began', async () => {
    const acts = await actStore([DAY]);
    await acts.does(beginDay(DAY));
    await acts.does(endDay(await dayOf(acts), new Date('2026-08-12T18:00:00.000Z')));
    expect((await dayOf(acts)).content.doneAt).toBe('2026-08-12T18:00:00.000Z');
    await acts.does(resumeDay(await dayOf(acts)));
    const { content } = await dayOf(acts);
    expect(content.doneAt).toBeNull();
    expect(content.startedAt).not.toBeNull();
  });

  test('what is ticked off belongs to its day, and undo takes the last tick back', async () => {
    const acts = await actStore([DAY]);
    await acts.does(tickOff(DAY, 'load-out'));
    await acts.does(tickOff(DAY, 'pail-full'));
    const ticks = await acts.stored('line-tick');
    expect(ticks.map(({ content }) => content.what).sort()).toEqual(['load-out', 'pail-full']);
    expect(ticks.every(({ ownerId }) => ownerId === DAY.entityId)).toBe(true);
    await acts.undoes();
    expect((await acts.stored('line-tick')).map(({ content }) => content.what)).toEqual([
      'load-out',
    ]);
  });

  test('a fact of the clean-up changes alone', async () => {
    const acts = await actStore([DAY]);
    await acts.does(changeCleanUp(DAY, { disease: 'suspected' }));
    expect((await dayOf(acts)).content.cleanUp).toEqual({
      ...SAMPLE_EXTRACTION.cleanUp,
      disease: 'suspected',
    });
  });

  test('a task is done, or in another way with the reason; and is to do again', async () => {
    const acts = await actStore([DAY]);
    await acts.does(choreDone(DAY, { task: 'bees-off', how: 'otherwise', because: 'Rain' }));
    const [chore] = await acts.stored('chore');
    expect(chore?.content).toMatchObject({ task: 'bees-off', how: 'otherwise', because: 'Rain' });
    expect(Date.parse(chore?.content.doneAt ?? '')).toBeGreaterThan(0);
    await acts.does(choreUndone(chore!));
    expect(await acts.stored('chore')).toEqual([]);
  });

  test('the pails of a day become containers of its lot in one act', async () => {
    const acts = await actStore([LOT]);
    const pail = { containerKind: 'bucket', amount: null, suspects: [] } as const;
    const pails = [
      { ...pail, label: 'Pail', count: 4, suspects: [] },
      { ...pail, label: 'Last pail', count: 1, suspects: [] },
    ];
    await acts.does(recordPails(pails, LOT.entityId));
    const kept = await acts.stored('container');
    expect(kept.map(({ content }) => content.label).sort()).toEqual(['Last pail', 'Pail']);
    expect(kept.every(({ ownerId }) => ownerId === LOT.entityId)).toBe(true);
    await acts.undoes();
    expect(await acts.stored('container')).toEqual([]);
  });

  test('an item is counted again, never twice', async () => {
    const acts = await actStore();
    await acts.does(countStock({ item: 'pails', label: 'Pails counted', have: 4, former: null }));
    const [first] = await acts.stored('stock');
    await acts.does(countStock({ item: 'pails', label: 'Pails counted', have: 9, former: first! }));
    expect((await acts.stored('stock')).map(({ content }) => content.have)).toEqual([9]);
  });
});
