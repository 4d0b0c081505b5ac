import { describe, expect, test } from '@jest/globals';
import { ruleOnLot } from '../../../core';
import {
  contentsOf,
  evidenceFrom,
  evidenceIdsOf,
  lotFileOf,
  signedRulingContent,
} from '../../../model';
import { inWordsOf } from '../../words/tell';
import { DEFAULT_PREFERENCES, type Container, type RulingContent } from '../../../records';
import { countingScribe, sampleLot } from '../../../records/test/sampleLot';
import { actStore } from '../../test/actStore';
import { freshNewLot, readNewLot } from './newLot';
import {
  addContainer,
  keepVesselApart,
  reopenRuling,
  saveCombJudgement,
  signRuling,
  startLot,
  toggleCombStep,
} from './lotActs';

const LOT = sampleLot(countingScribe('lot'));
const lotId = LOT[0]!.entityId;
const BUCKET = LOT[1] as Container;

/** What the rules say of the sample lot, as somebody signs it. */
function rulingBy(initials: string): RulingContent {
  const file = lotFileOf(LOT)!;
  const meters = new Map();
  const evidence = evidenceFrom(contentsOf(file), { meters });
  const ruling = ruleOnLot(evidence);
  const signature = { outcome: ruling.outcome, initials, overrideReason: '', remark: '' };
  const evidenceIds = evidenceIdsOf(file, meters);
  const basis = { evidence, ruling, evidenceIds };
  return signedRulingContent(signature, basis, inWordsOf(DEFAULT_PREFERENCES));
}

describe('acts on a lot', () => {
  test('a lot begins with its containers and its comb in one act', async () => {
    const acts = await actStore();
    const rules = { preferences: DEFAULT_PREFERENCES, ruleSets: [] };
    const form = freshNewLot('2026-08-01', [], rules);
    const read = readNewLot({ ...form, comb: { ...form.comb, cappedTenths: '9' } }, [], rules);
    if (!read.ok) throw new Error(JSON.stringify(read.errors));
    await acts.does(startLot(read.content));
    const [lot] = await acts.stored('lot');
    expect(acts.said()).toContain(lot?.content.code);
    const parts = [...(await acts.stored('container')), ...(await acts.stored('comb-judgement'))];
    expect(parts.length).toBe(read.content.containers.length + 1);
    expect(parts.every(({ ownerId }) => ownerId === lot?.entityId)).toBe(true);
    await acts.undoes();
    expect(await acts.stored('lot')).toEqual([]);
    expect(await acts.stored('comb-judgement')).toEqual([]);
  });

  test('who signs is the author; reopened by another, the signature stays in the history', async () => {
    const acts = await actStore(LOT);
    await acts.does(signRuling(rulingBy('CD'), lotId));
    const [ruling] = await acts.stored('ruling');
    expect(ruling?.author).toBe('CD');
    await acts.does(reopenRuling(ruling!, { initials: 'EF', reason: 'New reading' }));
    expect(await acts.stored('ruling')).toEqual([]);
  });

  test('a vessel is kept apart beside those that are already', async () => {
    const acts = await actStore(LOT);
    await acts.does(keepVesselApart(BUCKET, { id: `${BUCKET.entityId}#2`, label: 'Bucket 2' }));
    const [first] = await acts.stored('container');
    expect(first?.content.suspects).toEqual([{ item: 2, because: 'other' }]);
    await acts.does(keepVesselApart(first!, { id: `${BUCKET.entityId}#1`, label: 'Bucket 1' }));
    const [both] = await acts.stored('container');
    expect(both?.content.suspects.map(({ item }) => item)).toEqual([2, 1]);
  });

  test('containers and what was seen of the comb belong to their lot', async () => {
    const acts = await actStore([LOT[0]!]);
    await acts.does(addContainer({ ...BUCKET.content, label: 'Tank', count: 1 }, lotId));
    await acts.does(saveCombJudgement({ cappedTenths: 8, shake: 'not-done' }, lotId));
    expect((await acts.stored('container'))[0]).toMatchObject({
      ownerId: lotId,
      content: { label: 'Tank' },
    });
    expect((await acts.stored('comb-judgement'))[0]).toMatchObject({
      ownerId: lotId,
      content: { cappedTenths: 8 },
    });
  });

  test('a step of comb honey is done, then is not, and what else was noted stays', async () => {
    const acts = await actStore(LOT);
    await acts.does(toggleCombStep('drain', null, lotId));
    const [drained] = await acts.stored('circumstances');
    expect(drained?.content.combSteps).toEqual(['drain']);
    await acts.does(toggleCombStep('weigh', drained!, lotId));
    const [weighed] = await acts.stored('circumstances');
    expect(weighed?.content.combSteps).toEqual(['drain', 'weigh']);
    await acts.does(toggleCombStep('drain', weighed!, lotId));
    expect((await acts.stored('circumstances'))[0]?.content.combSteps).toEqual(['weigh']);
  });
});
