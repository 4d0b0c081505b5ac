import { expect, test } from '@jest/globals';
import { bookOf } from '../../../model';
import { current } from '../../../records';
import { demoSeason } from '../../../../demo/season';
import { boxesByYard } from './boxesByYard';

test('honey boxes that are on hives are counted by yard, those that came off are not', () => {
  const records = demoSeason('2026-11-26', Date.parse('2026-11-26T12:00:00.000Z'));
  const book = bookOf(current(records));
  const yards = boxesByYard(book);
  const [first] = yards;
  const yard = book.yards.find(({ content }) => content.name === first?.name);
  const isHere = ({ content }: (typeof book.boxes)[number]) =>
    content.yardId === yard?.entityId && content.boxKind === 'box' && content.role === 'honey';
  const off = book.boxes.map((box) =>
    isHere(box) ? { ...box, content: { ...box.content, offDay: '2026-11-20' } } : box,
  );
  expect(first?.boxes).toBe(
    book.boxes.filter((box) => isHere(box) && box.content.offDay === null).length,
  );
  expect(first?.boxes).toBeGreaterThan(0);
  expect(boxesByYard({ ...book, boxes: off }).map(({ name }) => name)).not.toContain(first?.name);
});
