import { afterEach, describe, expect, test } from '@jest/globals';
import { cleanup } from '@testing-library/react';
import { NO_CIRCUMSTANCES } from '../../../core';
import { lotNode } from '../../../model';
import { firstRevision, type AnyRecord, type Blend, type RecordKind } from '../../../records';
import { SAMPLE_READING, countingScribe, sampleLot } from '../../../records/test/sampleLot';
import { sampleStore } from '../../../records/test/sampleStore';
import { useLots, useTrace } from '../../data/useWorkspaceModel';
import { controllerOf } from '../../test/controllerOf';
import { useBlendController } from './useBlendController';
import { useKeepController } from './useKeepController';
import { useLabelsController } from './useLabelsController';
import { usePouringController } from './usePouringController';
import { useStoreController } from './useStoreController';
import { useNodeController } from './useTraceController';

const scribe = countingScribe('store');
const LOT = sampleLot(scribe);
const lotId = LOT[0]!.entityId;
const containerId = LOT[1]!.entityId;
const STORE = sampleStore(scribe, { lotId, containerId });
const of = (kind: RecordKind): AnyRecord => STORE.find((record) => record.kind === kind)!;
const without = (...kinds: RecordKind[]): AnyRecord[] =>
  [...LOT, ...STORE].filter(({ kind }) => !kinds.includes(kind));

/** The lot is found to hold a drug: nothing of it may go anywhere. */
const DRUGGED = firstRevision(
  scribe,
  'circumstances',
  { ...NO_CIRCUMSTANCES, residues: ['drug'], treated: null, remark: '' },
  lotId,
);

/** A reading of each bucket, so that nothing rests on the comb alone. */
const READ = [1, 2].map((item) =>
  firstRevision(scribe, 'reading', { ...SAMPLE_READING, containerId, item }, lotId),
);

afterEach(cleanup);

describe('a pouring list', () => {
  const ofBlend = () => usePouringController(of('blend').entityId);

  test('knows what is left to pour of each tank, and that there is no other blend', async () => {
    const { now } = await controllerOf(ofBlend, without('blend-tick'));
    expect(now()?.tanks).toHaveLength(1);
    expect(now()?.tanks[0]).toMatchObject({ left: 1, pouredKg: 0, plannedKg: 3 });
    cleanup();
    const none = await controllerOf(() => usePouringController('no-such-blend'), LOT);
    expect(none.now()).toBeNull();
  });

  test('counts what was poured by the scale, not by the plan', async () => {
    const { content } = of('blend-tick') as AnyRecord & { content: { massKg: number } };
    const { now } = await controllerOf(ofBlend, without());
    expect(now()?.tanks[0]).toMatchObject({ left: 0, pouredKg: content.massKg });
  });

  test('says why a pour must not be done, once its lot is blocked; a fit lot has no bar', async () => {
    const fit = await controllerOf(ofBlend, [...without('blend-tick', 'circumstances'), ...READ]);
    expect(fit.now()?.tanks[0]?.pours[0]?.barred).toBeNull();
    cleanup();
    const records = [...without('blend-tick', 'circumstances'), ...READ, DRUGGED];
    const { now } = await controllerOf(ofBlend, records);
    expect(now()?.tanks[0]?.pours[0]?.barred).toMatch(/\w{4}/);
  });

  test('a tank made a lot leads to that lot', async () => {
    const { now, does, path, stored } = await controllerOf(ofBlend, without());
    await does((pouring) => pouring?.makeLot(pouring.tanks[0]!, 'lot'));
    const lots = await stored('lot');
    const made = lots.find(({ entityId }) => entityId !== lotId);
    expect(path()).toBe(`/mine/lots/${made?.entityId}`);
    expect(now()).not.toBeNull();
  });

  test('with some spilled it says what the tank comes to; stopped there, the rest is planned anew', async () => {
    const planned = of('blend') as Blend;
    const [pour] = planned.content.tanks[0]!.pours;
    const wetter = { ...pour!, massKg: 5, meanPercent: pour!.meanPercent + 2 };
    const tanks = planned.content.tanks.map((tank) => ({ ...tank, pours: [pour!, wetter] }));
    const blend = { ...planned, content: { ...planned.content, tanks } };
    const spill = { tank: 0, pour: 0, massKg: 2, spiltKg: 1, at: '2026-08-20T10:00:00.000Z' };
    const tick = firstRevision(scribe, 'blend-tick', spill, blend.entityId);
    const rest = without('blend-tick', 'blend', 'circumstances');
    const { now, does, path, stored } = await controllerOf(ofBlend, [
      ...rest,
      ...READ,
      blend,
      tick,
    ]);
    const [tank] = now()!.tanks;
    expect(tank).toMatchObject({ pouredKg: 2, spiltKg: 1, left: 1 });
    expect(tank?.comesTo?.mean).toBeCloseTo(pour!.meanPercent + (2 * 5) / 7, 9);
    await does((pouring) => pouring?.makeLot(tank!, 'plan'));
    expect(path()).toBe('/mine/store/blend');
    const containers = await stored('container');
    expect(containers.map(({ content }) => content.amount)).toContainEqual(
      expect.objectContaining({ massKg: 2 }),
    );
  });

  test('the blend of the sample is what is shown', async () => {
    const { now } = await controllerOf(ofBlend, without());
    expect(now()?.blend.content).toEqual((of('blend') as Blend).content);
  });
});

describe('labels', () => {
  const ofJars = () => useLabelsController(of('packing').entityId);

  test('of honey that is blocked are held, whatever was released before', async () => {
    const records = [...without('circumstances'), ...READ, DRUGGED];
    const { now } = await controllerOf(ofJars, records);
    expect(now()).toMatchObject({ gate: { status: 'shut' }, isHeld: true });
  });

  test('of honey that nobody signed are held until a reason stands with the jars', async () => {
    const { now } = await controllerOf(ofJars, without());
    expect(now()).toMatchObject({ gate: { status: 'reason' }, release: undefined, isHeld: true });
    cleanup();
    const { content } = of('packing');
    const release = { outcome: 'measure', signed: false, use: 'own-use', reason: 'For us' };
    const jars = firstRevision(scribe, 'packing', { ...content, release } as never, lotId);
    const own = await controllerOf(
      () => useLabelsController(jars.entityId),
      [...without('packing', 'jar-move', 'jar-check', 'call-back'), jars],
    );
    expect(own.now()).toMatchObject({ gate: { status: 'reason' }, isHeld: false });
  });

  test('of a run of jars that is not there are nothing', async () => {
    const { now } = await controllerOf(() => useLabelsController('none'), LOT);
    expect(now()).toBeNull();
  });
});

describe('how a lot keeps', () => {
  const ofLot = () => useKeepController(useLots()[0]!);

  test('begins with where its containers stand; another place is another outlook', async () => {
    const { now, does, until } = await controllerOf(ofLot, [...without(), ...READ]);
    expect(now().place).toBe('own');
    const usual = now().places.map(({ id }) => id);
    expect(usual[0]).toBe('own');
    await does(({ setPlace }) => setPlace('freezer'));
    await until(() => now().place === 'freezer');
    const frozen = now().forecast.months.at(-1)!.crystallisedShare;
    await does(({ setPlace }) => setPlace('cellar'));
    await until(() => now().place === 'cellar');
    expect(now().forecast.months.at(-1)!.crystallisedShare).toBeGreaterThan(frozen);
  });

  test('creamed on purpose it is judged otherwise than left alone', async () => {
    const { now, does, until } = await controllerOf(ofLot, [...without(), ...READ]);
    const alone = now().forecast.months[0]!.crystallisedShare;
    await does(({ setKeptAs }) => setKeptAs('creamed'));
    await until(() => now().keptAs === 'creamed');
    expect(now().forecast.months[0]!.crystallisedShare).toBeGreaterThan(alone);
  });

  test('without any place written down it is judged on a shelf', async () => {
    const { now } = await controllerOf(ofLot, [...LOT, ...READ]);
    expect(now().place).toBe('shelf');
    expect(now().places.some(({ id }) => id === 'own')).toBe(false);
  });
});

describe('the store', () => {
  test('a lot of which nothing is left is among those that are gone', async () => {
    const emptied = [1, 2].map((item) =>
      firstRevision(
        scribe,
        'store-move',
        {
          containerId,
          item,
          act: 'emptied',
          at: '2026-08-22T10:00:00.000Z',
          placeKind: null,
          place: '',
          temperatureC: null,
          massKg: null,
          remark: '',
        } as never,
        lotId,
      ),
    );
    const here = await controllerOf(useStoreController, LOT);
    expect(here.now().gone).toEqual([]);
    expect(here.now().here).toHaveLength(1);
    cleanup();
    const { now } = await controllerOf(useStoreController, [...LOT, ...emptied]);
    expect(now().here).toHaveLength(0);
    expect(now().gone).toHaveLength(1);
  });

  test('a blend is planned of lots that are in the store only', async () => {
    const { now } = await controllerOf(useBlendController, without());
    expect(now().lots.map(({ file }) => file.lot.entityId)).toEqual([lotId]);
    expect(now()).toMatchObject({ leftOut: [], search: { status: 'idle' } });
  });

  test('nothing of a blocked lot is offered for a blend; it is named with the reason', async () => {
    const { now } = await controllerOf(useBlendController, [...without('circumstances'), DRUGGED]);
    expect(now().lots).toEqual([]);
    expect(now().leftOut).toEqual([{ name: '260801-a', because: expect.stringMatching(/drug/) }]);
  });

  test('a place on the way of honey knows what comes before and after it', async () => {
    const ofNode = () => useNodeController(useTrace().nodes.get(lotNode(lotId))!);
    const { now } = await controllerOf(ofNode, without());
    expect(now()).toMatchObject({ isEnd: false });
    expect(now().shown.size).toBeGreaterThan(1);
    expect(now().lots.map(({ file }) => file.lot.entityId)).toEqual([lotId]);
  });
});
