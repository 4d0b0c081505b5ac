import { describe, expect, test } from '@jest/globals';
import { firstRevision, nextRevision } from '../revise';
import { current, heads } from '../heads';
import { differencesOf, rivalriesOf } from './merge';
import type { AnyRecord } from '../record';
import { countingScribe, sampleLot } from '../test/sampleLot';

const mine = sampleLot();
const lot = mine.find((record) => record.kind === 'lot')!;

function renamed(name: string, at: string, stem: string): AnyRecord {
  if (lot.kind !== 'lot') throw new Error('no lot');
  const next = nextRevision(countingScribe(stem), lot, {
    content: { ...lot.content, name },
    reason: 'Renamed',
  });
  return { ...next, recordedAt: at };
}

const ours = renamed('Ours', '2026-09-01T10:00:00.000Z', 'ours');
const theirs = renamed('Theirs', '2026-09-02T10:00:00.000Z', 'theirs');

describe('two revisions of the same thing', () => {
  test('are reported with what both replaced, the later one last', () => {
    const [found] = rivalriesOf([...mine, theirs, ours]);
    expect(found).toMatchObject({ kind: 'lot', entityId: lot.entityId });
    expect(found?.former?.id).toBe(lot.id);
    expect(found?.rivals.map((rival) => rival.id)).toEqual([ours.id, theirs.id]);
  });

  test('one after the other, or saying the same, they are none', () => {
    expect(rivalriesOf(mine)).toEqual([]);
    const after = nextRevision(countingScribe('after'), ours, { reason: 'Again' });
    expect(rivalriesOf([...mine, ours, after])).toEqual([]);
    const same = { ...renamed('Ours', '2026-09-03T10:00:00.000Z', 'same') };
    expect(rivalriesOf([...mine, ours, same])).toEqual([]);
  });

  test('once chosen, the chosen one holds and nothing is asked again', () => {
    const scribe = countingScribe('choice');
    const chosen = {
      ...nextRevision(scribe, ours, { reason: 'Chosen' }),
      recordedAt: '2026-09-05T10:00:00.000Z',
    };
    const choice = firstRevision(scribe, 'merge-choice', {
      of: lot.entityId,
      chosen: ours.id,
      against: [theirs.id],
    });
    const all = [...mine, ours, theirs, chosen, choice];
    expect(rivalriesOf(all)).toEqual([]);
    const held = current(all).find((record) => record.entityId === lot.entityId);
    expect(held?.kind === 'lot' && held.content.name).toBe('Ours');
    expect(heads(all).length).toBe(current(all).length);
  });

  test('fields that differ are named with what each says', () => {
    expect(
      differencesOf([
        { name: 'a', amount: { kg: 3 }, list: [1, 2] },
        { name: 'b', amount: { kg: 3 }, list: [1], more: null },
      ]),
    ).toEqual([
      { path: 'name', values: ['a', 'b'] },
      { path: 'list.1', values: [2, undefined] },
    ]);
  });
});
