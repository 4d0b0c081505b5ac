import { describe, expect, test } from '@jest/globals';
import { honeyDoneMin, planLine } from '../../core';
import { extractionContentSchema, type ExtractionContent } from '../../records/line/extraction';
import { honeyHouseOf, type ExtractionFile } from './extractionFile';
import {
  calibrationOf,
  clockMin,
  dayNow,
  expectedFlow,
  lineOf,
  momentOfClock,
  pourNow,
} from './extractionLine';
import { pourContentSchema } from '../../records/line/pour';
import { firstRevision } from '../../records/revise';
import { pailsOfDay } from './suggestedContainers';
import {
  SAMPLE_EXTRACTION,
  SAMPLE_POUR,
  sampleExtraction,
} from '../../records/test/sampleExtraction';
import { countingScribe } from '../../records/test/sampleLot';

const ADA = { name: 'Ada', speed: 1 };

const momentAt = (minutes: number): string =>
  new Date(momentOfClock(SAMPLE_EXTRACTION.day, minutes)).toISOString();

const msAt = (minutes: number): number => Date.parse(momentAt(minutes));

/** A day with ticks, each with its minutes after midnight. */
function dayWith(
  change: Partial<ExtractionContent>,
  ticks: readonly (readonly ['load-out' | 'pail-full' | 'scraped', number])[] = [],
): ExtractionFile {
  const scribe = countingScribe('day');
  const day = firstRevision(scribe, 'extraction', { ...SAMPLE_EXTRACTION, ...change });
  const ticked = ticks.map(([what, minutes]) =>
    firstRevision(scribe, 'line-tick', { what, at: momentAt(minutes) }, day.entityId),
  );
  return honeyHouseOf([day, ...ticked]).days[0]!;
}

const endOf = (file: ExtractionFile, nowMs: number): number => {
  const { line, state } = dayNow(file, nowMs).from;
  return honeyDoneMin(planLine(line, { state }).course);
};

describe('a day at the line from its records', () => {
  test('what belongs to a day is found with it; own tools stand before shipped ones', () => {
    const house = honeyHouseOf(sampleExtraction(countingScribe('all'), 'lot-1'));
    const [day] = house.days;
    expect(house.days).toHaveLength(1);
    expect(
      [day!.ticks, day!.pours, day!.frameWeighings, day!.chores].map((item) => item.length),
    ).toEqual([1, 1, 1, 1]);
    expect(house.tools[0]).toMatchObject({ name: 'Long fork', kind: 'fork', secondsPerFrame: 70 });
    expect(house.tools).toHaveLength(7);
    expect(house.stock.get('pails')?.content.have).toBe(8);
  });

  test('planned: the line begins when it says', () => {
    const file = dayWith({});
    const now = dayNow(file, msAt(8 * 60));
    expect(now.phase).toBe('planned');
    expect(now.from.state.nowMin).toBe(540);
    expect(endOf(file, msAt(480))).toBeCloseTo(honeyDoneMin(planLine(now.planned).course), 6);
  });

  test('begun late: the end moves with the start', () => {
    const late = dayWith({ startedAt: momentAt(600), breaks: [] });
    const onTime = dayWith({ startedAt: momentAt(540), breaks: [] });
    expect(endOf(late, msAt(600)) - endOf(onTime, msAt(540))).toBeCloseTo(60, 6);
  });

  test('loads that come late move the end; ticks are on the clock of the day', () => {
    const steady = dayWith({ startedAt: momentAt(540), breaks: [] }, [['load-out', 565]]);
    const late = dayWith({ startedAt: momentAt(540), breaks: [] }, [['load-out', 600]]);
    expect(endOf(late, msAt(600))).toBeGreaterThan(endOf(steady, msAt(565)) + 20);
    expect(clockMin('2026-08-12', momentAt(565))).toBe(565);
  });

  test('begun on another day than it says, or never ended: still reported, never thrown', () => {
    const early = dayWith({ startedAt: momentAt(-3 * 1440) });
    expect(Number.isFinite(endOf(early, msAt(-3 * 1440 + 60)))).toBe(true);
    const forgotten = dayWith({ startedAt: momentAt(540) }, [['load-out', 600]]);
    expect(endOf(forgotten, msAt(400 * 1440))).toBeGreaterThan(40_000);
  });

  test('slow days before it make a plan later; days after it, and days not over, teach nothing', () => {
    const past = (day: string, doneAt: string | null): ExtractionFile => {
      const slow = dayWith({ startedAt: momentAt(540), doneAt: momentAt(900), breaks: [] }, [
        ['load-out', 620],
        ['load-out', 700],
      ]);
      const { extraction } = slow;
      const content = { ...extraction.content, day, doneAt };
      const move = (at: string): string => `${day}${at.slice(10)}`;
      return {
        ...slow,
        extraction: {
          ...extraction,
          entityId: `past-${day}`,
          content: { ...content, startedAt: move(content.startedAt ?? '') },
        },
        ticks: slow.ticks.map((tick) => ({
          ...tick,
          content: { ...tick.content, at: move(tick.content.at) },
        })),
      };
    };
    const file = dayWith({});
    const endWith = (days: readonly ExtractionFile[]): number =>
      honeyDoneMin(planLine(dayNow(file, msAt(480), days).planned).course);
    const plain = endWith([]);
    const over = momentAt(900);
    expect(endWith([past('2026-08-01', over), past('2026-08-03', over)])).toBeGreaterThan(
      plain + 10,
    );
    expect(endWith([past('2026-09-01', over)])).toBeCloseTo(plain, 6);
    expect(endWith([past('2026-08-01', null)])).toBeCloseTo(plain, 6);
  });

  test('over: nothing is forecast from ticks any more', () => {
    const over = dayWith({ startedAt: momentAt(540), doneAt: momentAt(800) }, [['load-out', 565]]);
    expect(dayNow(over, msAt(900))).toMatchObject({ phase: 'done', from: { pace: { hands: 1 } } });
  });

  test('the first pail calibrates the strainer, and the forecast is surer for it', () => {
    const scribe = countingScribe('pour');
    const day = firstRevision(scribe, 'extraction', SAMPLE_EXTRACTION);
    const slow = {
      ...SAMPLE_POUR,
      marks: [
        { at: '2026-08-12T10:10:00.000Z', kg: 4 },
        { at: '2026-08-12T10:30:00.000Z', kg: 10 },
      ],
    };
    const pour = firstRevision(scribe, 'pour', slow, day.entityId);
    const file = honeyHouseOf([day, pour]).days[0]!;
    const calibrated = calibrationOf(file);
    expect(calibrated?.strainer.flowFactor).toBeLessThan(0.5);
    expect(endOf(file, msAt(480))).toBeGreaterThan(endOf(dayWith({}), msAt(480)) + 30);
    expect(dayNow(file, msAt(480)).from.doubt.straining).toBeLessThan(
      dayNow(dayWith({}), msAt(480)).from.doubt.straining,
    );
    const dirty = firstRevision(scribe, 'pour', { ...slow, meshClean: false }, day.entityId);
    expect(calibrationOf(honeyHouseOf([day, dirty]).days[0]!)).toBeNull();
  });

  test('heather is not strained: it runs through an open gate, and no mesh is calibrated', () => {
    const line = lineOf({ ...SAMPLE_EXTRACTION, honeyKind: 'heather' }, null);
    expect(line.strainer.cycle.kg).toBeGreaterThan(1e6);
  });

  test('hours of people reach the line; who comes without a time is there from the start', () => {
    const people = [ADA, { name: 'Bo', speed: 1, toMin: 840 }];
    const { hours } = lineOf({ ...SAMPLE_EXTRACTION, people }, null);
    expect(hours).toEqual([null, { fromMin: SAMPLE_EXTRACTION.startMin, toMin: 840 }]);
  });

  test.each([
    [{ tool: { ...SAMPLE_EXTRACTION.tool, rackFrames: 5 } }, 'tool.rackFrames'],
    [{ extractor: { ...SAMPLE_EXTRACTION.extractor, sumpKg: 5 } }, 'extractor.sumpKg'],
    [{ bees: { ...SAMPLE_EXTRACTION.bees, shutFromMin: 600 } }, 'bees.shutToMin'],
    [{ bees: { ...SAMPLE_EXTRACTION.bees, shutFromMin: 600, shutToMin: 500 } }, 'bees.shutToMin'],
    [{ people: [] }, 'people'],
    [{ people: [{ ...ADA, toMin: 900 }] }, 'people'],
    [{ people: [ADA, { name: 'Bo', speed: 1, fromMin: 900, toMin: 840 }] }, 'people'],
  ])('what no line can be is said at its field: %#', (change, path) => {
    const parsed = extractionContentSchema.safeParse({ ...SAMPLE_EXTRACTION, ...change });
    expect(parsed.error?.issues.map((issue) => issue.path.join('.'))).toEqual([path]);
  });
});

describe('flow over the next pail', () => {
  test('below that of the clean mesh, and falling from pail to pail until it is scraped', () => {
    const flowAfter = (pails: number): number => {
      const ticks = Array.from({ length: pails }, (_, at) => ['pail-full', 600 + 20 * at] as const);
      const now = dayNow(
        dayWith({ startedAt: momentAt(540) }, [['load-out', 560], ...ticks]),
        msAt(720),
      );
      return expectedFlow(now) / now.from.line.strainer.cycle.cleanKgPerMin;
    };
    expect(flowAfter(0)).toBeLessThan(1);
    expect(flowAfter(3)).toBeLessThan(flowAfter(0));
  });
});

describe('pails of a day', () => {
  const done = { startedAt: momentAt(540), doneAt: momentAt(800), frames: 26 };
  const pailsNow = (file: ExtractionFile) => {
    const { line, state } = dayNow(file, msAt(900)).from;
    return pailsOfDay(file, planLine(line, { state }).course);
  };

  test('over: what was ticked, and the rest of the honey in the last one', () => {
    const pails = pailsNow(
      dayWith(done, [
        ['pail-full', 600],
        ['pail-full', 640],
      ]),
    );
    // 26 frames of 1.6 kg, 5 % with the wax, 4 % in the comb, half a kilogram on walls
    const strainedKg = 26 * 1.6 * 0.91 - 0.5;
    expect(pails.full).toBe(2);
    expect(pails.lastKg[0]).toBeCloseTo(strainedKg - 25, 1);
  });

  test('over, with more ticked than there was honey: only those; nothing ticked: as planned', () => {
    const ticks = [600, 620, 640, 660].map((at) => ['pail-full', at] as const);
    expect(pailsNow(dayWith(done, ticks))).toEqual({ full: 4, lastKg: [] });
    expect(pailsNow(dayWith(done)).full).toBeGreaterThan(1);
  });

  test('under way: ticked ones and those to come', () => {
    const planned = pailsNow(dayWith({ frames: 26 })).full;
    const file = dayWith({ startedAt: momentAt(540), frames: 26 }, [
      ['load-out', 560],
      ['pail-full', 570],
    ]);
    expect(Math.abs(pailsNow(file).full - planned)).toBeLessThanOrEqual(1);
  });
});

describe('a pail under the gate', () => {
  test('full when the flow that was read fills it; what is in it goes on meanwhile', () => {
    const opened = Date.parse(SAMPLE_POUR.openedAt);
    const now = pourNow(SAMPLE_POUR, opened + 8 * 60_000);
    expect(now.kgPerMin).toBeCloseTo(1.2, 9);
    expect(now.fullMs - opened).toBeCloseTo((12.5 / 1.2) * 60_000, 0);
    expect(now.kgNow).toBeCloseTo(9.6, 6);
    expect(
      pourNow({ ...SAMPLE_POUR, marks: [], expectedKgPerMin: 2.5 }, opened).fullMs - opened,
    ).toBe(300_000);
  });

  test.each([
    [{ marks: [{ at: '2026-08-12T09:00:00.000Z', kg: 6 }] }, 'marks.0.at'],
    [{ startKg: 7 }, 'marks.0.kg'],
    [{ startKg: 13, marks: [] }, 'startKg'],
    [{ closedAt: '2026-08-12T10:01:00.000Z' }, 'closedAt'],
  ])('marks go forward and up: %#', (change, path) => {
    const parsed = pourContentSchema.safeParse({ ...SAMPLE_POUR, ...change });
    expect(parsed.error?.issues.map((issue) => issue.path.join('.'))).toEqual([path]);
  });
});
