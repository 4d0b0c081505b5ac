import { describe, expect, test } from '@jest/globals';
import { bookOf, lastLooks } from '../../../model';
import { firstRevision } from '../../../records';
import { sampleLook, sampleLooks, sampleYard } from '../../../records/test/sampleYard';
import { dueList } from './dueList';

const NOW = new Date(2026, 7, 11, 9);

describe('what waits at the hives', () => {
  test('frames to look at again and the clock that beetles start, soonest first', () => {
    const yard = sampleYard();
    const looks = sampleLooks(yard, [
      sampleLook([6, 6]),
      sampleLook([5, 5]),
      sampleLook([10, 10], { beetles: 'adults' }),
    ]);
    // written down on 1 August, as the sample scribe does: the clock ran out long ago
    const due = (now: Date) =>
      dueList(lastLooks([...yard.records, ...looks]), bookOf(yard.records), now);
    expect(due(NOW).map((item) => item.title)).toEqual(['Look again at 2 frames in Hive 7, Box 1']);
    const early = due(new Date(2026, 7, 1, 9));
    expect(early[0]).toMatchObject({ title: 'Extract Hive 7, Box 1', overdue: false });
    expect(early[0]?.why).toContain('within 48 hours');
    expect(due(new Date(2026, 7, 30)).map((item) => item.overdue)).toEqual([true]);
  });

  test('escape boards go on ahead of the day, and are gone once it has come', () => {
    const yard = sampleYard({
      day: '2026-08-16',
      clearing: { method: 'escape-board', agent: '', contactHours: null, leadDays: 3 },
    });
    const on = (now: Date) =>
      dueList([], bookOf(yard.records), now).map((due) => [due.at, due.overdue]);
    const day = ['2026-08-16', false];
    expect(on(NOW)).toEqual([['2026-08-13', false], day]);
    expect(on(new Date(2026, 7, 14))).toEqual([['2026-08-13', true], day]);
    expect(on(new Date(2026, 7, 16))).toEqual([]);
    expect(on(new Date(2026, 6, 1))).toEqual([]);
  });

  test('with nothing written down nothing waits', () => {
    const yard = sampleYard();
    const guess = firstRevision(yard.scribe, 'guess', { who: 'a', kg: 1 }, yard.harvest.entityId);
    expect(dueList(lastLooks([...yard.records, guess]), bookOf(yard.records), NOW)).toEqual([]);
  });
});
