import { afterEach, describe, expect, test } from '@jest/globals';
import { cleanup } from '@testing-library/react';
import { bookOf, harvestDayOf, type HarvestDay } from '../../../model';
import { sampleLook, sampleLooks, sampleYard } from '../../../records/test/sampleYard';
import { controllerOf } from '../../test/controllerOf';
import { useCombController } from './useCombController';
import { useGroupController } from './useGroupController';
import { useHarvestController } from './useHarvestController';
import { useQuickTakeController } from './useQuickTakeController';
import { useSurveyController } from './useSurveyController';

afterEach(cleanup);

const yard = sampleYard();
const LOOKS = sampleLooks(yard, [
  sampleLook([10, 10]),
  sampleLook([9, 10]),
  sampleLook([1, 1]),
  sampleLook([10, 9]),
]);
const RECORDS = [...yard.records, ...LOOKS];
const DAY = harvestDayOf(bookOf(RECORDS), RECORDS, yard.harvest.entityId) as HarvestDay;
const harvestId = yard.harvest.entityId;

describe('a few frames and a bucket', () => {
  const cap = (at: number, tenths: number) => (work: ReturnType<typeof useQuickTakeController>) =>
    ([0, 1] as const).forEach((side) =>
      work.frame.form.setValue(`frames.${at}.sides.${side}.cappedTenths`, tenths),
    );

  test('are judged one by one as they are tapped, each beside its own frame', async () => {
    const { now, does, until } = await controllerOf(useQuickTakeController);
    expect(now().quickTake).toBeNull();
    await does(cap(1, 10));
    await until(() => now().quickTake !== null);
    expect(now().frames.map(({ judged }) => judged?.act ?? null)).toEqual([null, 'take', null]);
    await does(cap(0, 0));
    await until(() => now().judged.length === 2);
    expect(now().frames[0]?.judged?.act).not.toBe('take');
    expect(now().frames[1]?.judged?.act).toBe('take');
    expect(now().takesNone).toBe(false);
  });

  test('become a lot, and its page opens', async () => {
    const { does, until, path, stored } = await controllerOf(useQuickTakeController);
    await does(cap(0, 10));
    await does(({ make }) => make());
    await until(async () => (await stored('lot')).length === 1);
    const [lot] = await stored('lot');
    await until(() => path() === `/mine/lots/${lot?.entityId}`);
  });

  test('that all go back make no lot, and what was seen is kept', async () => {
    const { now, does, until, path, stored } = await controllerOf(useQuickTakeController);
    await does(cap(0, 10));
    await does(({ frame }) => frame.form.setValue('frames.0.bucket', 'no'));
    await until(() => now().takesNone);
    await does(({ make }) => make());
    await until(() => path() === '/mine/comb');
    expect(await stored('lot')).toEqual([]);
    expect(await stored('frame-check')).toHaveLength(1);
  });

  test('there are never more than fit the screen', async () => {
    const { now, does, until } = await controllerOf(useQuickTakeController);
    for (let count = now().frames.length; now().canAdd; count += 1) {
      await does(({ addFrame }) => addFrame());
      await until(() => now().frames.length === count + 1);
    }
    expect(now().frames).toHaveLength(12);
    await does(({ removeFrame }) => removeFrame(0));
    await until(() => now().canAdd);
  });
});

describe('frames into lots', () => {
  const grouping = () => useGroupController(DAY);
  const taken = DAY.judged.filter(({ act }) => act === 'take').length;

  test('stand in one lot by flow, and one that is sent elsewhere stands in a new one', async () => {
    const { now, does, until } = await controllerOf(grouping, RECORDS);
    expect(taken).toBe(3);
    expect(now().groups.map(({ keys }) => keys.length)).toEqual([taken]);
    await does(({ move, groups }) => move(groups[0]!.keys[0]!, 1));
    await until(() => now().groups.length === 2);
    expect(now().groups.map(({ keys }) => keys.length)).toEqual([taken - 1, 1]);
    await does(({ rename }) => rename(1, 'Dark ones'));
    await until(() => now().groups[1]?.name === 'Dark ones');
    await does(({ move, groups }) => move(groups[1]!.keys[0]!, 0));
    await until(() => now().groups.length === 1);
    expect(now().full).toBe(1);
  });

  test('are made lots once; several lead to Today, a single one to its page', async () => {
    const one = await controllerOf(grouping, RECORDS);
    await one.does(({ make }) => void Promise.all([make(), make()]));
    await one.until(async () => (await one.stored('lot')).length > 0);
    const lots = await one.stored('lot');
    expect(lots).toHaveLength(1);
    await one.until(() => one.path() === `/mine/lots/${lots[0]?.entityId}`);
    cleanup();
    const two = await controllerOf(grouping, RECORDS);
    await two.does(({ move, groups }) => move(groups[0]!.keys[0]!, 1));
    await two.until(() => two.now().groups.length === 2);
    await two.does(({ make }) => make());
    await two.until(() => two.path() === '/mine/today');
    expect(await two.stored('lot')).toHaveLength(2);
  });
});

describe('a day at the hives', () => {
  test('goes on with the box that is begun', async () => {
    const { now } = await controllerOf(() => useHarvestController(DAY), RECORDS);
    expect(now().boxId).toBe(yard.box.entityId);
  });

  test('that was started opens', async () => {
    const { does, path } = await controllerOf(useCombController, RECORDS);
    await does(({ open }) => open(harvestId));
    expect(path()).toBe(`/mine/comb/${harvestId}`);
  });

  test('a yard judged at once says nothing before enough was looked at closely, then is kept', async () => {
    const { now, does, until, path, stored } = await controllerOf(
      () => useSurveyController(DAY),
      RECORDS,
    );
    expect(now().found).toBeNull();
    await does(({ frame: { form } }) => {
      form.setValue('boxIds', [yard.box.entityId]);
      form.setValue('label', 'Row');
      form.setValue('cappedTenths', '9');
      form.setValue('sample', '3');
    });
    await until(() => now().size?.sampleSize === 3);
    await does(({ frame: { form } }) => form.setValue('looks', ['9', '8', '10']));
    await until(() => now().found !== null);
    expect(now().found?.verdict.interval.low).toBeGreaterThan(0.5);
    await does(({ keep }) => keep());
    await until(() => path() === `/mine/comb/${harvestId}`);
    expect((await stored('stroke'))[0]?.content.looks).toHaveLength(3);
  });
});
