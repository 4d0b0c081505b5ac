import { describe, expect, test } from '@jest/globals';
import { bookOf, type Book } from '../../../model';
import { DEFAULT_PREFERENCES } from '../../../records';
import { freshManyHives, manyHivesEntry, type ManyHives } from '../../forms/hives/manyHivesForm';
import { actStore } from '../../test/actStore';
import { addHives, hivesByNumber } from './hiveActs';

function typed(change: Record<string, string>) {
  const form = manyHivesEntry.fill(freshManyHives('2026-06-01'), DEFAULT_PREFERENCES);
  return manyHivesEntry.read({ ...form, ...change }, DEFAULT_PREFERENCES);
}

const fourteen = { yard: 'Marsh', first: '1', last: '14', boxes: '2', health: 'sound' };

function read(change: Record<string, string> = {}) {
  const parsed = typed({ ...fourteen, ...change });
  if (!parsed.ok) throw new Error(JSON.stringify(parsed.errors));
  return parsed.content;
}

const adding = (many: ManyHives, book: Book) =>
  addHives(hivesByNumber(many), { book, health: many.health });

describe('a yard with its hives', () => {
  test('fourteen hives with two boxes each are one act, and undo takes all of it back', async () => {
    const acts = await actStore();
    await acts.does(adding(read(), bookOf([])));
    const [yard] = await acts.stored('yard');
    const hives = await acts.stored('colony');
    const boxes = await acts.stored('box');
    expect(yard?.content.name).toBe('Marsh');
    expect(hives.map(({ content }) => content.name)).toContain('Hive 14');
    expect(hives).toHaveLength(14);
    expect(boxes).toHaveLength(28);
    expect(boxes.filter(({ content }) => content.colonyId === hives[3]?.entityId)).toHaveLength(2);
    expect(boxes.every(({ content }) => content.onDay === '2026-06-01')).toBe(true);
    expect(acts.said()).toBe('14 hives added in Marsh');
    await acts.undoes();
    expect(await acts.stored('yard')).toEqual([]);
    expect(await acts.stored('box')).toEqual([]);
  });

  test('a yard that is there gets the hives that it has not', async () => {
    const acts = await actStore();
    const made = await acts.does(adding(read({ last: '3' }), bookOf([])));
    await acts.does(adding(read({ last: '5' }), bookOf(made)));
    expect(await acts.stored('yard')).toHaveLength(1);
    const names = (await acts.stored('colony')).map(({ content }) => content.name).sort();
    expect(names).toEqual(['Hive 1', 'Hive 2', 'Hive 3', 'Hive 4', 'Hive 5']);
  });

  test.each([
    ['a last number below the first', { first: '9', last: '3' }, ['last']],
    ['more than 200 at once', { last: '400' }, ['last']],
    ['half a hive', { first: '1.5' }, ['first']],
    ['no yard', { yard: ' ' }, ['yard']],
    ['nobody said how healthy they are', { health: '' }, ['health']],
  ])('%s is asked about beside its field', (_says, change, fields) => {
    const parsed = typed({ ...fourteen, ...change });
    expect(parsed.ok ? [] : Object.keys(parsed.errors)).toEqual(fields);
  });
});
