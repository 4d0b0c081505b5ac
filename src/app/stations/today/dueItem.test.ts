import { describe, expect, test } from '@jest/globals';
import { byUrgency, dueWords, type DueItem } from './dueItem';

const NOW = new Date('2026-08-20T12:00').getTime();
const HOUR = 3_600_000;
const item = (id: string, atMs: number, timed = true): DueItem => ({
  id,
  station: 'store',
  atMs,
  timed,
  title: id,
  why: '',
  to: 'store',
});

describe('what is due', () => {
  test('what is under way first, then overdue, then what comes; alike ones by name', () => {
    const items = [
      item('later', NOW + HOUR),
      item('b', NOW - HOUR),
      item('now', -Infinity),
      item('a', NOW - HOUR),
    ];
    expect(byUrgency(items).map((dueItem) => dueItem.id)).toEqual(['now', 'a', 'b', 'later']);
    expect(items[0]!.id).toBe('later');
  });

  test.each([
    [item('x', -Infinity), 'now', false],
    [item('x', NOW - HOUR), 'Thu 20 Aug, 11:00', true],
    [item('x', NOW + HOUR), 'Thu 20 Aug, 13:00', false],
    [item('x', NOW - HOUR, false), 'today', false],
    [item('x', NOW - 24 * HOUR, false), 'Wed 19 Aug', true],
    [item('x', NOW + 48 * HOUR, false), 'Sat 22 Aug', false],
  ])('%# a day is overdue once it is over, a time once it has passed', (dueItem, when, overdue) => {
    expect(dueWords(dueItem, NOW)).toEqual({ when, overdue });
  });
});
