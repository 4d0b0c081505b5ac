import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { FrameAct } from '../../../core';
import type { LotFrame } from '../../../records';
import {
  GROUP_RULES,
  frameColour,
  groupMass,
  groupedBy,
  keysInLots,
  moved,
  originOf,
  type GroupItem,
} from './grouping';

const FRAME: LotFrame = {
  frameId: 'f',
  checkId: 'c',
  count: 1,
  hive: 'Hive 7',
  box: 'Box 1',
  slot: 1,
  yard: 'Dyke',
  flows: ['Sea lavender'],
  honeyKg: 1.8,
  honeyStandardKg: 0.3,
  states: { empty: 0, capped: 1.8, ripeOpen: 0, unripeOpen: 0 } as unknown as LotFrame['states'],
  colours: ['light', 'light'],
  pieces: null,
  cleared: '',
};

const item = (key: string, change: Partial<LotFrame> = {}, act: FrameAct = 'take'): GroupItem => ({
  key,
  frame: { ...FRAME, frameId: key, ...change },
  evidence: {} as GroupItem['evidence'],
  check: null,
  act,
});

const PARTING = { ripeShare: 0.8, dayName: 'Second visit' };
const names = (items: readonly GroupItem[], rules: Parameters<typeof groupedBy>[1]) =>
  groupedBy(items, rules, PARTING).map((group) => [group.name, group.keys.length]);

describe('frames parted into lots', () => {
  const items = [
    item('a'),
    item('b', { flows: ['Beans'], colours: ['dark', 'dark'] }),
    item('c', { flows: [], yard: '' }),
    item('d', { colours: ['light', 'dark'] }),
    item('e', {}, 'comb-honey'),
  ];

  test('by flow, those without one by the day, comb honey always by itself', () => {
    expect(names(items, ['flow'])).toEqual([
      ['Sea lavender', 2],
      ['Beans', 1],
      ['Second visit', 1],
      ['Sea lavender, comb honey', 1],
    ]);
  });

  test('by yard, by colour, by nothing', () => {
    expect(names(items, ['yard'])).toContainEqual(['No yard named', 1]);
    expect(names(items, ['colour']).map(([name]) => name)).toContain('Mixed');
    expect(names(items, [])).toEqual([
      ['Second visit', 4],
      ['Comb honey', 1],
    ]);
  });

  test('a frame of two flows names both', () => {
    expect(names([item('a', { flows: ['Beans', 'Ling'] })], ['flow'])[0]![0]).toBe(
      'Beans and Ling',
    );
  });

  test('every frame is in one lot and no lot is empty, by whatever rules and moves', () => {
    const rules = fc.subarray(GROUP_RULES.filter((groupRule) => groupRule !== 'capping'));
    fc.assert(
      fc.property(rules, fc.nat(4), fc.nat(5), (chosen, which, to) => {
        const groups = groupedBy(items, chosen, PARTING);
        expect(groups.every((group) => group.keys.length > 0)).toBe(true);
        const key = items[which]!.key;
        const target = to % groups.length;
        const after = moved(groups, key, target);
        expect(after.flatMap((group) => group.keys).sort()).toEqual(['a', 'b', 'c', 'd', 'e']);
        expect(after[target]!.keys).toContain(key);
      }),
    );
  });
});

describe('what a lot in the making is', () => {
  test('colour of both sides, mixed where they differ, what was not seen left out', () => {
    const colour = (...colours: LotFrame['colours']) => frameColour({ ...FRAME, colours });
    expect(colour('dark', 'dark')).toBe('dark');
    expect(colour('dark', 'unseen')).toBe('dark');
    expect(colour('dark', 'light')).toBe('mixed');
    expect(colour('unseen', 'unseen')).toBe('unseen');
  });

  test('doubts of frames judged alike add up', () => {
    const mass = groupMass([item('a'), item('b', { honeyKg: 1.2, honeyStandardKg: 0.2 })]);
    expect(mass.massKg).toBeCloseTo(3, 12);
    expect(mass.standardUncertaintyKg).toBeCloseTo(0.5, 12);
  });

  test('origin by yard and hive, each once; a frame without a hive by its box', () => {
    expect(
      originOf([
        FRAME,
        { ...FRAME, hive: 'Hive 8' },
        FRAME,
        { ...FRAME, yard: 'Moor', hive: '', box: 'Tote A' },
      ]),
    ).toBe('Dyke: Hive 7, Hive 8; Moor: Tote A');
    expect(originOf([{ ...FRAME, yard: '', hive: '', box: '' }])).toBe('');
  });

  test('frames in lots are known by frame, looks of strokes by their check', () => {
    const lots = [{ frames: [FRAME, { ...FRAME, frameId: null, checkId: 'stroke-1' }] }];
    expect([...keysInLots(lots)]).toEqual(['f', 'stroke-1']);
  });
});
