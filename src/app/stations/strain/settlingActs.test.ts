import { describe, expect, test } from '@jest/globals';
import { firstRevision } from '../../../records';
import { SAMPLE_HEAT, SAMPLE_SETTLING } from '../../../records/test/sampleExtraction';
import { countingScribe, sampleLot } from '../../../records/test/sampleLot';
import { actStore } from '../../test/actStore';
import { endSettling, recordWarming, removeSpell, skim } from './settlingActs';

const scribe = countingScribe('settle');
const LOT = sampleLot(scribe)[0]!;
const TANK = firstRevision(scribe, 'settling', SAMPLE_SETTLING, LOT.entityId);
const SPELL = firstRevision(scribe, 'heat-spell', SAMPLE_HEAT, LOT.entityId);

describe('acts on honey that settles or is warmed', () => {
  test('skimmed twice, weighed or not: both stand, in their order', async () => {
    const acts = await actStore([LOT, TANK]);
    await acts.does(skim(TANK, 0.4));
    const [once] = await acts.stored('settling');
    await acts.does(skim(once!, null));
    const [twice] = await acts.stored('settling');
    expect(twice?.content.skims.map(({ kg }) => kg)).toEqual([0.4, null]);
    await acts.undoes();
    expect((await acts.stored('settling'))[0]?.content.skims).toHaveLength(1);
  });

  test('a vessel that is emptied no longer settles, and keeps what was skimmed', async () => {
    const acts = await actStore([LOT, TANK]);
    await acts.does(skim(TANK, 0.4));
    const [skimmed] = await acts.stored('settling');
    await acts.does(endSettling(skimmed!));
    const [ended] = await acts.stored('settling');
    expect(ended?.content.endedAt).not.toBeNull();
    expect(ended?.content.skims).toHaveLength(1);
  });

  test('a way to warm that was taken counts as warmth of its lot, with what was warmed and how', async () => {
    const acts = await actStore([LOT]);
    const history = [{ days: 0.5, temperatureC: 38 }];
    const plan = { cabinetC: 40, days: 2 };
    await acts.does(
      recordWarming(
        { plan, outcome: { history }, vessel: 'jar', occasion: 'liquefying' },
        LOT.entityId,
      ),
    );
    const [spell] = await acts.stored('heat-spell');
    expect(spell?.content).toMatchObject({
      source: 'plan',
      occasion: 'liquefying',
      spells: history,
    });
    expect(spell?.content.remark).toContain('40 °C');
    expect(spell?.ownerId).toBe(LOT.entityId);
  });

  test('a spell of warmth is removed, and undo brings it back', async () => {
    const acts = await actStore([LOT, SPELL]);
    await acts.does(removeSpell(SPELL));
    expect(await acts.stored('heat-spell')).toEqual([]);
    await acts.undoes();
    expect(await acts.stored('heat-spell')).toHaveLength(1);
  });
});
