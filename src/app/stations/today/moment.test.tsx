import { afterEach, describe, expect, test } from '@jest/globals';
import { cleanup } from '@testing-library/react';
import { firstRevision } from '../../../records';
import { SAMPLE_DAY, sampleYard } from '../../../records/test/sampleYard';
import { useRound } from '../../data/useRound';
import { isoToday } from '../../format/dates';
import { controllerOf } from '../../test/controllerOf';

afterEach(cleanup);

const yard = sampleYard();

describe('judging frames at once', () => {
  test('asks for nothing: a day of today and a place for frames, and its page opens', async () => {
    const { does, path, stored, until } = await controllerOf(useRound);
    await does(({ judgeFrame }) => judgeFrame());
    await until(async () => (await stored('harvest')).length === 1);
    const [harvest] = await stored('harvest');
    const [box] = await stored('box');
    expect(harvest?.content.day).toBe(isoToday());
    expect(box?.content).toMatchObject({ colonyId: null, yardId: null, slots: 10 });
    await until(() => path() === `/mine/comb/${harvest?.entityId}/box/${box?.entityId}`);
  });

  test('goes on with the round of today, and does not begin another', async () => {
    const { now, does, stored, until } = await controllerOf(useRound);
    const { judgeFrame } = now();
    await does(() => judgeFrame());
    await until(async () => (await stored('harvest')).length === 1);
    // (the page that it leads to is not drawn here: what it holds is asked anew)
    cleanup();
    const [harvest] = await stored('harvest');
    const [box] = await stored('box');
    const again = await controllerOf(useRound, [harvest!, box!]);
    await again.does((round) => round.lookAgain(box!.entityId, 3));
    await again.until(() =>
      again.path().endsWith(`/comb/${harvest!.entityId}/box/${box!.entityId}`),
    );
    expect(await again.stored('harvest')).toHaveLength(1);
  });

  test('a frame that went back on another day is looked at on a new one, in its own box', async () => {
    const { does, path, stored, until } = await controllerOf(useRound, yard.records);
    await does(({ lookAgain }) => lookAgain(yard.box.entityId, 4));
    await until(async () => (await stored('harvest')).length === 2);
    const fresh = (await stored('harvest')).find(({ content }) => content.day === isoToday());
    await until(() => path() === `/mine/comb/${fresh?.entityId}/box/${yard.box.entityId}`);
    expect(await stored('box')).toHaveLength(2);
  });

  test('a day of today that is there already takes the second look', async () => {
    const day = firstRevision(yard.scribe, 'harvest', { ...SAMPLE_DAY, day: isoToday() });
    const { does, path, until } = await controllerOf(useRound, [...yard.records, day]);
    await does(({ lookAgain }) => lookAgain(yard.box.entityId, 4));
    await until(() => path() === `/mine/comb/${day.entityId}/box/${yard.box.entityId}`);
  });
});
