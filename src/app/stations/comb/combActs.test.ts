import { SAMPLE_SURVEY, sampleYard, type SampleYard } from '../../../records/test/sampleYard';
import { beforeEach, describe, expect, test } from '@jest/globals';
import { RULE_SETS } from '../../../core';
import { boxPlaces } from '../../../model';
import { createDexieRecordStore, databaseOf } from '../../../db';
import { DEFAULT_PREFERENCES, firstRevision } from '../../../records';
import { actStore, type ActStore } from '../../test/actStore';
import {
  chooseSchool,
  makeQuickTake,
  moveFrames,
  removeSurvey,
  saveFramePhoto,
  saveSurvey,
} from './combActs';
import { countTally, ownTally } from './tallyActs';
import { freshQuickTake, readQuickTake, type QuickTakeForm } from './quickTake';

let yard: SampleYard;
let acts: ActStore;

beforeEach(async () => {
  yard = sampleYard();
  acts = await actStore(yard.records);
});

/** A few frames, each side capped by so many tenths. */
function quickTake(tenths: readonly number[], bucket: 'school' | 'no' = 'school') {
  const form: QuickTakeForm = freshQuickTake();
  form.frames.forEach((frame, at) => {
    frame.bucket = bucket;
    frame.sides.forEach((side) => (side.cappedTenths = tenths[at] ?? null));
  });
  const read = readQuickTake(form, DEFAULT_PREFERENCES, { today: '2026-08-10' });
  if (!read.ok) throw new Error(JSON.stringify(read.errors));
  return read.content;
}

const frameAt = (slot: number) =>
  firstRevision(
    yard.scribe,
    'frame',
    {
      boxId: yard.box.entityId,
      slot,
      sinceDay: '2026-06-01',
      earlier: [],
      hiveId: yard.hives[0].entityId,
      formerBrood: false,
    },
    yard.box.entityId,
  );

describe('acts at the hives', () => {
  test('capped frames and a bucket are a lot; what is put back makes none, and is kept all the same', async () => {
    const given = { code: '260810-a', ruleSets: RULE_SETS };
    await acts.does(makeQuickTake(quickTake([10, 9]), given));
    expect((await acts.stored('lot')).map(({ content }) => content.code)).toEqual(['260810-a']);
    expect(await acts.stored('frame-check')).toHaveLength(2);
    await acts.undoes();
    expect(await acts.stored('lot')).toEqual([]);
    await acts.does(makeQuickTake(quickTake([10, 9], 'no'), given));
    expect(await acts.stored('lot')).toEqual([]);
    expect(await acts.stored('frame-check')).toHaveLength(2);
  });

  test('another rule for the day leaves everything else of it as it is', async () => {
    await acts.does(chooseSchool(yard.harvest, 'shake'));
    const [harvest] = await acts.stored('harvest');
    expect(harvest?.content).toEqual({ ...yard.harvest.content, schoolId: 'shake' });
  });

  test('the running count is one, whatever is counted', async () => {
    const mine = { counter: 'phone', who: 'AB', harvestId: yard.harvest.entityId };
    await acts.does(countTally(['frames', 3], { ...mine, former: null }));
    const [tally] = await acts.stored('tally');
    await acts.does(countTally(['totes', 1], { ...mine, former: tally! }));
    expect((await acts.stored('tally')).map(({ content }) => content)).toEqual([
      { frames: 3, boxes: 0, totes: 1, counter: 'phone', who: 'AB' },
    ]);
  });

  test('each device goes on with its own count; one of before they counted apart is taken over', () => {
    const tallyOf = (counter: string | undefined, frames: number) =>
      firstRevision(yard.scribe, 'tally', {
        frames,
        boxes: 0,
        totes: 0,
        ...(counter === undefined ? {} : { counter }),
      });
    const [mine, theirs, old] = [tallyOf('a', 3), tallyOf('b', 4), tallyOf(undefined, 5)];
    expect(ownTally([theirs, mine, old], 'a')).toBe(mine);
    expect(ownTally([theirs, old], 'a')).toBe(old);
    expect(ownTally([theirs], 'a')).toBeNull();
  });

  test('frames go into the free places of a tote in their order, and keep where they hung', async () => {
    const frames = [frameAt(3), frameAt(4)];
    acts = await actStore([...yard.records, ...frames]);
    await acts.does(moveFrames(frames, { box: yard.tote, free: [2, 5], day: '2026-08-10' }));
    const moved = (await acts.stored('frame')).map(({ content }) => content);
    expect(moved.map(({ slot }) => slot).sort()).toEqual([2, 5]);
    for (const { boxId, hiveId, earlier } of moved) {
      expect(boxId).toBe(yard.tote.entityId);
      expect(hiveId).toBe(yard.hives[0].entityId);
      expect(earlier).toEqual([
        { boxId: yard.box.entityId, sinceDay: '2026-06-01', untilDay: '2026-08-10' },
      ]);
    }
  });

  test('a photograph of a frame that nobody looked at writes the frame down with it', async () => {
    const rows = createDexieRecordStore(databaseOf('mine'));
    const harvestId = yard.harvest.entityId;
    const [place] = boxPlaces(await rows.ofBox(yard.box.entityId), yard.box.entityId, {
      harvestId,
      slots: 10,
    });
    const task = { harvest: yard.harvest, box: yard.box, place: place!, others: [] };
    const small = { jpegBase64: '/9j/4AAQ', width: 1200, height: 900 };
    await acts.does(saveFramePhoto(small, 1, task as never));
    const [frame] = await acts.stored('frame');
    const [photo] = await acts.stored('photo');
    expect(frame?.content.slot).toBe(1);
    expect(photo?.content).toMatchObject({ frameId: frame?.entityId, side: 1, harvestId });
    await acts.undoes();
    expect(await acts.stored('frame')).toEqual([]);
  });

  test('a yard judged as a whole is kept, removed, and brought back', async () => {
    await acts.does(saveSurvey(SAMPLE_SURVEY, yard.harvest.entityId));
    const [survey] = await acts.stored('stroke');
    expect(survey).toMatchObject({ content: SAMPLE_SURVEY, ownerId: yard.harvest.entityId });
    await acts.does(removeSurvey(survey!));
    expect(await acts.stored('stroke')).toEqual([]);
    await acts.undoes();
    expect(await acts.stored('stroke')).toHaveLength(1);
  });
});
