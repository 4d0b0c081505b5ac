import { describe, expect, test } from '@jest/globals';
import { lotFilesOf } from '../../../model';
import { type Blend, type BlendTick, type LabelDesign, type RecordKind } from '../../../records';
import { countingScribe, sampleLot } from '../../../records/test/sampleLot';
import { sampleStore } from '../../../records/test/sampleStore';
import { actStore } from '../../test/actStore';
import {
  endCallBack,
  keepBlend,
  makeBlendedLot,
  noteFoam,
  pourInto,
  saveLabel,
  takePourBack,
} from './storeActs';

const scribe = countingScribe('store');
const LOT = sampleLot(scribe);
const lotId = LOT[0]!.entityId;
const STORE = sampleStore(scribe, { lotId, containerId: LOT[1]!.entityId });
const of = (kind: RecordKind) => STORE.find((record) => record.kind === kind)!;
const BLEND = of('blend') as Blend;

const bare = (): Promise<Awaited<ReturnType<typeof actStore>>> =>
  actStore([...LOT, ...STORE.filter(({ kind }) => kind !== 'blend-tick' && kind !== 'call-back')]);

describe('acts in the store', () => {
  test('a blend that was planned has a pouring list of its own', async () => {
    const acts = await actStore(LOT);
    await acts.does(keepBlend(BLEND.content));
    expect((await acts.stored('blend'))[0]?.content).toEqual(BLEND.content);
    expect(acts.said()).toBe('Planned a blend');
  });

  test('a pour is ticked off with the weight on the scale, and taken back', async () => {
    const acts = await bare();
    await acts.does(pourInto({ blend: BLEND, tank: 0, pour: 0 }, { massKg: 5.5 }));
    const [tick] = await acts.stored('blend-tick');
    expect(tick?.content).toMatchObject({ tank: 0, pour: 0, massKg: 5.5 });
    expect(tick?.ownerId).toBe(BLEND.entityId);
    await acts.does(takePourBack(tick as BlendTick, 'Bucket'));
    expect(await acts.stored('blend-tick')).toEqual([]);
  });

  test('a tank that is poured is a lot with its tank, and the blend knows it; undo takes all of it back', async () => {
    const acts = await bare();
    const files = lotFilesOf([...LOT, ...STORE]);
    await acts.does(makeBlendedLot(BLEND, { at: 0, pouredKg: 11.4, fromLotIds: [], files }));
    const lots = await acts.stored('lot');
    const [blend] = await acts.stored('blend');
    const made = lots.find(({ entityId }) => entityId === blend?.content.tanks[0]?.lotId);
    expect(made?.content.targetPercent).toBe(BLEND.content.targetPercent);
    const tank = (await acts.stored('container')).find(({ ownerId }) => ownerId === made?.entityId);
    expect(tank?.content).toMatchObject({ containerKind: 'tank', amount: { massKg: 11.4 } });
    await acts.undoes();
    expect(await acts.stored('lot')).toHaveLength(1);
    expect((await acts.stored('blend'))[0]?.content.tanks[0]?.lotId).toBeNull();
  });

  test('a label is kept as one design, changed and not doubled', async () => {
    const acts = await actStore();
    const { content } = of('label-design') as LabelDesign;
    await acts.does(saveLabel(content, null));
    const [first] = await acts.stored('label-design');
    await acts.does(saveLabel({ ...content, producer: 'Dyke apiary' }, first!));
    const now = await acts.stored('label-design');
    expect(now.map((item) => item.content.producer)).toEqual(['Dyke apiary']);
  });

  test('jars called back are ticked off with what was done, by whom they had', async () => {
    const acts = await bare();
    const [jarMove] = await acts.stored('jar-move');
    const task = { jarMoveId: jarMove!.entityId, done: 'returned', jars: 3, who: 'Ferry' } as const;
    await acts.does(endCallBack(task, lotId));
    const [ended] = await acts.stored('call-back');
    expect(ended?.content).toMatchObject({ jarMoveId: jarMove!.entityId, done: 'returned' });
    expect(String(acts.said())).toMatch(/^3 jars, Ferry: /);
  });

  test('foam is noted on the lot once, beside other signs, and undo takes it back', async () => {
    const acts = await bare();
    const [lot] = await acts.stored('lot');
    await acts.does(noteFoam(lot!));
    const [foaming] = await acts.stored('lot');
    expect(foaming?.content).toEqual({ ...lot!.content, signs: ['foam-returns'] });
    await acts.does(noteFoam(foaming!));
    expect((await acts.stored('lot'))[0]?.content.signs).toEqual(['foam-returns']);
    await acts.undoes();
    await acts.undoes();
    expect((await acts.stored('lot'))[0]?.content.signs).toEqual([]);
  });
});
