import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { freshLook } from '../../../model';
import { DEFAULT_PREFERENCES, type LotFrame } from '../../../records';
import { countingScribe } from '../../../records/test/sampleLot';
import { honeyFrame } from '../../../core/test/frameEvidence';
import { quickTakeLooks, quickTakeRecords, freshQuickTake, readQuickTake } from './quickTake';
import { frameDraftOf, readFrameDraft, type FrameDraft } from './frameDraft';
import { frameColour, groupedBy, moved, originOf, type GroupItem } from './grouping';
import { cellAt, cellCentre } from '../../../core';
import { PAINT_GRID, cappingOrder } from '../../ui/comb/hexComb';
import { PAINT_BOARD, pointBoard } from './parts/frame/boardShapes';

const CELLS = PAINT_GRID.columns * PAINT_GRID.rows;

describe('the drawn comb', () => {
  test('a tap in the middle of a cell finds that cell, wherever it is', () => {
    for (let at = 0; at < CELLS; at += 1) {
      const { x, y } = cellCentre(at, PAINT_GRID);
      expect(cellAt(x + 0.2, y - 0.2, PAINT_GRID)).toBe(at);
    }
  });

  test('capping starts at the top and every cell comes once', () => {
    const order = cappingOrder(PAINT_GRID);
    expect(new Set(order).size).toBe(CELLS);
    const rowOf = (at: number | undefined): number => Math.floor((at ?? 0) / PAINT_GRID.columns);
    expect(rowOf(order[0])).toBeLessThan(2);
    expect(rowOf(order.at(-1))).toBeGreaterThan(8);
  });

  test('arrows reach every mark of every board', () => {
    for (const board of [PAINT_BOARD, pointBoard(24), pointBoard(48)]) {
      const seen = new Set([0]);
      const open = [0];
      for (let at = open.pop(); at !== undefined; at = open.pop()) {
        for (const [dx, dy] of [
          [1, 0],
          [-1, 0],
          [0, 1],
          [0, -1],
        ] as const) {
          const next = board.step(at, dx, dy);
          if (!seen.has(next)) open.push(next);
          seen.add(next);
        }
      }
      expect(seen.size).toBe(board.count);
    }
  });

  test('the second grid lies between the points of the first', () => {
    const both = pointBoard(48);
    const points = Array.from({ length: 48 }, (_, at) => both.centre(at));
    const apart = points.map((point, at) =>
      Math.min(
        ...points
          .filter((_, other) => other !== at)
          .map((two) => Math.hypot(point.x - two.x, point.y - two.y)),
      ),
    );
    expect(Math.min(...apart)).toBeCloseTo(Math.SQRT1_2, 6);
    expect(Math.max(...apart)).toBeCloseTo(Math.SQRT1_2, 6);
  });
});

const place = { preferences: DEFAULT_PREFERENCES, frame: null };

function draft(change: Partial<FrameDraft> = {}): FrameDraft {
  const fresh = frameDraftOf(freshLook(), place);
  return { ...fresh, ...change };
}

const errorsOf = (typed: FrameDraft) => {
  const read = readFrameDraft(typed, DEFAULT_PREFERENCES);
  return read.ok
    ? {}
    : Object.fromEntries(Object.entries(read.errors).map(([field, one]) => [field, one.sentence]));
};

test('a picture that is too unclear judges no side until enough of its points are set', () => {
  const side = (touched: number, doubt: number) => ({
    ...draft().sides[0],
    method: 'points' as const,
    points: 'c'.repeat(48),
    proposal: {
      touched: '1'.repeat(touched).padEnd(48, '0'),
      cells: Array.from({ length: 48 }, (): [number, number] => [60, 30]),
      tiles: Array.from({ length: 48 }, (): [number, number] => [60, 30]),
      doubt,
    },
  });
  const error = (touched: number, doubt: number) =>
    errorsOf(draft({ sides: [side(touched, doubt), side(48, doubt)] }))['sides.0'];
  expect(error(0, 0.2)).toBeUndefined();
  expect(error(0, 0.9)).toBe('Side A is not judged yet.');
  expect(error(10, 0.9)).toBe('Side A is not judged yet.');
  expect(error(48, 0.9)).toBeUndefined();
});

describe('a frame as it is tapped', () => {
  test('is not judged before both sides are', () => {
    expect(errorsOf(frameDraftOf(null, place))).toMatchInlineSnapshot(`
      {
        "sides.0": "Side A is not judged yet.",
        "sides.1": "Side B is not judged yet.",
      }
    `);
    expect(errorsOf(draft())).toEqual({});
  });

  test('wrong numbers get a sentence, commas and units are understood', () => {
    expect(errorsOf(draft({ heft: 'heavy', combTemperature: '400', cellDial: '0' })))
      .toMatchInlineSnapshot(`
      {
        "cellDial": "This must be between 1 and 90.",
        "combTemperature": "This must be between −20 and 60 °C.",
        "heft": "“heavy” is not a number. Type digits only, such as 17.4.",
      }
    `);
    const typed = draft({ heft: '2,4', combTemperature: '77', cellDial: '18,4' });
    const american = { ...DEFAULT_PREFERENCES, temperatureUnit: 'F', massUnit: 'lb' } as const;
    const read = readFrameDraft(typed, american);
    if (!read.ok) throw new Error('it is right');
    expect(read.content.look.combTemperatureC).toBeCloseTo(25, 9);
    expect(read.content.look.heft?.grossKg).toBeCloseTo(2.4 * 0.45359237, 9);
    expect(read.content.look.cellReading?.dialValue).toBe(18.4);
  });

  test('a look comes back from its draft as it was', () => {
    const look = {
      ...freshLook(),
      heft: { grossKg: 2.31, by: 'scale' as const },
      combTemperatureC: 26.5,
      pieces: 'rrn',
    };
    const read = readFrameDraft(frameDraftOf(look, place), DEFAULT_PREFERENCES);
    expect(read.ok && read.content.look).toEqual(look);
  });

  test('stages of brood count only where there is brood', () => {
    const read = readFrameDraft(draft({ broodStages: ['eggs'] }), DEFAULT_PREFERENCES);
    expect(read.ok && read.content.look.broodStages).toEqual([]);
  });
});

function item(key: string, change: Partial<LotFrame>, act: GroupItem['act'] = 'take'): GroupItem {
  const frame: LotFrame = {
    frameId: key,
    checkId: `check-${key}`,
    count: 1,
    hive: 'Hive 7',
    box: 'Box 1',
    slot: 1,
    yard: 'Dyke',
    flows: ['Beans'],
    honeyKg: 1.8,
    honeyStandardKg: 0.2,
    states: { capped: 1.8 },
    colours: ['light', 'light'],
    pieces: null,
    cleared: '',
    ...change,
  };
  return { key, frame, evidence: honeyFrame([9, 9]), check: null, act };
}

describe('frames into lots', () => {
  const items = [
    item('a', {}),
    item('b', { colours: ['dark', 'dark'] }),
    item('c', { flows: ['Beans', 'Borage'] }),
    item('d', { colours: ['light', 'dark'], yard: 'Moor' }),
    item('e', { pieces: 6 }, 'comb-honey'),
  ];
  const by = (rules: Parameters<typeof groupedBy>[1]) =>
    groupedBy(items, rules, { ripeShare: 0.8, dayName: 'The day' }).map((group) => [
      group.name,
      group.keys.join(''),
    ]);

  test('one flow from another, and comb honey always by itself', () => {
    expect(by(['flow'])).toEqual([
      ['Beans', 'abd'],
      ['Beans and Borage', 'c'],
      ['Beans, comb honey', 'e'],
    ]);
  });

  test('dark and light apart; sides that differ are mixed', () => {
    expect(by(['colour'])).toEqual([
      ['Light', 'ac'],
      ['Dark', 'b'],
      ['Mixed', 'd'],
      ['Light, comb honey', 'e'],
    ]);
    expect(frameColour(item('x', { colours: ['unseen', 'unseen'] }).frame)).toBe('unseen');
    expect(frameColour(item('x', { colours: ['unseen', 'amber'] }).frame)).toBe('amber');
  });

  test('with no rule all go together under the name of the day', () => {
    expect(by([])).toEqual([
      ['The day', 'abcd'],
      ['Comb honey', 'e'],
    ]);
  });

  test('every frame is in exactly one group, whatever the rules and moves', () => {
    const rules = fc.subarray(['flow', 'colour', 'capping', 'yard'] as const);
    fc.assert(
      fc.property(rules, fc.nat(4), fc.nat(4), (chosen, which, to) => {
        const groups = groupedBy(items, chosen, { ripeShare: 0.8, dayName: 'The day' });
        const after = moved(groups, items[which]!.key, to % groups.length);
        expect(after.flatMap((group) => group.keys).sort()).toEqual(['a', 'b', 'c', 'd', 'e']);
      }),
    );
  });

  test('the origin in words', () => {
    expect(originOf(items.map((groupItem) => groupItem.frame))).toBe('Dyke: Hive 7; Moor: Hive 7');
  });
});

describe('a few frames and a bucket', () => {
  const quickTake = () => {
    const form = freshQuickTake();
    form.massKg = '3,4';
    [9, 8, 5].forEach((tenths, at) => {
      form.frames[at]?.sides.forEach((side) => Object.assign(side, { cappedTenths: tenths }));
    });
    return form;
  };
  const today = '2026-08-10';

  test('goes from taps to a lot with its bucket; what is not ripe stays out', () => {
    const read = readQuickTake(quickTake(), DEFAULT_PREFERENCES, { today });
    if (!read.ok) throw new Error('it is right');
    expect(
      quickTakeLooks(countingScribe(), read.content).judged.map(
        (keptJudgedFrame) => keptJudgedFrame.act,
      ),
    ).toEqual(['take', 'take', 'put-back']);
    const records = quickTakeRecords(countingScribe(), read.content, { code: '260810-a' });
    const composition = records.find((record) => record.kind === 'lot-frames');
    expect(composition?.content.frames).toHaveLength(2);
    const bucket = records.find((record) => record.kind === 'container');
    expect(bucket?.content.amount).toMatchObject({ by: 'mass', massKg: 3.4 });
    expect(bucket?.ownerId).toBe(composition?.ownerId);
  });

  test('the keeper’s own choice goes before the school', () => {
    const form = quickTake();
    form.frames[2]!.bucket = 'yes';
    const read = readQuickTake(form, DEFAULT_PREFERENCES, { today });
    if (!read.ok) throw new Error('it is right');
    const composition = quickTakeRecords(countingScribe(), read.content, { code: 'a' }).find(
      (quickTakeRecord) => quickTakeRecord.kind === 'lot-frames',
    );
    expect(composition?.content.frames).toHaveLength(3);
  });

  test('nothing tapped, or a weight that is none, gets a sentence', () => {
    const empty = readQuickTake({ ...freshQuickTake(), massKg: 'x' }, DEFAULT_PREFERENCES, {
      today,
    });
    expect(!empty.ok && Object.keys(empty.errors)).toEqual(['frames', 'massKg']);
  });
});
