import { describe, expect, test } from '@jest/globals';
import { demoSeason } from '../../../demo/season';
import { DEFAULT_PREFERENCES } from '../../records';
import { fieldName, fieldText } from './recordFields';

const SEASON = demoSeason('2026-11-26', Date.parse('2026-11-26T12:00:00Z'));
const POUNDS = { ...DEFAULT_PREFERENCES, massUnit: 'lb' as const };

const text = (...[kind, path, value]: [Parameters<typeof fieldName>[0], string, unknown]): string =>
  fieldText(kind, path, { value, preferences: DEFAULT_PREFERENCES });

/** Every value of the demo, with its path. */
function leavesOf(value: unknown, path: readonly string[] = []): string[] {
  if (typeof value !== 'object' || value === null) return [path.join('.')];
  return Object.entries(value).flatMap(([key, inner]) => leavesOf(inner, [...path, key]));
}

describe('what values of a record are called', () => {
  test('as the form calls them in which they are typed', () => {
    expect(fieldName('lot', 'ruleSetId')).toBe('Rule set');
    expect(fieldName('lot', 'date')).toBe('Extracted on');
    expect(fieldName('container', 'amount.massKg')).toBe('Honey in each');
  });

  test('by their own names where they stand in no form, with the number of their line', () => {
    expect(fieldName('frame-check', 'sides.0.shake')).toBe('Side 1, Shake test');
    expect(fieldName('settling', 'skims.1.kg')).toBe('Skimmed 2, Weight');
  });

  test('nothing of the demo season is called by the name that it has in the code', () => {
    const called = SEASON.flatMap(({ kind, content }) =>
      leavesOf(content).map((path) => [kind, path, fieldName(kind, path)] as const),
    );
    expect(called.length).toBeGreaterThan(5000);
    const coded = called.filter(([, , name]) => /[a-z][A-Z]|\b(id|kg|percent|c)$/.test(name));
    expect([...new Set(coded.map((item) => item.join(' · ')))]).toEqual([]);
  });
});

describe('values of a record as text', () => {
  test('days, choices and units as the form shows them', () => {
    expect(text('lot', 'date', '2026-08-12')).toBe('12 Aug 2026');
    expect(text('lot', 'honeyKind', 'heather')).toBe('Heather (ling, Calluna)');
    expect(text('container', 'amount.massKg', 12)).toBe('12 kg');
    expect(fieldText('container', 'amount.massKg', { value: 12, preferences: POUNDS })).toMatch(
      /^26\.4\d* lb$/,
    );
  });

  test('nothing is nothing, and what has no form is as it stands', () => {
    expect(text('lot', 'remark', '')).toBe('');
    expect(text('lot', 'storageTemperatureC', null)).toBe('');
    expect(text('frame', 'slot', 3)).toBe('3');
    expect(text('frame', 'formerBrood', false)).toBe('false');
  });
});
