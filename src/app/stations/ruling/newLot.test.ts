import { describe, expect, test } from '@jest/globals';
import { RULE_SETS } from '../../../core';
import { DEFAULT_PREFERENCES } from '../../../records';
import { nextCode } from '../../forms/lots/lotCode';
import { freshNewLot, readNewLot } from './newLot';

const DAY = '2026-11-24';

const RULES = { preferences: DEFAULT_PREFERENCES, ruleSets: RULE_SETS };

describe('a new lot', () => {
  test('codes run on from the day', () => {
    expect(nextCode(DAY, [])).toBe('261124-a');
    expect(nextCode(DAY, ['261124-a', '261124-b', '261123-c'])).toBe('261124-c');
    const all = [...'abcdefghijklmnopqrstuvwxyz'].map((letter) => `261124-${letter}`);
    expect(nextCode(DAY, all)).toBe('261124-27');
  });

  test('is valid from the start and names what is wrong by field', () => {
    const fresh = freshNewLot(DAY, [], RULES);
    expect(readNewLot(fresh, [], RULES)).toMatchObject({
      ok: true,
      content: { comb: null },
    });
    const wrong = {
      ...fresh,
      containers: [...fresh.containers, { ...fresh.containers[0]!, count: 'many' }],
    };
    const parsed = readNewLot(wrong, ['261124-a'], RULES);
    expect(!parsed.ok && Object.keys(parsed.errors).sort()).toEqual([
      'containers.1.count',
      'lot.code',
    ]);
  });
});
