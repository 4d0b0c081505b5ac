import { beforeAll, describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { createDexieRecordStore, databaseOf, throwAway } from '../db';
import { contentsOf, lotFileOf, type LotFile } from '../model';
import { LOT_KINDS, firstRevision } from '../records';
import { SAMPLE_READING, countingScribe, sampleLot } from '../records/test/sampleLot';
import { perform, redo, revise, undo } from './recordActs';
import { createStore, type AppStore } from './store';

const records = createDexieRecordStore(databaseOf('mine'));
let run = 0;

beforeAll(() => throwAway('mine'));

beforeAll(() => {
  Object.assign(globalThis, { sessionStorage: { getItem: () => null, setItem: () => undefined } });
});

async function fileOf(lotId: string): Promise<LotFile> {
  const file = lotFileOf(await records.ofOwner(lotId, LOT_KINDS));
  if (!file) throw new Error('the lot is gone');
  return file;
}

/** What a keeper would see of a lot, without identifiers. */
async function seen(lotId: string): Promise<string> {
  const { lot, containers, comb, readings } = contentsOf(await fileOf(lotId));
  const contents = (all: readonly { content: unknown }[]) => all.map((item) => item.content);
  return JSON.stringify([lot, contents(containers), comb, contents(readings)]);
}

type Move = 'add' | 'correct' | 'remove';

async function make(move: Move, store: AppStore, lotId: string, at: number): Promise<void> {
  const { readings } = await fileOf(lotId);
  const last = readings.at(-1);
  if (move === 'add' || !last) {
    const content = { ...SAMPLE_READING, dialValue: 15 + (at % 10) / 2 };
    await store.dispatch(
      perform('add', (scribe) => [firstRevision(scribe, 'reading', content, lotId)]),
    );
  } else if (move === 'correct') {
    const content = { ...last.content, remark: `corrected ${at}` };
    await store.dispatch(revise('correct', last, { content, reason: 'Looked again' }));
  } else {
    await store.dispatch(revise('remove', last, { withdrawn: true, reason: 'Removed' }));
  }
}

describe('undo and redo, against what was seen at each step', () => {
  test('any run of acts is walked back and forth exactly, and nothing is ever deleted', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.constantFrom<Move>('add', 'correct', 'remove'), { minLength: 1, maxLength: 6 }),
        async (moves) => {
          run += 1;
          const store = createStore();
          const made = sampleLot(countingScribe(`model-${run}`), `260801-${run}`);
          await records.append(made);
          const lotId = made[0]!.ownerId;
          const states = [await seen(lotId)];
          for (const [at, move] of moves.entries()) {
            await make(move, store, lotId, at);
            states.push(await seen(lotId));
          }
          for (let at = moves.length - 1; at >= 0; at -= 1) {
            await store.dispatch(undo());
            expect(await seen(lotId)).toBe(states[at]);
          }
          for (let at = 1; at <= moves.length; at += 1) {
            await store.dispatch(redo());
            expect(await seen(lotId)).toBe(states[at]);
          }
          expect((await fileOf(lotId)).history).toHaveLength(made.length + 3 * moves.length);
        },
      ),
      { numRuns: 15 },
    );
  });
});
