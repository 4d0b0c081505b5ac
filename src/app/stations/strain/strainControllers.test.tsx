import { describe, expect, test } from '@jest/globals';
import { cleanup } from '@testing-library/react';
import { firstRevision } from '../../../records';
import { SAMPLE_EXTRACTION, SAMPLE_SETTLING } from '../../../records/test/sampleExtraction';
import { countingScribe, sampleLot } from '../../../records/test/sampleLot';
import { useHoneyHouse, useLots } from '../../data/useWorkspaceModel';
import { controllerOf } from '../../test/controllerOf';
import { useCleanUpController } from './useCleanUpController';
import { useDayController } from './useDayController';
import { useKitListController } from './useKitListController';
import { useMassController } from './useMassController';
import { useSettleController } from './useSettleController';
import { useStrainController } from './useStrainController';
import { useStrainerController } from './useStrainerController';

const scribe = countingScribe('strain');
const day = (change: Partial<typeof SAMPLE_EXTRACTION>) =>
  firstRevision(scribe, 'extraction', { ...SAMPLE_EXTRACTION, ...change });
const LOT = sampleLot(scribe);
const lotId = LOT[0]!.entityId;

/** The first day of the house with its controller, as its gate would hand it over. */
const ofDay =
  <C,>(
    useController: (of: {
      file: ReturnType<typeof useHoneyHouse>['days'][number];
      house: ReturnType<typeof useHoneyHouse>;
    }) => C,
  ) =>
  () => {
    const house = useHoneyHouse();
    return useController({ file: house.days[0]!, house });
  };

describe('the line', () => {
  test('days stand in their turn: under way, to come from the nearest on, over from the last on', async () => {
    const at = '2026-08-12T08:00:00.000Z';
    const days = [
      day({ name: 'old', day: '2026-07-01', startedAt: at, doneAt: at }),
      day({ name: 'later', day: '2026-09-01' }),
      day({ name: 'running', day: '2026-08-12', startedAt: at }),
      day({ name: 'done', day: '2026-08-02', startedAt: at, doneAt: at }),
      day({ name: 'soon', day: '2026-08-20' }),
    ];
    const { now } = await controllerOf(useStrainController, days);
    expect(now().days.map(({ extraction }) => extraction.content.name)).toEqual([
      'running',
      'soon',
      'later',
      'done',
      'old',
    ]);
    cleanup();
  });

  test('only what still settles is shown among what settles', async () => {
    const settling = (name: string, endedAt: string | null) =>
      firstRevision(scribe, 'settling', { ...SAMPLE_SETTLING, name, endedAt }, lotId);
    const records = [...LOT, settling('Tank', null), settling('Gone', '2026-08-14T08:00:00.000Z')];
    const { now } = await controllerOf(useStrainController, records);
    expect(now().settling.map(({ settling: one }) => one.content.name)).toEqual(['Tank']);
    cleanup();
  });

  test('planning a day opens its form, and once it is kept its page', async () => {
    const work = await controllerOf(useStrainController);
    await work.does(({ plan }) => plan());
    expect(work.now().planning).toBe(true);
    await work.does(({ close }) => close());
    expect(work.now().planning).toBe(false);
    await work.does(({ open }) => open('day-1'));
    expect(work.path()).toBe('/mine/strain/day/day-1');
    cleanup();
  });

  test('a day that is planned has no time on its clock; one that runs has', async () => {
    const planned = await controllerOf(ofDay(useDayController), [day({})]);
    expect(planned.now()).toMatchObject({ isRunning: false, isOver: false, nowMin: null });
    cleanup();
    const running = day({ startedAt: new Date().toISOString() });
    const { now } = await controllerOf(ofDay(useDayController), [running]);
    expect(now().isRunning).toBe(true);
    expect(now().nowMin).not.toBeNull();
    cleanup();
    const over = day({ startedAt: '2026-08-12T08:00:00.000Z', doneAt: '2026-08-12T15:00:00.000Z' });
    expect((await controllerOf(ofDay(useDayController), [over])).now()).toMatchObject({
      isRunning: false,
      isOver: true,
      nowMin: null,
    });
    cleanup();
  });

  test('a task of the clean-up that was done counts no longer; another fact asks for other tasks', async () => {
    const file = day({});
    const chore = { task: 'bees-off', doneAt: file.recordedAt, how: 'done', because: '' } as const;
    const done = firstRevision(scribe, 'chore', chore, file.entityId);
    const { now, does, until } = await controllerOf(ofDay(useCleanUpController), [file, done]);
    expect(now().left).toBe(now().steps.length - 1);
    const before = now().steps.map(({ step }) => step.task);
    await does(({ change }) => change({ disease: 'suspected' }));
    await until(() => now().facts.disease === 'suspected');
    expect(now().steps.map(({ step }) => step.task)).not.toEqual(before);
    cleanup();
  });

  test('ling is a gel: it is not strained, and nothing rises in it', async () => {
    const strained = await controllerOf(ofDay(useStrainerController), [day({})]);
    expect(strained.now().asked?.minutes).toBeGreaterThan(0);
    cleanup();
    const ling = await controllerOf(ofDay(useStrainerController), [day({ honeyKind: 'heather' })]);
    expect(ling.now().asked).toBeNull();
    cleanup();
  });

  test('kit to order: what a wrong number asks for is nothing, and what was counted is kept', async () => {
    const { now, does, until, stored } = await controllerOf(useKitListController, [day({})]);
    expect(now().list?.needs.length).toBeGreaterThan(3);
    const first = now().list!.needs[0]!.item;
    await does(({ count }) => count(first, 7, {}));
    await until(() => now().stock.get(first)?.content.have === 7);
    await does(({ count }) => count(first, 9, {}));
    await until(() => now().stock.get(first)?.content.have === 9);
    expect(await stored('stock')).toHaveLength(1);
    await does(({ form }) => form.setValue('honeyKg', 'many'));
    await until(() => now().list === null);
    cleanup();
  });
});

describe('a lot after extraction', () => {
  const ofLot =
    <C,>(useController: (file: ReturnType<typeof useLots>[number]) => C) =>
    () =>
      useController(useLots()[0]!);

  test('vessels that stand to clear come the latest first', async () => {
    const settling = (name: string) =>
      firstRevision(scribe, 'settling', { ...SAMPLE_SETTLING, name }, lotId);
    const records = [...LOT, settling('First'), settling('Second')];
    const { now } = await controllerOf(ofLot(useSettleController), records);
    expect(now().settlings.map(({ content }) => content.name)).toEqual(['Second', 'First']);
    expect(now().isGel).toBe(false);
    cleanup();
  });

  test('a new vessel starts from the water that was measured; a typed one keeps its skims', async () => {
    const skims = [{ at: '2026-08-13T08:00:00.000Z', kg: 0.3 }];
    const tank = firstRevision(scribe, 'settling', { ...SAMPLE_SETTLING, skims }, lotId);
    const { now, does } = await controllerOf(ofLot(useSettleController), [...LOT, tank]);
    expect(Number(now().entry.formOf.moisturePercent)).toBeCloseTo(17.4, 0);
    await does(({ editing }) => editing.edit(tank));
    const read = now().entry.parse({ ...now().entry.formOf, name: 'Tall tank' });
    expect(read.ok && read.content).toMatchObject({ name: 'Tall tank', skims });
    cleanup();
  });

  test('honey in containers is what came out; a wrong weight is refused beside its field', async () => {
    const { now } = await controllerOf(ofLot(useMassController), LOT);
    expect(now().mass.got?.massKg).toBeCloseTo(24, 1);
    const { entry } = now();
    const read = entry.parse({ ...entry.formOf, massKg: '-1' });
    expect(read.ok ? [] : Object.keys(read.errors)).toEqual(['massKg']);
    cleanup();
  });
});
