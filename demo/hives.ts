import { DEFAULT_SCHOOL_ID } from '../src/core';
import { bookOf, lookRecords, type Book } from '../src/model';
import {
  firstRevision,
  type AnyRecord,
  type HarvestContent,
  type RecordOf,
  type Scribe,
} from '../src/records';
import { BEAN_BOX, FIRST_VISIT, SECOND_VISIT, lookContent, type DemoBoxLooks } from './looks';
import {
  DEMO_BOXES,
  DEMO_FLOWS,
  DEMO_GIVEN,
  DEMO_HIVES,
  DEMO_PLAN,
  DEMO_TOTES,
  DEMO_WEATHER,
  DEMO_YARDS,
} from './places';
import { dayBefore, demoScribe } from './scribe';

function must<T>(value: T | null | undefined, what: string): T {
  if (value === undefined || value === null) throw new Error(`the demo has no ${what}`);
  return value;
}

/** Yards, hives, boxes, totes, flows and what was given. */
function placeRecords(todayMs: number): AnyRecord[] {
  const scribe = demoScribe('place', todayMs, 61);
  const day = (daysAgo: number): string => dayBefore(todayMs, daysAgo);
  const yards = new Map(
    Object.entries(DEMO_YARDS).map(([key, content]) => [
      key,
      firstRevision(scribe, 'yard', content),
    ]),
  );
  const yardId = (key: string): string => must(yards.get(key), key).entityId;
  const hives = new Map(
    DEMO_HIVES.map(({ yard, content }) => [
      content.name,
      firstRevision(scribe, 'colony', { ...content, yardId: yardId(yard) }),
    ]),
  );
  const hiveId = (name: string): string => must(hives.get(name), name).entityId;
  const boxes = DEMO_BOXES.map(({ hive, onDaysAgo, content }) =>
    firstRevision(scribe, 'box', {
      ...content,
      yardId: must(hives.get(hive), hive).content.yardId,
      colonyId: hiveId(hive),
      onDay: day(onDaysAgo),
      offDay: null,
      earlier: [],
    }),
  );
  const totes = DEMO_TOTES.map((label) =>
    firstRevision(scribe, 'box', {
      boxKind: 'tote',
      label,
      yardId: null,
      colonyId: null,
      role: 'honey',
      formatId: 'langstroth-medium',
      slots: 12,
      excluder: false,
      newComb: false,
      lastHoney: '',
      cleanedSince: true,
      onDay: null,
      offDay: null,
      earlier: [],
    }),
  );
  const flows = DEMO_FLOWS.map(({ key, yards: at, expected, observed, content }) => ({
    ...firstRevision(scribe, 'flow', {
      ...content,
      yardIds: at.map(yardId),
      expectedStart: day(expected[0]),
      expectedEnd: day(expected[1]),
      observedStart: observed[0] === null ? null : day(observed[0]),
      observedEnd: observed[1] === null ? null : day(observed[1]),
    }),
    entityId: `demo-flow-${key}`,
    ownerId: `demo-flow-${key}`,
  }));
  const given = DEMO_GIVEN.map(({ hives: to, fromDaysAgo, toDaysAgo, content }) =>
    firstRevision(scribe, 'given', {
      ...content,
      colonyIds: to.map(hiveId),
      fromDay: day(fromDaysAgo),
      toDay: toDaysAgo === null ? null : day(toDaysAgo),
    }),
  );
  return [
    ...yards.values(),
    ...hives.values(),
    ...boxes,
    ...totes,
    ...flows,
    ...given,
    ...planRecords(todayMs),
  ];
}

/** How honey is taken off, and the weather of this morning. */
function planRecords(todayMs: number): AnyRecord[] {
  const scribe = demoScribe('plan', todayMs, 0);
  const ahead = (days: number): string => dayBefore(todayMs, -days);
  const { helpDaysAhead, boxesOffDaysAhead, ...plan } = DEMO_PLAN;
  return [
    firstRevision(scribe, 'season-plan', {
      ...plan,
      helpDay: ahead(helpDaysAhead),
      boxesOffBy: ahead(boxesOffDaysAhead),
    }),
    firstRevision(scribe, 'weather', {
      yardId: null,
      source: 'typed',
      days: DEMO_WEATHER.map(([highestC, lowestC, rainMm], at) => ({
        day: ahead(at),
        highestC,
        lowestC,
        rainMm,
      })),
    }),
  ];
}

/** A day of the demo with nothing out of the ordinary. */
export const PLAIN_DAY: Omit<HarvestContent, 'name' | 'day' | 'flowId'> = {
  schoolId: DEFAULT_SCHOOL_ID,
  timing: 'after-each-flow',
  stays: 'clear',
  clearing: { method: 'smoke', agent: '', contactHours: null, leadDays: null },
  outdoorTemperatureC: 22,
  relativeHumidity: 0.6,
  honeyKind: 'ordinary',
  ruleSetId: 'eu-2001-110',
  targetPercent: 18,
  bucketKg: 14,
  remark: '',
};

interface Visit {
  readonly harvest: RecordOf<'harvest'>;
  readonly boxes: readonly DemoBoxLooks[];
  readonly scribe: Scribe;
}

function boxNamed(book: Book, hive: string, label: string) {
  const colony = must(
    book.colonies.find((item) => item.content.name === hive),
    hive,
  );
  const found = book.boxes.find(
    (box) => box.content.colonyId === colony.entityId && box.content.label === label,
  );
  return must(found, `${label} on ${hive}`);
}

/** Frames and looks of a visit; frames known from an earlier visit are the same frames. */
function visitRecords(
  { harvest, boxes, scribe }: Visit,
  book: Book,
  known: readonly AnyRecord[],
): AnyRecord[] {
  return boxes.flatMap(({ hive, box: label, looks }) => {
    const box = boxNamed(book, hive, label);
    const placed = looks.map((look, at) => ({ slot: at + 1, look: lookContent(look) }));
    return lookRecords(scribe, { harvest, box, looks: placed, known }, book);
  });
}

/** The made-up season at the hives: places, an early visit, today's visit, a past bean harvest. */
export function hiveRecords(todayMs: number): AnyRecord[] {
  const places = placeRecords(todayMs);
  const visit = (
    stem: string,
    daysAgo: number,
    content: Pick<HarvestContent, 'name' | 'flowId'> & Partial<HarvestContent>,
  ): { harvest: RecordOf<'harvest'>; scribe: Scribe } => {
    const scribe = demoScribe(stem, todayMs, daysAgo);
    const day = dayBefore(todayMs, daysAgo);
    return { harvest: firstRevision(scribe, 'harvest', { ...PLAIN_DAY, day, ...content }), scribe };
  };
  const beans = visit('beans', 35, { name: 'Beans, second day', flowId: 'demo-flow-beans' });
  const first = visit('first', 9, { name: 'Marsh, first look', flowId: 'demo-flow-lavender' });
  const second = visit('second', 0, {
    name: 'Marsh, second visit',
    flowId: 'demo-flow-lavender',
    clearing: { method: 'escape-board', agent: '', contactHours: null, leadDays: 3 },
  });
  const harvests = [beans.harvest, first.harvest, second.harvest];
  const book = bookOf([...places, ...harvests]);
  const records: AnyRecord[] = [...places, ...harvests];
  for (const [one, boxes] of [
    [beans, BEAN_BOX],
    [first, FIRST_VISIT],
    [second, SECOND_VISIT],
  ] as const) {
    records.push(...visitRecords({ ...one, boxes }, book, records));
  }
  const { scribe, harvest } = second;
  const guess = (who: string, kg: number): AnyRecord =>
    firstRevision(scribe, 'guess', { who, kg }, harvest.entityId);
  records.push(guess('honey house', 34), guess('youngest helper', 47), guess('yard hand', 41));
  return records;
}
