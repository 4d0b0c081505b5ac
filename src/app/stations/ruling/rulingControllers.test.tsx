import { afterEach, describe, expect, test } from '@jest/globals';
import { cleanup } from '@testing-library/react';
import { countingScribe, sampleLot } from '../../../records/test/sampleLot';
import { useLots } from '../../data/useWorkspaceModel';
import { useAnswer } from '../../lot/useLot';
import { contentsOf } from '../../../model';
import { controllerOf } from '../../test/controllerOf';
import { useDossierController } from './useDossierController';
import { useLotController } from './useLotController';
import { useNewLotController } from './useNewLotController';
import { useSignForm } from './useSignForm';

const LOT = sampleLot(countingScribe('lot'));

afterEach(cleanup);

describe('a new lot', () => {
  test('has an answer from the first tap on, which a field that is still wrong does not take away', async () => {
    const { now, does, until } = await controllerOf(useNewLotController);
    await does(({ form }) => form.setValue('comb.cappedTenths', '10'));
    await until(() => now().answer.evidence.comb !== null);
    const { outcome } = now().answer.ruling;
    await does(({ form }) => form.setValue('lot.date', 'last Sunday'));
    expect(now().answer.ruling.outcome).toBe(outcome);
    await does(({ form }) => form.setValue('comb.cappedTenths', '2'));
    await until(() => now().answer.ruling.outcome !== outcome);
  });

  test('is kept with its containers in one act, and its page opened', async () => {
    const { does, until, path, stored } = await controllerOf(useNewLotController);
    await does(({ form }) => form.setValue('lot.name', 'Back garden'));
    await does(({ addContainer }) => addContainer());
    await does(({ removeContainer }) => removeContainer(1));
    await does(({ begin }) => begin());
    await until(async () => (await stored('lot')).length === 1);
    const [lot] = await stored('lot');
    await until(() => path() === `/mine/lots/${lot?.entityId}`);
    expect(lot?.content.name).toBe('Back garden');
    expect(await stored('container')).toHaveLength(1);
  });

  test('that is wrong is not kept, and no page is opened', async () => {
    const { does, now, path, stored } = await controllerOf(useNewLotController);
    await does(({ form }) => form.setValue('lot.code', ''));
    await does(({ begin }) => begin());
    expect(Object.keys(now().frame.live)).toContain('lot.code');
    expect(await stored('lot')).toEqual([]);
    expect(path()).toBe('/mine/here');
  });
});

describe('a lot', () => {
  const ofLot = () => useLotController(useLots()[0]!);

  test('counts the reading that is being typed, and says that it is not kept yet', async () => {
    const { now, does, until } = await controllerOf(ofLot, LOT);
    expect(now().isProvisional).toBe(false);
    const before = now().answer.ruling.belief.mean;
    await does(({ entry }) => {
      entry.form.setValue('dialValue', '21.5');
      entry.form.setValue('temperatureC', '20');
      entry.form.setValue('atc', 'no');
    });
    await until(() => now().isProvisional);
    expect(now().answer.ruling.belief.mean).toBeGreaterThan(before);
  });

  test('has no pieces before any comb of it was cut', async () => {
    expect((await controllerOf(ofLot, LOT)).now().hasPieces).toBe(false);
  });

  test('on paper is sealed by the digest of everything that it rests on', async () => {
    const ofPaper = () => useDossierController(useLots()[0]!);
    const { now, until } = await controllerOf(ofPaper, LOT);
    await until(() => now().digest !== null);
    expect(now().digest).toMatch(/^[0-9a-f]{64}$/);
    expect(now().back).toBe(`/mine/lots/${LOT[0]!.entityId}`);
  });
});

describe('a signature', () => {
  const signing = (done: () => void = () => undefined) => {
    const file = useLots()[0]!;
    const answer = useAnswer(contentsOf(file), file.lot.entityId);
    return { ...useSignForm({ file, answer }, done), proposed: answer.ruling.outcome };
  };

  test('that agrees with the rules needs initials only', async () => {
    let done = 0;
    const { does, until, stored } = await controllerOf(() => signing(() => (done += 1)), LOT);
    await does(({ frame }) => frame.form.setValue('initials', 'QB'));
    await does(({ sign }) => sign());
    await until(async () => (await stored('ruling')).length === 1);
    const [ruling] = await stored('ruling');
    expect(ruling).toMatchObject({ author: 'QB', content: { initials: 'QB', overrideReason: '' } });
    await until(() => done === 1);
  });

  test('without initials is not kept', async () => {
    const { now, does, stored } = await controllerOf(() => signing(), LOT);
    await does(({ sign }) => sign());
    expect(Object.keys(now().frame.live)).toContain('initials');
    expect(await stored('ruling')).toEqual([]);
  });

  test('that decides otherwise takes a reason, which stays', async () => {
    const { now, does, until, stored } = await controllerOf(() => signing(), LOT);
    const other = now().proposed === 'reject' ? 'accept' : 'reject';
    await does(({ frame }) => {
      frame.form.setValue('initials', 'QB');
      frame.form.setValue('outcome', other);
    });
    await until(() => now().overriding);
    await does(({ sign }) => sign());
    expect(Object.keys(now().frame.live)).toEqual(['overrideReason']);
    expect(await stored('ruling')).toEqual([]);
    await does(({ frame }) => frame.form.setValue('overrideReason', 'It smells sour'));
    await does(({ sign }) => sign());
    await until(async () => (await stored('ruling')).length === 1);
    expect((await stored('ruling'))[0]?.content).toMatchObject({
      outcome: other,
      overrideReason: 'It smells sour',
    });
  });
});
