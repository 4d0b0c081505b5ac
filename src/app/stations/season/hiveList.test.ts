import { describe, expect, test } from '@jest/globals';
import { bookOf } from '../../../model';
import { DEFAULT_PREFERENCES } from '../../../records';
import { actStore } from '../../test/actStore';
import { addHives } from './hiveActs';
import { readHiveList, readHiveListForm } from './hiveList';

const LIST = [
  'Yard\tHive\tBoxes\tOn since',
  'Marsh\t1\t2\t03.06.2026',
  '\t2\t1\t28.06.2026',
  'Moor\tThe tall one\t\t',
].join('\n');

describe('a list of hives out of a spreadsheet', () => {
  test('a yard left out is that above, a number is the hive of that number, days in any order', () => {
    expect(readHiveList(LIST)).toEqual({
      hives: [
        { yard: 'Marsh', name: 'Hive 1', boxes: 2, onDay: '2026-06-03' },
        { yard: 'Marsh', name: 'Hive 2', boxes: 1, onDay: '2026-06-28' },
        { yard: 'Moor', name: 'The tall one', boxes: 0, onDay: null },
      ],
      bad: [],
      waiting: 0,
      left: '',
    });
  });

  test('columns are known by their names, wherever they stand; without names they stand in order', () => {
    const turned = readHiveList('Hive;Since;Yard\n7;2026-06-01;Marsh');
    expect(turned.hives).toEqual([
      { yard: 'Marsh', name: 'Hive 7', boxes: 0, onDay: '2026-06-01' },
    ]);
    expect(readHiveList('Marsh,7,3,2026-06-01\nMarsh,8').hives).toEqual([
      { yard: 'Marsh', name: 'Hive 7', boxes: 3, onDay: '2026-06-01' },
      { yard: 'Marsh', name: 'Hive 8', boxes: 0, onDay: null },
    ]);
  });

  test('what cannot be is said by its line and stays, under its heading', () => {
    const wrong = 'Yard\tHive\tBoxes\tSince\n\t1\t2\t\nMarsh\t\t2\t\nMarsh\t3\t90\t\n';
    const { hives, bad, left } = readHiveList(
      `${wrong}Marsh\t4\t1\tin spring\nMarsh\t5\t1\t\nmarsh\thive 5\t1\t`,
    );
    expect(hives.map(({ name }) => name)).toEqual(['Hive 5']);
    expect(bad.map(({ line, sentence }) => `${line} ${sentence}`)).toEqual([
      '2 type the yard.',
      '3 type the name or number of the hive.',
      '4 “90” is no number of boxes; type 0 to 8.',
      '5 “in spring” is no day; type it like 2026-06-01.',
      '7 hive 5 of marsh is in the list already; take one of the two out.',
    ]);
    expect(left.split('\n')).toHaveLength(6);
    expect(left.startsWith('Yard\tHive')).toBe(true);
  });

  test('a name that is too long is asked about, not cut; lines beyond a thousand wait', () => {
    const long = 'A'.repeat(61);
    const [one] = readHiveList(`${long}\t1`).bad;
    expect(one?.sentence).toContain('Keep it under 60 characters.');
    expect(readHiveList(`Marsh\t${long}`).bad).toHaveLength(1);
    const many = Array.from({ length: 1003 }, (_, at) => `Marsh\t${at + 1}`).join('\n');
    const read = readHiveList(many);
    expect([read.hives.length, read.waiting]).toEqual([1000, 3]);
    expect(read.left.split('\n')).toEqual(['Marsh\t1001', 'Marsh\t1002', 'Marsh\t1003']);
  });

  test('nothing that can be added, or nobody said how healthy: asked about beside the field', () => {
    const errors = (list: string, health: 'sound' | '') => {
      const read = readHiveListForm({ list, health }, DEFAULT_PREFERENCES);
      return read.ok ? [] : Object.keys(read.errors);
    };
    expect(errors('', 'sound')).toEqual(['list']);
    expect(errors(LIST, '')).toEqual(['health']);
    expect(errors(LIST, 'sound')).toEqual([]);
  });

  test('several yards are one act; a hive that is there is left alone', async () => {
    const acts = await actStore();
    const { hives } = readHiveList(LIST);
    const made = await acts.does(addHives(hives, { book: bookOf([]), health: 'sound' }));
    expect(acts.said()).toBe('3 hives added in Marsh, Moor');
    expect(await acts.stored('yard')).toHaveLength(2);
    expect(await acts.stored('box')).toHaveLength(3);
    const more = readHiveList(`${LIST}\nmoor\t9`).hives;
    await acts.does(addHives(more, { book: bookOf(made), health: 'sound' }));
    expect(await acts.stored('yard')).toHaveLength(2);
    expect((await acts.stored('colony')).map(({ content }) => content.name).sort()).toEqual([
      'Hive 1',
      'Hive 2',
      'Hive 9',
      'The tall one',
    ]);
  });
});
