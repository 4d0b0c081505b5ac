import { afterEach, describe, expect, test } from '@jest/globals';
import { cleanup } from '@testing-library/react';
import { firstRevision } from '../../records';
import { SAMPLE_READING, countingScribe, sampleLot } from '../../records/test/sampleLot';
import { sampleMeter } from '../../records/test/sampleBench';
import { sampleRoom } from '../../records/test/sampleRoom';
import { useLots, useRooms } from '../data/useWorkspaceModel';
import { controllerOf } from '../test/controllerOf';
import { useQuickReadingController } from './bench/useQuickReadingController';
import { useMeterController } from './bench/useMeterController';
import { useTableController } from './bench/useTableController';
import { useSettingsForm } from './kit/useSettingsForm';
import { useYearsController } from './season/useYearsController';
import { useTodayController } from './today/useTodayController';
import { useOpenHoneyController } from './warmRoom/useOpenHoneyController';
import { useRoomController } from './warmRoom/useRoomController';
import { useWarmRoomController } from './warmRoom/useWarmRoomController';

const scribe = countingScribe('other');
const LOT = sampleLot(scribe);
const ROOM = sampleRoom(scribe);

afterEach(cleanup);

describe('today', () => {
  test('is empty before there is any honey, then shows what waits for a decision', async () => {
    const empty = await controllerOf(useTodayController);
    expect(empty.now()).toMatchObject({ isEmpty: true, open: [], signed: [] });
    cleanup();
    const { now } = await controllerOf(useTodayController, LOT);
    expect(now().isEmpty).toBe(false);
    expect(now().open).toHaveLength(1);
    expect(now().signed).toHaveLength(0);
  });
});

describe('the bench', () => {
  const ofLot = () => useTableController(useLots()[0]!);

  test('a table keeps the rows that are filled, and begins anew with the same warmth and no dials', async () => {
    const { now, does, until, stored } = await controllerOf(ofLot, LOT.slice(0, 2));
    await does(({ frame: { form } }) => {
      form.setValue('temperature', '20');
      form.setValue('atc', 'no');
      form.setValue('zeroCheck', 'checked');
      form.setValue('rows.0.dial', '17.2');
      form.setValue('rows.1.dial', '17.9');
    });
    await until(() => now().filled === 2);
    await does(({ keepRows }) => keepRows());
    await until(async () => (await stored('reading')).length === 2);
    const kept = (await stored('reading')).map(({ content }) => content);
    expect(kept.map(({ dialValue }) => dialValue).sort()).toEqual([17.2, 17.9]);
    await until(() => now().filled === 0);
    expect(now().frame.form.getValues('temperature')).toBe('20');
  });

  test('a row that is wrong keeps nothing', async () => {
    const { now, does, stored } = await controllerOf(ofLot, LOT.slice(0, 2));
    await does(({ frame: { form } }) => {
      form.setValue('temperature', '20');
      form.setValue('rows.0.dial', 'seventeen');
    });
    await does(({ keepRows }) => keepRows());
    expect(Object.keys(now().frame.live)).toContain('rows.0.dial');
    expect(await stored('reading')).toEqual([]);
  });

  test('a meter knows its readings, and there is no other', async () => {
    const { instrument } = sampleMeter(scribe, []);
    const { entityId } = instrument;
    const reading = firstRevision(
      scribe,
      'reading',
      { ...SAMPLE_READING, scale: 'nD', dialValue: 1.491, instrumentId: entityId },
      LOT[0]!.entityId,
    );
    const records = [...LOT, instrument, reading];
    const { now } = await controllerOf(() => useMeterController(entityId), records);
    expect(now()?.readings).toBe(1);
    cleanup();
    expect((await controllerOf(() => useMeterController('none'), records)).now()).toBeNull();
  });
});

describe('a reading without a lot', () => {
  test('has its answer at once, begins with no temperature, and becomes a lot where it is kept', async () => {
    const { now, does, until, path, stored } = await controllerOf(useQuickReadingController, LOT);
    expect(now().isTyped).toBe(false);
    expect(now().form.getValues('temperatureC')).toBe('');
    await does(({ form }) => {
      form.setValue('dialValue', '17.2');
      form.setValue('temperatureC', '20');
      form.setValue('atc', 'no');
    });
    await until(() => now().isTyped);
    expect(now().answer.ruling.belief.mean).toBeCloseTo(17.2, 1);
    await does(({ keep }) => keep());
    await until(async () => (await stored('lot')).length === 2);
    const made = (await stored('lot')).find(({ entityId }) => entityId !== LOT[0]!.entityId);
    await until(() => path() === `/mine/lots/${made?.entityId}`);
    const readings = await stored('reading');
    expect(readings.find(({ ownerId }) => ownerId === made?.entityId)?.content.dialValue).toBe(
      17.2,
    );
  });
});

describe('the warm room', () => {
  test('a room that was added opens', async () => {
    const { now, does, path } = await controllerOf(useWarmRoomController, ROOM);
    expect(now().rooms).toHaveLength(1);
    await does(({ add }) => add());
    expect(now().adding).toBe(true);
    await does(({ open }) => open('room-1'));
    expect(path()).toBe('/mine/warm-room/room-1');
  });

  test('a room asks for the forecast of what is in it', async () => {
    const { now } = await controllerOf(() => useRoomController(useRooms()[0]!), ROOM);
    expect(now().asked.batches).toHaveLength(1);
    expect(now().forecast.status).toBe('running');
  });

  test('honey that stands open has a course, none while a number is wrong, and the usual values again', async () => {
    const { now, does, until } = await controllerOf(() => useOpenHoneyController('pail'));
    const first = now().course;
    expect(first?.hours.length).toBeGreaterThan(1);
    await does(({ form }) => form.setValue('relativeHumidity', '130'));
    await until(() => now().openHoney === null);
    expect(now().course).toBeNull();
    await does(({ form }) => form.setValue('relativeHumidity', '95'));
    await until(() => now().course !== null);
    expect(now().course?.meanPercent.at(-1)).toBeGreaterThan(first!.meanPercent.at(-1)!);
    await does(({ reset }) => reset());
    await until(() => now().course?.meanPercent.at(-1) === first?.meanPercent.at(-1));
  });
});

describe('seasons', () => {
  test('the latest year is shown until another is picked', async () => {
    const { now, does, until } = await controllerOf(useYearsController, LOT);
    expect(now().year).toBe(2026);
    await does(({ pick }) => pick(2025));
    await until(() => now().year === 2025);
    expect(now().years).toEqual([2026]);
  });

  test('without any lot it is this year', async () => {
    expect((await controllerOf(useYearsController)).now().year).toBe(new Date().getFullYear());
  });
});

describe('settings', () => {
  test('hold for everything once they are saved, and not before', async () => {
    const { now, does, until } = await controllerOf(useSettingsForm);
    await does(({ frame: { form } }) => form.setValue('temperatureUnit', 'F'));
    expect(now().frame.restored).toBe(false);
    await does(({ keep }) => keep());
    await until(() => now().frame.form.formState.defaultValues?.temperatureUnit === 'F');
  });
});
