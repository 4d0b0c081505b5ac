import { afterEach, beforeAll, describe, expect, jest, test } from '@jest/globals';
import { demoSeason } from '../../demo/season';
import {
  firstRevision,
  nextRevision,
  type AnyRecord,
  type LotFramesContent,
  type RecordOf,
} from '../records';
import { sampleLook, sampleLooks, sampleYard } from '../records/test/sampleYard';
import { countingScribe, sampleLot } from '../records/test/sampleLot';
import { databaseOf, deleteWorkspace } from './database';
import { createDexieRecordStore } from './dexieRecordStore';
import { SnapshotSource, onTakenAway, type Snapshot, type SnapshotState } from './snapshot';
import { say } from '../core';

const database = databaseOf('mine');
const store = createDexieRecordStore(database);

/** Resolves with the first state that is as wanted. */
function when(source: SnapshotSource, wanted: (state: SnapshotState) => boolean) {
  return new Promise<SnapshotState>((resolve) => {
    const look = (): void => {
      if (!wanted(source.state())) return;
      stop();
      resolve(source.state());
    };
    const stop = source.subscribe(look);
    queueMicrotask(look);
  });
}

async function readySnapshot(source: SnapshotSource): Promise<Snapshot> {
  const state = await when(source, (snapshot) => snapshot.status === 'ready');
  if (state.status !== 'ready') throw new Error('not ready');
  return state.snapshot;
}

const idsOf = (snapshot: Snapshot): string[] =>
  [...snapshot.rows.values()].flat().map((row) => row.id);

const keep = async (records: readonly AnyRecord[]): Promise<void> => {
  const kept = await store.append(records, { as: 'merge' });
  if (!kept.ok) throw new Error(kept.error.message.key);
};

let sources: SnapshotSource[] = [];

function begin(): SnapshotSource {
  const source = new SnapshotSource('mine');
  sources.push(source);
  return source;
}

afterEach(async () => {
  jest.restoreAllMocks();
  for (const source of sources) {
    await source.caughtUp();
    source.stop();
  }
  sources = [];
  await deleteWorkspace('mine');
});

beforeAll(() => deleteWorkspace('mine'));

const lots = (state: SnapshotState): number =>
  state.status === 'ready' ? (state.snapshot.rows.get('lot')?.length ?? 0) : -1;

/** A make-up of some frames, as in the demo season. */
function madeOf({ entityId: harvestId }: AnyRecord, frameIds: readonly string[]): LotFramesContent {
  const made = demoSeason('2026-11-25').find((record) => record.kind === 'lot-frames');
  const { content } = made as RecordOf<'lot-frames'>;
  const frames = frameIds.map((frameId) => ({ ...content.frames[0]!, frameId }));
  return { ...content, harvestId, frames };
}

describe('what is read of a workspace', () => {
  test('is everything there is, then what is appended, by kinds that have news', async () => {
    const first = sampleLot(countingScribe('a'));
    await keep(first);
    const source = begin();
    expect(source.state().status).toBe('loading');
    const before = await readySnapshot(source);
    expect(idsOf(before).sort()).toEqual(first.map((record) => record.id).sort());

    const second = sampleLot(countingScribe('b')).filter((record) => record.kind === 'lot');
    await keep(second);
    await source.caughtUp();
    const after = await readySnapshot(source);
    expect(after.rows.get('lot')).toHaveLength(2);
    expect(after.rows.get('reading')).toBe(before.rows.get('reading'));
  });

  test('has the frames that lots were made of, whichever came first, and no others', async () => {
    const yard = sampleYard();
    const looks = sampleLooks(yard, [sampleLook([9, 9]), sampleLook([8, 8]), sampleLook([2, 2])]);
    const frames = looks.filter((record) => record.kind === 'frame');
    const [one, two] = frames;
    await keep([...yard.records, ...looks]);
    const source = begin();
    expect((await readySnapshot(source)).rows.get('frame') ?? []).toEqual([]);
    const lot = sampleLot(countingScribe('a'));
    const make = (frameIds: readonly string[]) => {
      const scribe = countingScribe(`made-${frameIds.length}`);
      return firstRevision(scribe, 'lot-frames', madeOf(yard.harvest, frameIds), lot[0]!.ownerId);
    };
    const shown = async (): Promise<string[]> => {
      await source.caughtUp();
      const { rows } = await readySnapshot(source);
      return (rows.get('frame') ?? []).map((frame) => frame.id).sort();
    };
    await keep([...lot, make([one!.entityId])]);
    expect(await shown()).toEqual([one!.id]);
    const moved = nextRevision(countingScribe('moved'), one!, { reason: 'Moved' });
    const other = nextRevision(countingScribe('other'), frames[2]!, { reason: 'Moved' });
    await keep([moved, other]);
    expect(await shown()).toEqual([one!.id, moved.id].sort());
    await keep([make([one!.entityId, two!.entityId])]);
    const everything = [one!.id, moved.id, two!.id].sort();
    expect(await shown()).toEqual(everything);
    // read anew as a whole: the same
    const whole = await readySnapshot(begin());
    expect((whole.rows.get('frame') ?? []).map((frame) => frame.id).sort()).toEqual(everything);
  });

  test('follows what is appended without being asked, and stays the same where nothing is', async () => {
    const source = begin();
    await readySnapshot(source);
    await keep(sampleLot(countingScribe('c')));
    const state = await when(source, (snapshot) => lots(snapshot) === 1);
    await source.caughtUp();
    expect(source.state()).toBe(state);
  });

  test('leaves out rows that are set aside, and names them', async () => {
    const [lot] = sampleLot(countingScribe('d'));
    const source = begin();
    await readySnapshot(source);
    const troubles = [{ path: 'name', message: say('records.tooLong', { most: 60 }) }];
    const aside = { id: lot!.id, kind: lot!.kind, entityId: lot!.entityId, ownerId: lot!.ownerId };
    await store.append([lot!], { as: 'merge', setAside: [{ ...aside, troubles }] });
    await source.caughtUp();
    const snapshot = await readySnapshot(source);
    expect(idsOf(snapshot)).toEqual([]);
    expect(snapshot.aside.map((rowSetAside) => rowSetAside.id)).toEqual([lot!.id]);

    const scribe = countingScribe('right');
    const right = { content: lot!.content, withdrawn: false, reason: 'Corrected' };
    await keep([nextRevision(scribe, lot!, right)]);
    await source.caughtUp();
    const corrected = await readySnapshot(source);
    expect(corrected.aside).toEqual([]);
    expect(corrected.rows.get('lot')).toHaveLength(1);
  });

  test('begins anew once everything was thrown away', async () => {
    await keep(sampleLot(countingScribe('e')));
    const source = begin();
    await readySnapshot(source);
    await deleteWorkspace('mine');
    const fresh = sampleLot(countingScribe('f'));
    await keep(fresh);
    await source.caughtUp();
    expect(idsOf(await readySnapshot(source)).sort()).toEqual(
      fresh.map((record) => record.id).sort(),
    );
  });
});

describe('a read that fails', () => {
  test('is said, and tried again when asked to', async () => {
    await keep(sampleLot(countingScribe('g')));
    const gone = { last: () => Promise.reject(new Error('disk gone')) };
    const refused = jest.spyOn(database.journal, 'orderBy').mockReturnValue(gone as never);
    const source = begin();
    const state = await when(source, (snapshot) => snapshot.status === 'failed');
    expect(state).toMatchObject({ error: new Error('disk gone') });
    refused.mockRestore();
    source.retry();
    expect(source.state().status).toBe('loading');
    expect(lots(await when(source, (snapshot) => snapshot.status === 'ready'))).toBe(1);
    await keep(sampleLot(countingScribe('h')));
    expect(lots(await when(source, (snapshot) => lots(snapshot) === 2))).toBe(2);
  });
});

test('records deleted under an open page: the page hears of it and goes on showing them', async () => {
  await keep(sampleLot(countingScribe('i')));
  const source = begin();
  await readySnapshot(source);
  const heard = new Promise<readonly AnyRecord[]>((resolve) => onTakenAway(resolve));
  await deleteWorkspace('mine');
  await source.caughtUp();
  expect((await heard).map(({ kind }) => kind)).toContain('lot');
  expect(lots(source.state())).toBe(1);
});
