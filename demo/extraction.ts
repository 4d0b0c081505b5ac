import { DAY_MS } from '../src/core';
import { USUAL_DAY } from '../src/model';
import { firstRevision, type AnyRecord, type ExtractionContent, type Scribe } from '../src/records';
import { dayBefore, demoScribe } from './scribe';

const MINUTE_MS = 60_000;
const HOUR_MS = 60 * MINUTE_MS;

/** The line in the boathouse: the usual one, with one slower pair of hands. */
const LINE: Omit<ExtractionContent, 'name' | 'day' | 'frames'> = {
  ...USUAL_DAY,
  honeyKgPerFrame: 1.5,
  temperatureC: 24,
  moisturePercent: 17.4,
  people: [
    { name: 'HH', speed: 1 },
    { name: 'SB', speed: 0.8 },
  ],
  tool: { ...USUAL_DAY.tool, secondsPerFrame: 50, rackFrames: 30 },
  extractor: { ...USUAL_DAY.extractor, turnMinutes: 1, sumpKg: 45 },
  pail: { ...USUAL_DAY.pail, have: 9 },
  cleanUp: { ...USUAL_DAY.cleanUp, nextFlowNamed: true, disease: 'none-known' },
};

/** A local clock's day and minutes of a moment, as the browser that shows the demo has them. */
function localClock(ms: number): { day: string; minutes: number } {
  const date = new Date(ms);
  const pad = (value: number): string => String(value).padStart(2, '0');
  return {
    day: `${date.getFullYear()}-${pad(date.getMonth() + 1)}-${pad(date.getDate())}`,
    minutes: date.getHours() * 60 + date.getMinutes(),
  };
}

/** Ticks so many minutes after a start. */
function ticks(
  scribe: Scribe,
  day: AnyRecord,
  startMs: number,
  all: readonly (readonly ['load-out' | 'pail-full' | 'scraped', number])[],
): AnyRecord[] {
  return all.map(([what, minutes]) => {
    const at = new Date(startMs + minutes * MINUTE_MS).toISOString();
    return firstRevision(scribe, 'line-tick', { what, at }, day.entityId);
  });
}

/** Five days ago: a small crop, over by noon. */
function pastDay(todayMs: number): AnyRecord[] {
  const scribe = demoScribe('line-past', todayMs, 5);
  const day = dayBefore(todayMs, 5);
  const startMs = new Date(`${day}T09:10`).getTime();
  const content = {
    ...LINE,
    name: 'Leftover frames of the marsh',
    day,
    frames: 26,
    lotId: 'demo-7-1',
    startedAt: new Date(startMs).toISOString(),
    doneAt: new Date(startMs + 2.4 * HOUR_MS).toISOString(),
    remark: 'What was left over from three yards; the last pail read wet.',
  };
  const record = firstRevision(scribe, 'extraction', content);
  const done = ticks(scribe, record, startMs, [
    ['load-out', 24],
    ['load-out', 47],
    ['pail-full', 61],
    ['load-out', 66],
    ['pail-full', 95],
    ['pail-full', 138],
  ]);
  const opened = new Date(startMs + 30 * MINUTE_MS);
  const pour = firstRevision(
    scribe,
    'pour',
    {
      label: 'Pail 1',
      fullKg: 12.5,
      openedAt: opened.toISOString(),
      startKg: 0,
      expectedKgPerMin: 0.7,
      meshClean: true,
      marks: [
        { at: new Date(opened.getTime() + 8 * MINUTE_MS).toISOString(), kg: 4 },
        { at: new Date(opened.getTime() + 31 * MINUTE_MS).toISOString(), kg: 12.5 },
      ],
      closedAt: new Date(opened.getTime() + 31 * MINUTE_MS).toISOString(),
    },
    record.entityId,
  );
  const weighed = firstRevision(
    scribe,
    'frame-weighing',
    {
      label: 'A frame of hive 24',
      takenAt: new Date(startMs + 50 * MINUTE_MS).toISOString(),
      beforeKg: 2.05,
      afterKg: 0.41,
      tareKg: 0.35,
      plusMinusKg: 0.03,
    },
    record.entityId,
  );
  const chore = firstRevision(
    scribe,
    'chore',
    { task: 'bees-off', doneAt: new Date(startMs).toISOString(), how: 'done', because: '' },
    record.entityId,
  );
  return [record, ...done, pour, weighed, chore];
}

/** Five weeks ago: the few frames of the beans, by one pair of hands. */
function beanDay(todayMs: number): AnyRecord {
  const day = dayBefore(todayMs, 35);
  const startMs = new Date(`${day}T15:00`).getTime();
  return firstRevision(demoScribe('line-beans', todayMs, 35), 'extraction', {
    ...LINE,
    name: 'Beans, second day',
    day,
    frames: 8,
    startMin: 900,
    people: [{ name: 'HH', speed: 1 }],
    lotId: 'demo-3-1',
    startedAt: new Date(startMs).toISOString(),
    doneAt: new Date(startMs + 1.4 * HOUR_MS).toISOString(),
  });
}

/** Today: begun some two hours ago, and late. */
function presentDay(todayMs: number, nowMs: number): AnyRecord[] {
  const scribe = demoScribe('line-now', todayMs, 1);
  const startMs = nowMs - 112 * MINUTE_MS;
  const { day, minutes } = localClock(startMs);
  const content = {
    ...LINE,
    name: 'Field yard, late boxes',
    day,
    startMin: Math.max(0, minutes - 10),
    frames: 84,
    breaks: [{ fromMin: minutes + 195, minutes: 40 }],
    bees: { ...LINE.bees, wetOutFromMin: Math.max(1260, minutes + 420) },
    startedAt: new Date(startMs).toISOString(),
    remark: 'The family helps after school.',
  };
  const record = firstRevision(scribe, 'extraction', content);
  const done = ticks(scribe, record, startMs, [
    ['load-out', 27],
    ['load-out', 49],
    ['pail-full', 58],
    ['load-out', 72],
    ['pail-full', 81],
    ['load-out', 97],
    ['pail-full', 106],
  ]);
  return [record, ...done];
}

/** In some days: what stands in the warm room, with doors shut while bees fly. */
function comingDay(todayMs: number): AnyRecord[] {
  const content = {
    ...LINE,
    name: 'Marsh, from the warm room',
    day: dayBefore(todayMs, -4),
    frames: 240,
    startMin: 480,
    temperatureC: 28,
    moisturePercent: 16.9,
    people: [...LINE.people, { name: 'Two of the family', speed: 0.7 }],
    bees: { ...LINE.bees, shutFromMin: 600, shutToMin: 1080, boxesInside: 18 },
    pail: { ...LINE.pail, have: 20 },
    remark: 'Boxes cool overnight before they are uncapped.',
  };
  return [firstRevision(demoScribe('line-next', todayMs, 1), 'extraction', content)];
}

/** What follows the honey of some lots: tanks that stand, warmth it had, weights on the way. */
function afterExtraction(todayMs: number, nowMs: number): AnyRecord[] {
  const at = (daysAgo: number): string => new Date(nowMs - daysAgo * DAY_MS).toISOString();
  const scribe = (stem: string, daysAgo: number): Scribe =>
    demoScribe(`after-${stem}`, todayMs, daysAgo);
  const weigh = (stage: 'in-wet-combs' | 'with-cappings' | 'skimmed', massKg: number): AnyRecord =>
    firstRevision(
      scribe(`weigh-${stage}`, 34),
      'weighing',
      { stage, massKg, plusMinusKg: 0.05, weighedAt: at(34), remark: '' },
      'demo-3-1',
    );
  return [
    firstRevision(
      scribe('tank', 1),
      'settling',
      {
        name: 'Tank of the boathouse',
        heightCm: 42,
        diameterCm: 38,
        startC: 27,
        roomC: 21,
        moisturePercent: 17.4,
        strainedUm: 200,
        filledAt: at(0.9),
        skims: [],
        endedAt: null,
        remark: '',
      },
      'demo-8-1',
    ),
    firstRevision(
      scribe('dried', 7),
      'heat-spell',
      {
        occasion: 'drying',
        source: 'typed',
        startedAt: at(10),
        spells: [{ days: 3.5, temperatureC: 31 }],
        remark: 'In the comb, before it was spun.',
      },
      'demo-6-1',
    ),
    firstRevision(
      scribe('kept', 300),
      'heat-spell',
      {
        occasion: 'storage',
        source: 'typed',
        startedAt: at(327),
        spells: [{ days: 290, temperatureC: 9 }],
        remark: 'In the cellar.',
      },
      'demo-9-1',
    ),
    firstRevision(
      scribe('liquefied', 36),
      'heat-spell',
      {
        occasion: 'liquefying',
        source: 'typed',
        startedAt: at(36),
        spells: [{ days: 2, temperatureC: 38 }],
        remark: '',
      },
      'demo-9-1',
    ),
    weigh('in-wet-combs', 0.55),
    weigh('with-cappings', 0.6),
    weigh('skimmed', 0.1),
  ];
}

/** The honey house of the demo, as if it were now. Nothing here is measured. */
export function demoExtraction(todayMs: number, nowMs: number): AnyRecord[] {
  return [
    beanDay(todayMs),
    ...pastDay(todayMs),
    ...presentDay(todayMs, nowMs),
    ...comingDay(todayMs),
    firstRevision(demoScribe('tool', todayMs, 20), 'uncapping-tool', {
      name: 'Long-handled fork',
      toolKind: 'fork',
      secondsPerFrame: 75,
      lossShare: 0.02,
      combSpared: 0.95,
      faces: ['sunken', 'flush', 'proud'],
      newComb: true,
    }),
    firstRevision(demoScribe('stock', todayMs, 20), 'stock', {
      item: 'pails',
      have: 24,
      remark: '',
    }),
    ...afterExtraction(todayMs, nowMs),
  ];
}
