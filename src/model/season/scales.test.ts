import { describe, expect, test } from '@jest/globals';
import { firstRevision } from '../../records';
import { sampleLook, sampleLooks } from '../../records/test/sampleYard';
import { bookOf } from '../day/book';
import { dayNumber } from '../days';
import { yard, scribe, givenContent, boardOf, actsOf, SEEN } from '../test/seasonHouse';
import { hiveGains } from './hiveGains';
import { roundOf } from './round';

/** The first hive on the scale. */
const weighed = (day: string, massKg: number) =>
  firstRevision(scribe, 'hive-weight', {
    colonyId: yard.hives[0].entityId,
    day,
    massKg,
    source: 'typed',
  });

/** Looks at the sample box on a day, as the school judged them. */
const looksOn = (day: string, act: 'take' | 'put-back', tenths: readonly [number, number]) =>
  sampleLooks(yard, [sampleLook(tenths), sampleLook(tenths)]).map((record) =>
    record.kind === 'frame-check'
      ? {
          ...record,
          content: { ...record.content, day, decision: { ...record.content.decision, act } },
        }
      : record,
  );

describe('what scales and looks add to it', () => {
  const gaining = [weighed('2026-07-12', 40), weighed('2026-07-16', 46)];

  test('a scale that gains where nobody saw a flow asks to look', () => {
    expect(actsOf({ today: '2026-07-16', weights: gaining })).toContain('2026-07-16 scale-flow');
    expect(actsOf({ today: '2026-08-20', weights: gaining })).not.toContain(
      '2026-08-20 scale-flow',
    );
    const seen = { observedStart: '2026-07-13' };
    expect(actsOf({ today: '2026-07-16', weights: gaining, flow: seen })).not.toContain(
      '2026-07-16 scale-flow',
    );
  });

  test('a weight goes before a guess by eye; a box put on between tells nothing', () => {
    const [gain] = hiveGains(bookOf(yard.records), [], gaining);
    expect(gain).toMatchObject({ kgPerDay: 1.5, days: 4, from: 'weights' });
    const between = yard.records.map((record) =>
      record.kind === 'box' && record.content.colonyId !== null
        ? { ...record, content: { ...record.content, onDay: '2026-07-14' } }
        : record,
    );
    expect(hiveGains(bookOf(between), [], gaining)[0]?.kgPerDay).toBeNull();
  });

  test('frames that went back stand in the proposal with their chance by its day', () => {
    const looks = looksOn('2026-08-02', 'put-back', [6, 6]);
    const { yards } = boardOf({
      today: '2026-08-10',
      flow: SEEN,
      looks,
      more: [yard.harvest],
    });
    expect(yards[0]?.putBack.frames).toBe(2);
    expect(yards[0]?.putBack.finished).toBeGreaterThan(0);
    const taken = looksOn('2026-08-02', 'take', [9, 9]);
    expect(boardOf({ today: '2026-08-10', flow: SEEN, looks: taken }).yards[0]?.putBack).toEqual({
      frames: 0,
      finished: 0,
    });
  });

  test('who takes honey when there is no room needs no flow: boxes filling up are enough', () => {
    const plan = { timing: 'out-of-room' } as const;
    const flow = { failed: true };
    expect(actsOf({ today: '2026-08-10', flow, plan })).toEqual([]);
    const looks = looksOn('2026-08-06', 'put-back', [8, 8]);
    const weights = [weighed('2026-08-04', 50), weighed('2026-08-09', 57)];
    expect(actsOf({ today: '2026-08-10', flow, plan, looks, weights }).join()).toContain('pull');
  });

  test('the round carries what the next day asks for, and nothing to a yard that asks for nothing', () => {
    const book = bookOf(yard.records);
    const flow = { ...SEEN, observedEnd: '2026-08-20' };
    const board = boardOf({ today: '2026-08-24', flow, plan: { escapeDays: 3 } });
    const [stop] = roundOf(board, dayNumber('2026-08-24'), book);
    expect(stop).toMatchObject({ bringBoards: 2, bringBoxes: 0, fetchBoxes: 0 });
    const pull = boardOf({ today: '2026-08-27', flow });
    expect(roundOf(pull, dayNumber('2026-08-27'), book)[0]).toMatchObject({ fetchBoxes: 1 });
    expect(roundOf(boardOf({ today: '2026-05-01' }), dayNumber('2026-05-01'), book)).toEqual([]);
  });

  test('a treatment of which nobody said how long it stays is asked about while it is in', () => {
    const open = firstRevision(scribe, 'given', {
      ...givenContent,
      fromDay: '2026-09-01',
      toDay: null,
      staysDays: null,
      boxesOn: false,
    });
    const asked = (today: string): string[] =>
      actsOf({ today, more: [open], flow: { failed: true } }).filter((act) => act.includes('out'));
    expect(asked('2026-09-10')).toEqual(['2026-09-10 ask-out']);
    expect(asked('2026-08-20')).toEqual([]);
  });
});
