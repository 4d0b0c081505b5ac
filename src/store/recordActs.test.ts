import { beforeAll, beforeEach, describe, expect, test } from '@jest/globals';
import { createDexieRecordStore, databaseOf, draftRowKey, throwAway } from '../db';
import { lotFileOf } from '../model';
import { DEFAULT_PREFERENCES, nextRevision, type AnyRecord } from '../records';
import { countingScribe, sampleLot } from '../records/test/sampleLot';
import { chooseRival, perform, redo, revise, undo } from './recordActs';
import { rivalChosen, type RivalChoice } from './rivalSlice';
import { sessionOpened } from './sessionSlice';
import { createStore, type AppStore } from './store';
import { inEnglish } from '../core/test/inEnglish';

const records = createDexieRecordStore(databaseOf('mine'));
let store: AppStore;
let stem = 0;

beforeAll(() => throwAway('mine'));

beforeAll(() => {
  // the undo list is kept in the tab's session storage, which Node does not have
  const kept = new Map<string, string>();
  Object.assign(globalThis, {
    sessionStorage: {
      getItem: (key: string) => kept.get(key) ?? null,
      setItem: (key: string, value: string) => kept.set(key, value),
    },
  });
});

beforeEach(() => {
  stem += 1;
  store = createStore();
  store.dispatch(
    sessionOpened({
      workspace: 'mine',
      tabId: 't',
      preferences: { ...DEFAULT_PREFERENCES, initials: 'AB' },
    }),
  );
});

async function begin(): Promise<AnyRecord[]> {
  const made = sampleLot(countingScribe(`s${stem}`), `260801-${stem}`);
  await store.dispatch(perform('Lot started', () => made));
  return made;
}

const fileOf = async (made: readonly AnyRecord[]) =>
  lotFileOf(await records.ofOwner(made[0]!.ownerId));
const notice = () => store.getState().acts.notice;

describe('acts on records', () => {
  test('an act is kept, said, and undone as one; then done again', async () => {
    const made = await begin();
    expect((await fileOf(made))?.readings).toHaveLength(1);
    expect(notice()).toEqual({ text: 'Lot started', tone: 'done' });
    await store.dispatch(undo());
    expect(await fileOf(made)).toBeNull();
    expect(inEnglish(notice()?.text)).toBe('Undone: Lot started');
    await store.dispatch(redo());
    expect((await fileOf(made))?.readings).toHaveLength(1);
  });

  test('undoing a correction brings back the former content, as a new revision', async () => {
    const made = await begin();
    const reading = made.find((record) => record.kind === 'reading')!;
    const content = { ...reading.content, dialValue: 19 };
    await store.dispatch(revise('Corrected', reading, { content, reason: 'Typing slip' }));
    expect((await fileOf(made))?.readings[0]?.content.dialValue).toBe(19);
    await store.dispatch(undo());
    const file = await fileOf(made);
    expect(file?.readings[0]?.content.dialValue).toBe(17.4);
    expect(file?.history.filter((lot) => lot.entityId === reading.entityId)).toHaveLength(3);
  });

  test('what another tab has changed since is not undone', async () => {
    const made = await begin();
    const reading = made.find((record) => record.kind === 'reading')!;
    await records.append([
      nextRevision(countingScribe(`other${stem}`), reading, { reason: 'Looked again' }),
    ]);
    await store.dispatch(undo());
    expect(notice()).toMatchObject({ tone: 'refused' });
    expect(await fileOf(made)).not.toBeNull();
  });

  test('with nothing done there is nothing to undo or redo', async () => {
    await store.dispatch(undo());
    await store.dispatch(redo());
    expect(notice()).toBeNull();
  });
});

describe('a colleague’s records', () => {
  test('of two revisions one is chosen; the other stays in the history, and undo asks again', async () => {
    const made = await begin();
    const lot = made.find((record) => record.kind === 'lot')!;
    const renamed = (name: string) =>
      nextRevision(countingScribe(`${name}${stem}`), lot, {
        content: { ...lot.content, name },
        reason: 'Renamed',
      });
    const [ours, theirs] = [renamed('Ours'), renamed('Theirs')];
    await records.append([ours, theirs]);
    const rivalry = {
      kind: lot.kind,
      entityId: lot.entityId,
      ownerId: lot.ownerId,
      former: lot,
      rivals: [ours, theirs],
    };
    expect((await store.dispatch(chooseRival('Chosen', rivalry, ours))).ok).toBe(true);
    const file = await fileOf(made);
    expect(file?.lot.content.name).toBe('Ours');
    expect(file?.lot.reason).toBe('Chosen of several after merging');
    expect(file?.history.map((lotRecord) => lotRecord.id)).toEqual(
      expect.arrayContaining([ours.id, theirs.id]),
    );
    const choices = await records.ofKinds(['merge-choice']);
    expect(choices.at(-1)).toMatchObject({
      content: { of: lot.entityId, chosen: ours.id, against: [theirs.id] },
    });
    expect(notice()?.text).toBe('Chosen');
  });
});

describe('what another tab changed while somebody typed', () => {
  const scribeOf = (stem: string) =>
    countingScribe(`${stem}${stem.length}-${Math.random()}`.replace('.', ''));

  async function both(mine: object, theirs: object) {
    const made = await begin();
    const lot = made.find((record) => record.kind === 'lot')!;
    const other = nextRevision(scribeOf('theirs'), lot, {
      content: { ...lot.content, ...theirs },
      reason: 'Elsewhere',
    });
    await records.append([other]);
    const content = { ...lot.content, ...mine };
    const done = store.dispatch(revise('Corrected', lot, { content, reason: 'Here' }));
    return { made, other, done };
  }

  const nameNow = async (made: readonly AnyRecord[]) => (await fileOf(made))?.lot.content.name;

  /** Waits until a person is asked, then answers. */
  async function answer(choice: RivalChoice): Promise<void> {
    while (store.getState().rival.asked === null) {
      await new Promise((resolve) => setTimeout(resolve, 1));
    }
    store.dispatch(rivalChosen(choice));
  }

  test('goes together where it was another field, unasked', async () => {
    const { made, other, done } = await both({ name: 'Mine' }, { plant: 'borage' });
    expect((await done).ok).toBe(true);
    const file = await fileOf(made);
    expect(file?.lot).toMatchObject({
      supersedes: other.id,
      content: { name: 'Mine', plant: 'borage' },
    });
  });

  test('is asked about where it was the same field: mine', async () => {
    const { made, other, done } = await both({ name: 'Mine' }, { name: 'Theirs' });
    await answer('mine');
    expect((await done).ok).toBe(true);
    expect((await fileOf(made))?.lot.supersedes).toBe(other.id);
    expect(await nameNow(made)).toBe('Mine');
  });

  test('or theirs, and then nothing is written', async () => {
    const { made, other, done } = await both({ name: 'Mine' }, { name: 'Theirs' });
    await answer('theirs');
    expect((await done).ok).toBe(true);
    expect((await fileOf(made))?.lot.id).toBe(other.id);
  });

  test('or later: then the act is refused, and what was typed can be kept again', async () => {
    const { made, done } = await both({ name: 'Mine' }, { name: 'Theirs' });
    await answer('back');
    expect(await done).toMatchObject({ ok: false, error: { code: 'changed-since' } });
    expect(notice()?.tone).toBe('refused');
    expect(inEnglish(notice()?.text)).toContain('still here');
    expect(await nameNow(made)).toBe('Theirs');
  });

  test('an act undone after merging brings back what the other tab had made', async () => {
    const { made, done } = await both({ name: 'Mine' }, { plant: 'borage' });
    await done;
    await store.dispatch(undo());
    expect((await fileOf(made))?.lot.content).toMatchObject({ name: '', plant: 'borage' });
  });

  test('the draft of a form goes with the record it becomes, in one stroke', async () => {
    const database = databaseOf('mine');
    const key = draftRowKey('t', 'lot-form');
    const row = { key, tabId: 't', formKey: 'lot-form', values: { name: 'x' }, savedAt: '' };
    await database.drafts.put(row);
    const lot = sampleLot(countingScribe(`draft${stem}`));
    const wrong = { ...lot[0]!, reason: 'x'.repeat(600) };
    await store.dispatch(perform('Wrong', () => [wrong], { draft: 'lot-form' }));
    expect(await database.drafts.get(key)).toEqual(row);
    await store.dispatch(perform('Right', () => lot, { draft: 'lot-form' }));
    expect(await database.drafts.get(key)).toBeUndefined();
  });
});
