import { describe, expect, test } from '@jest/globals';
import { bookOf } from '../../../model';
import { firstRevision, type AnyRecord } from '../../../records';
import { countingScribe } from '../../../records/test/sampleLot';
import { SAMPLE_BOX, sampleYard } from '../../../records/test/sampleYard';
import { hivesByYard } from './hivesByYard';

const sample = sampleYard();
const find = (records: readonly AnyRecord[], kind: AnyRecord['kind']): AnyRecord => {
  const found = records.find((record) => record.kind === kind);
  if (!found) throw new Error(`no ${kind}`);
  return found;
};
const yard = find(sample.records, 'yard');
const colony = find(sample.records, 'colony');
if (colony.kind !== 'colony' || yard.kind !== 'yard') throw new Error('wrong kinds');

const scribe = countingScribe('more');
const hive = (name: string, health: 'sound' | 'suspect' | 'unknown' = 'sound') =>
  firstRevision(scribe, 'colony', { ...colony.content, name, health });
const [two, ten, weak] = [hive('Hive 2'), hive('Hive 10'), hive('Hive 7', 'suspect')];
const boxes = ['Top', 'Middle'].map((label) =>
  firstRevision(scribe, 'box', {
    ...SAMPLE_BOX,
    label,
    yardId: null,
    colonyId: ten.entityId,
  }),
);
const book = bookOf([yard, two, ten, weak, ...boxes]);
const names = (search: Parameters<typeof hivesByYard>[1]): string[] =>
  hivesByYard(book, search).flatMap(({ hives }) => hives.map(({ content }) => content.name));

describe('hives of a yard', () => {
  test('come by name, ten after two', () => {
    expect(names({ find: '', order: 'name' })).toEqual(['Hive 2', 'Hive 7', 'Hive 10']);
  });

  test('those in doubt first, or those with most boxes', () => {
    expect(names({ find: '', order: 'doubt' })[0]).toBe('Hive 7');
    expect(names({ find: '', order: 'boxes' })[0]).toBe('Hive 10');
  });

  test('are found by name, yard or box, whatever the order of words', () => {
    expect(names({ find: 'hive 1', order: 'name' })).toEqual(['Hive 10']);
    expect(names({ find: 'MIDDLE', order: 'name' })).toEqual(['Hive 10']);
    expect(names({ find: `7 ${yard.content.name}`, order: 'name' })).toEqual(['Hive 7']);
    expect(names({ find: 'nothing', order: 'name' })).toEqual([]);
    expect(hivesByYard(book, { find: 'nothing', order: 'name' })).toEqual([]);
  });
});
