import { describe, expect, test } from '@jest/globals';
import {
  firstRevision,
  type AnyRecord,
  type FlowContent,
  type RecordOf,
  type SeasonPlanContent,
  type WeatherContent,
} from '../../records';
import {
  SAMPLE_DAY,
  sampleGiven,
  sampleLook,
  sampleLooks,
  sampleYard,
} from '../../records/test/sampleYard';
import { bookOf } from '../day/book';
import { lastLooks } from '../day/harvestFile';
import { dayNumber, isoDayOf } from '../days';
import { flowHistories } from './flowBoard';
import { hiveGains } from './hiveGains';
import { roundOf } from './round';
import { seasonBoard, usualPlan, type SeasonAct } from './seasonBoard';
import { daysOfYear } from './yardBoard';
import { weatherOf } from './weather';

const isGiven = (record: AnyRecord): record is RecordOf<'given'> => record.kind === 'given';

const PLAN: SeasonPlanContent = {
  timing: 'after-each-flow',
  weekdays: [],
  helpDay: null,
  boxesOffBy: null,
  escapeDays: null,
};

interface House {
  readonly today: string;
  readonly flow?: Partial<FlowContent>;
  readonly next?: Partial<FlowContent>;
  readonly plan?: Partial<SeasonPlanContent>;
  readonly more?: readonly AnyRecord[];
  readonly days?: WeatherContent['days'];
  readonly looks?: readonly AnyRecord[];
  readonly weights?: readonly RecordOf<'hive-weight'>[];
}

const yard = sampleYard();
const { scribe } = yard;
const yardId = yard.records[0]!.entityId;
const isFlow = (record: AnyRecord): record is RecordOf<'flow'> => record.kind === 'flow';
const { content: givenContent } = [sampleGiven(yard)].find(isGiven)!;
const sampleFlow = yard.records.find(isFlow)!;

/** The sample yard: one box on Hive 7, sea lavender expected 20 July to 20 August. */
function boardOf(house: House) {
  const { today, flow, next, plan, more = [], days, looks = [], weights = [] } = house;
  const first = { ...sampleFlow, content: { ...sampleFlow.content, ...flow } };
  const later = next
    ? [firstRevision(scribe, 'flow', { ...sampleFlow.content, name: 'Ivy', plant: 'ivy', ...next })]
    : [];
  const rest = yard.records.filter(({ kind }) => kind !== 'flow' && kind !== 'harvest');
  return seasonBoard({
    book: bookOf([...rest, first, ...later, ...more]),
    plans: [firstRevision(scribe, 'season-plan', { ...PLAN, ...plan })],
    weathers: days
      ? [firstRevision(scribe, 'weather', { yardId: null, source: 'typed', days })]
      : [],
    looks: lastLooks([...rest, ...looks]),
    weights,
    today: dayNumber(today),
  });
}

const nameOf = (act: SeasonAct): string => (act.kind === 'treatment' ? act.step : act.kind);
const actsOf = (house: House): string[] =>
  boardOf(house).acts.map((act) => `${isoDayOf(act.day)} ${nameOf(act)}`);

const SEEN = { observedStart: '2026-07-22' };
const OVER = { ...SEEN, observedEnd: '2026-08-14' };

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
