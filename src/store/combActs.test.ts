import { beforeAll, beforeEach, describe, expect, test } from '@jest/globals';
import { createDexieRecordStore, databaseOf, throwAway } from '../db';
import { boxPlaces, lookRecords, bookOf } from '../model';
import { firstRevision, nextRevision, type AnyRecord } from '../records';
import { sampleLook, sampleYard, type SampleYard } from '../records/test/sampleYard';
import { harvestRecords, perform, redo, undo } from './recordActs';
import { createStore, type AppStore } from './store';

const records = createDexieRecordStore(databaseOf('mine'));
let run = 0;
let yard: SampleYard;
let store: AppStore;

beforeAll(() => throwAway('mine'));

beforeAll(() => {
  Object.assign(globalThis, { sessionStorage: { getItem: () => null, setItem: () => undefined } });
});

beforeEach(async () => {
  run += 1;
  yard = sampleYard({}, `acts-${run}`);
  store = createStore();
  await records.append(yard.records);
});

/** Judges the frames of some places in one act, as the application does. */
async function judge(slots: readonly number[], known: readonly AnyRecord[] = []) {
  const looks = slots.map((slot) => ({ slot, look: sampleLook([9, 9]) }));
  const { box, harvest } = yard;
  const done = await store.dispatch(
    perform(`Frames ${slots.join()}`, (scribe) =>
      lookRecords(scribe, { harvest, box, looks, known }, bookOf(yard.records)),
    ),
  );
  if (!done.ok) throw new Error(done.error.message.key);
  return done.value;
}

async function judgedSlots(boxId = yard.box.entityId): Promise<number[]> {
  const all = await records.ofBox(boxId);
  return boxPlaces(all, boxId, { harvestId: yard.harvest.entityId, slots: 12 })
    .filter((boxPlace) => boxPlace.today !== null)
    .map((boxPlace) => boxPlace.slot);
}

describe('acts at the hives', () => {
  test('a frame and the look at it come and go together', async () => {
    await judge([1]);
    await judge([2]);
    expect(await judgedSlots()).toEqual([1, 2]);
    await store.dispatch(undo());
    expect(await judgedSlots()).toEqual([1]);
    await store.dispatch(undo());
    expect(await judgedSlots()).toEqual([]);
    await store.dispatch(redo());
    await store.dispatch(redo());
    expect(await judgedSlots()).toEqual([1, 2]);
  });

  test('frames moved into a tote are back where they hung after undo', async () => {
    const made = await judge([1, 2, 3]);
    const frames = made.filter((record) => record.kind === 'frame');
    await store.dispatch(
      perform('Moved', (scribe) =>
        frames.map((frame, at) =>
          nextRevision(scribe, frame, {
            content: { ...frame.content, boxId: yard.tote.entityId, slot: at + 1 },
            reason: 'Moved',
          }),
        ),
      ),
    );
    expect(await judgedSlots()).toEqual([]);
    expect(await judgedSlots(yard.tote.entityId)).toEqual([1, 2, 3]);
    await store.dispatch(undo());
    expect(await judgedSlots()).toEqual([1, 2, 3]);
    expect(await judgedSlots(yard.tote.entityId)).toEqual([]);
  });

  test('a tally can be walked back count by count', async () => {
    const { entityId } = yard.harvest;
    const first = firstRevision(yard.scribe, 'tally', { frames: 1, boxes: 0, totes: 0 }, entityId);
    await store.dispatch(perform('1', () => [first]));
    let former = first;
    for (const frames of [2, 3]) {
      const next = nextRevision(yard.scribe, former, {
        content: { ...former.content, frames },
        reason: 'Counted',
      });
      await store.dispatch(perform(String(frames), () => [next]));
      former = next;
    }
    const counted = async (): Promise<number | undefined> => {
      const all = await store.dispatch(harvestRecords(entityId));
      const superseded = new Set(all.map((record) => record.supersedes));
      const now = all.find((record) => record.kind === 'tally' && !superseded.has(record.id));
      return now?.kind === 'tally' && !now.withdrawn ? now.content.frames : undefined;
    };
    expect(await counted()).toBe(3);
    await store.dispatch(undo());
    expect(await counted()).toBe(2);
    await store.dispatch(undo());
    await store.dispatch(undo());
    expect(await counted()).toBeUndefined();
  });
});
