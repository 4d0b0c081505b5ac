import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { coldSnap, dayOutlook, type DayWeather } from './dayWeather';
import { pullPlan, weekdayOf, type PullTask } from './pullPlan';

const warm = (day: number): DayWeather => ({ day, highestC: 22, lowestC: 12, rainMm: 0 });
const wet = (day: number): DayWeather => ({ ...warm(day), rainMm: 9 });
const cold = (day: number): DayWeather => ({ ...warm(day), highestC: 11, lowestC: 3 });
const NONE = { 'next-flow': null, treatment: null, winter: null } as const;

const task = (change: Partial<PullTask> = {}): PullTask => ({
  today: 100,
  flowEnd: 104,
  ripeningDays: 7,
  latest: NONE,
  leadDays: 0,
  weekdays: [],
  helpDay: null,
  forecast: [],
  ...change,
});

describe('the day to take honey off: what a trainer would say (common practice, no source)', () => {
  test('a week after the flow, and no earlier than today', () => {
    expect(pullPlan(task())).toMatchObject({ day: 111, unripe: false, last: null });
    expect(pullPlan(task({ flowEnd: 60 })).day).toBe(100);
    expect(pullPlan(task({ flowEnd: null })).day).toBe(100);
  });

  test('escape boards go on three days ahead, and nothing is taken before they could', () => {
    const plan = pullPlan(task({ flowEnd: 80, leadDays: 3 }));
    expect([plan.escapesDay, plan.day]).toEqual([100, 103]);
  });

  test('before the next flow, ripe or not', () => {
    const plan = pullPlan(task({ latest: { ...NONE, 'next-flow': 107 } }));
    expect(plan).toMatchObject({ day: 107, unripe: true, last: { day: 107, by: 'next-flow' } });
  });

  test('rain on the last day: up to two days earlier, not more', () => {
    const latest = { ...NONE, treatment: 107 };
    const rain = [106, 107].map(wet);
    expect(pullPlan(task({ latest, forecast: rain })).day).toBe(105);
    const more = [...[105, 106, 107].map(wet), warm(104)];
    expect(pullPlan(task({ latest, forecast: more }))).toMatchObject({ day: 107, outlook: 'wet' });
  });

  test('of dry days the first, of days with hands the first', () => {
    const forecast = [111, 112].map(wet).concat([113, 114].map(warm));
    expect(pullPlan(task({ forecast })).day).toBe(113);
    // 1970-04-25 was a Saturday
    expect(weekdayOf(114)).toBe(6);
    expect(pullPlan(task({ forecast, weekdays: [6] })).day).toBe(114);
    expect(pullPlan(task({ forecast: [], helpDay: 116 })).day).toBe(116);
    expect(pullPlan(task({ forecast: [], helpDay: 90 })).day).toBe(111);
  });

  test('before a cold snap, which is three cool days, not one', () => {
    const snap = [108, 109, 110].map(cold);
    expect(pullPlan(task({ forecast: snap }))).toMatchObject({
      day: 107,
      last: { day: 107, by: 'cold' },
      unripe: true,
    });
    expect(pullPlan(task({ forecast: snap.slice(1) })).last).toBeNull();
    expect(coldSnap(snap, 109)).toBeNull();
  });

  test('what asked for it is past: as soon as can be, and it says so', () => {
    const latest = { ...NONE, winter: 95 };
    expect(pullPlan(task({ latest, leadDays: 3 }))).toMatchObject({
      day: 100,
      late: true,
      noTimeForEscapes: true,
      escapesDay: null,
    });
  });

  test('no time left for escape boards: cleared on the day', () => {
    const latest = { ...NONE, treatment: 102 };
    expect(pullPlan(task({ latest, leadDays: 3 }))).toMatchObject({
      day: 102,
      noTimeForEscapes: true,
      late: false,
    });
  });

  test.each([
    [{ leadDays: -1 }, 'leadDays'],
    [{ ripeningDays: 61 }, 'ripeningDays'],
    [{ today: NaN }, 'today'],
  ])('%p is refused', (change, param) => {
    expect(() => pullPlan(task(change))).toThrow(param);
  });
});

const anyDay = fc.integer({ min: 80, max: 150 });
const anyTask = fc.record<PullTask>({
  today: fc.constant(100),
  flowEnd: fc.option(anyDay, { nil: null }),
  ripeningDays: fc.integer({ min: 0, max: 14 }),
  latest: fc.record({
    'next-flow': fc.option(anyDay, { nil: null }),
    treatment: fc.option(anyDay, { nil: null }),
    winter: fc.option(anyDay, { nil: null }),
  }),
  leadDays: fc.integer({ min: 0, max: 7 }),
  weekdays: fc.subarray([0, 1, 2, 3, 4, 5, 6]),
  helpDay: fc.option(anyDay, { nil: null }),
  forecast: fc
    .array(fc.constantFrom(warm, wet, cold, null), { maxLength: 20 })
    .map((kinds) => kinds.flatMap((kind, at) => (kind ? [kind(100 + at)] : []))),
});

describe('whatever the evidence', () => {
  test('no day is proposed before it is possible, nor after the last one', () => {
    fc.assert(
      fc.property(anyTask, (drawn) => {
        const { day, escapesDay, last, late } = pullPlan(drawn);
        expect(day).toBeGreaterThanOrEqual(100);
        if (escapesDay !== null) expect(escapesDay).toBeGreaterThanOrEqual(100);
        if (last && !late) expect(day).toBeLessThanOrEqual(last.day);
      }),
      { numRuns: 500 },
    );
  });

  test('a flow that ends later never brings the day forward', () => {
    fc.assert(
      fc.property(anyTask, anyDay, fc.integer({ min: 0, max: 30 }), (drawn, flowEnd, later) => {
        const before = pullPlan({ ...drawn, flowEnd });
        expect(pullPlan({ ...drawn, flowEnd: flowEnd + later }).day).toBeGreaterThanOrEqual(
          before.day,
        );
      }),
      { numRuns: 1000 },
    );
  });
});

test('rain that nobody spoke of does not stop anybody', () => {
  expect(dayOutlook({ ...warm(1), rainMm: null })).toBe('good');
  expect(dayOutlook({ ...warm(1), highestC: 14.9 })).toBe('cold');
  expect(dayOutlook(wet(1))).toBe('wet');
  expect(dayOutlook(undefined)).toBe('unknown');
  expect(() => dayOutlook({ ...warm(1), highestC: NaN })).toThrow('dayOutlook');
});
