import { describe, expect, test } from '@jest/globals';
import { firstRevision, type FlowContent } from '../../records';
import { SAMPLE_DAY, sampleLook, sampleLooks, sampleYard } from '../../records/test/sampleYard';
import { bookOf } from '../day/book';
import { lastLooks } from '../day/harvestFile';
import { dayNumber, isoDayOf } from '../days';
import {
  yard,
  scribe,
  yardId,
  givenContent,
  sampleFlow,
  boardOf,
  actsOf,
  SEEN,
  OVER,
} from '../test/seasonHouse';
import { flowHistories } from './flowBoard';
import { hiveGains } from './hiveGains';
import { daysOfYear } from './yardBoard';
import { weatherOf } from './weather';
import { usualPlan } from './seasonBoard';

describe('a season of one yard, as a trainer would plan it (common practice, no source)', () => {
  test('before the flow: boxes on three days ahead, nothing to take', () => {
    expect(actsOf({ today: '2026-07-01' })).toEqual(['2026-07-17 boxes-on']);
  });

  test('two months ahead nothing is planned yet', () => {
    expect(actsOf({ today: '2026-05-01' })).toEqual([]);
  });

  test('it is late: look whether it has begun', () => {
    expect(actsOf({ today: '2026-07-26' })).toEqual([
      '2026-07-26 boxes-on',
      '2026-07-26 look-flow',
    ]);
  });

  test('its time is over and nobody saw it: asked, and nothing is waited for', () => {
    expect(actsOf({ today: '2026-08-25' })).toEqual(['2026-08-25 ask-flow']);
    expect(actsOf({ today: '2026-11-25' })).toEqual([]);
    expect(actsOf({ today: '2026-08-25', flow: { failed: true } })).toEqual([]);
  });

  test('a week after it ends the honey comes off, escape boards before it', () => {
    expect(actsOf({ today: '2026-08-10', flow: SEEN, plan: { escapeDays: 3 } })).toEqual([
      '2026-08-24 escapes',
      '2026-08-27 pull',
    ]);
  });

  test('taken before the next flow begins, and a box catches what still comes', () => {
    const next = { expectedStart: '2026-08-18', expectedEnd: '2026-09-20' };
    expect(actsOf({ today: '2026-08-10', flow: SEEN, next })).toEqual([
      '2026-08-15 boxes-on',
      '2026-08-17 pull',
      '2026-08-17 catch-rest',
    ]);
    expect(boardOf({ today: '2026-08-10', flow: SEEN, next }).yards[0]?.pull).toMatchObject({
      unripe: true,
      last: { by: 'next-flow' },
    });
  });

  test('the next flow is late itself: the honey comes off before it begins, which may be any day', () => {
    const next = { expectedStart: '2026-08-18', expectedEnd: '2026-09-20' };
    const { yards } = boardOf({ today: '2026-08-24', flow: OVER, next });
    expect(yards[0]?.pull).toMatchObject({ day: dayNumber('2026-08-24'), late: false });
  });

  test('a keeper who takes it once a year waits for the last flow', () => {
    const next = { expectedStart: '2026-08-18', expectedEnd: '2026-09-20' };
    const once = {
      today: '2026-08-10',
      flow: OVER,
      next,
      plan: { timing: 'once-a-year' as const },
    };
    expect(actsOf(once)).toContain('2026-09-27 pull');
  });

  test('a treatment of all hives with boxes sets the last day; of another hive it does not', () => {
    const given = (hive: 0 | 1) =>
      firstRevision(scribe, 'given', {
        ...givenContent,
        colonyIds: [yard.hives[hive].entityId],
        fromDay: '2026-08-18',
        toDay: null,
        boxesOn: false,
        staysDays: 42,
        waitDays: 0,
      });
    const house = { today: '2026-08-12', flow: OVER };
    expect(actsOf({ ...house, more: [given(0)] })).toEqual([
      '2026-08-18 pull',
      '2026-08-18 boxes-off',
      '2026-08-18 put-in',
      '2026-09-29 take-out',
      '2026-09-30 boxes-on',
    ]);
    expect(actsOf({ ...house, more: [given(1)] })[0]).not.toBe('2026-08-18 pull');
  });

  test('a strip that is in stays on the list until somebody writes down that it is out', () => {
    const content = {
      ...givenContent,
      fromDay: '2026-08-01',
      toDay: null,
      boxesOn: false,
      staysDays: 7,
      waitDays: 0,
    };
    const given = firstRevision(scribe, 'given', content);
    const house = { today: '2026-08-30', flow: { failed: true } };
    expect(actsOf({ ...house, more: [given] })).toEqual(['2026-08-08 take-out']);
    const out = { ...given, content: { ...content, toDay: '2026-08-30' } };
    expect(actsOf({ ...house, more: [out] })).toEqual(['2026-08-31 boxes-on']);
  });

  test('the last boxes before winter, the same day each year; not while a flow is still to come', () => {
    const house = {
      today: '2026-09-20',
      flow: { failed: true },
      plan: { boxesOffBy: '2024-10-04' },
    };
    expect(actsOf(house)).toEqual(['2026-10-04 pull']);
    const next = { expectedStart: '2026-09-25', expectedEnd: '2026-10-20' };
    expect(actsOf({ ...house, next })).toEqual(['2026-09-22 boxes-on']);
    expect(isoDayOf(daysOfYear('2024-10-04', dayNumber('2027-01-10'))!)).toBe('2027-10-04');
  });

  test('a day that is planned for it takes the place of the proposal; a look during the flow does not', () => {
    const harvest = (day: string) =>
      firstRevision(scribe, 'harvest', { ...SAMPLE_DAY, day, flowId: sampleFlow.entityId });
    const house = { today: '2026-08-10', flow: SEEN };
    expect(actsOf({ ...house, more: [harvest('2026-08-26')] })).toEqual([]);
    expect(actsOf({ ...house, more: [harvest('2026-08-12')] })).toEqual(['2026-08-27 pull']);
    const taken = { today: '2026-08-29', flow: OVER, more: [harvest('2026-08-26')] };
    expect(actsOf(taken)).toEqual([]);
  });

  test('a wet and a cool day are passed over', () => {
    const day = (iso: string, highestC: number, rainMm: number) => ({
      day: iso,
      highestC,
      lowestC: 9,
      rainMm,
    });
    const days = [day('2026-08-21', 20, 8), day('2026-08-22', 13, 0), day('2026-08-23', 19, 0)];
    expect(actsOf({ today: '2026-08-18', flow: OVER, days })).toEqual(['2026-08-23 pull']);
  });
});

describe('looks', () => {
  const second = firstRevision(scribe, 'harvest', { ...SAMPLE_DAY, day: '2026-08-17' });
  const first = sampleLooks(yard, [sampleLook([2, 2])]);

  test('what a hive gains follows from the same frame looked at twice: ten medium frames filled in seven days', () => {
    const book = bookOf([...yard.records, second]);
    const check = first.find((record) => record.kind === 'frame-check')!;
    const side = (honeyTenths: number) =>
      check.content.sides.map((each) => ({
        ...each,
        quick: { ...each.quick, honeyTenths },
      })) as typeof check.content.sides;
    const lighter = { ...check, content: { ...check.content, sides: side(0) } };
    const heavier = {
      ...check,
      id: 'second',
      entityId: 'second',
      content: {
        ...check.content,
        sides: side(10),
        day: '2026-08-17',
        harvestId: second.entityId,
      },
    };
    const others = first.filter(({ kind }) => kind !== 'frame-check');
    const looks = lastLooks([...yard.records, second, ...others, lighter, heavier]);
    const gain = hiveGains(book, looks).find(({ kgPerDay }) => kgPerDay !== null);
    // a full medium frame holds 1.8 kg (common practice, no source)
    expect(gain?.days).toBe(7);
    expect(gain?.kgPerDay).toBeCloseTo((10 * 1.8) / 7, 1);
    const taken = {
      ...lighter,
      content: {
        ...lighter.content,
        decision: { ...check.content.decision, act: 'take' as const },
      },
    };
    const emptied = lastLooks([...yard.records, second, ...others, taken, heavier]);
    expect(hiveGains(book, emptied).every(({ kgPerDay }) => kgPerDay === null)).toBe(true);
  });
});

describe('what is usual', () => {
  test('the timing and the boards of the last day at the hives', () => {
    const clearing = {
      method: 'escape-board' as const,
      agent: '',
      contactHours: null,
      leadDays: 3,
    };
    const book = bookOf(sampleYard({ clearing, timing: 'once-a-year' }).records);
    expect(usualPlan(book)).toMatchObject({ timing: 'once-a-year', escapeDays: 3 });
    expect(usualPlan(bookOf([]))).toMatchObject({ timing: 'after-each-flow', escapeDays: null });
  });

  test('weather: the later word on a day holds, that of the yard beside that of all', () => {
    const days = (highestC: number, iso = '2026-08-20') => [
      { day: iso, highestC, lowestC: 5, rainMm: null },
    ];
    const all = firstRevision(scribe, 'weather', { yardId: null, source: 'typed', days: days(20) });
    const own = {
      ...firstRevision(scribe, 'weather', { yardId, source: 'file' as const, days: days(14) }),
      recordedAt: '2027-01-01T00:00:00.000Z',
    };
    expect(weatherOf([own, all], yardId).map(({ highestC }) => highestC)).toEqual([14]);
    expect(weatherOf([own, all], 'other').map(({ highestC }) => highestC)).toEqual([20]);
  });

  test('how often a plant came, and how often it was poor', () => {
    const flow = (year: number, change: Partial<FlowContent>) => ({
      ...sampleFlow,
      entityId: `f${year}`,
      content: {
        ...sampleFlow.content,
        expectedStart: `${year}-07-20`,
        expectedEnd: `${year}-08-20`,
        ...change,
      },
    });
    const flows = [
      flow(2023, { observedStart: '2023-07-20', taste: 'poor' }),
      flow(2024, { failed: true }),
      flow(2025, {}),
      flow(2026, {}),
    ];
    expect(flowHistories(flows, dayNumber('2026-07-01'))).toEqual([
      { plant: 'sea lavender', years: 3, came: 1, poor: 1 },
    ]);
  });
});
