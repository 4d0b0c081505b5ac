import { describe, expect, test } from '@jest/globals';
import { packingContentSchema } from './store/packing';
import { rulingContentSchema } from './lots/ruling';
import { storeMoveContentSchema } from './store/storeMove';

const RULING = {
  outcome: 'accept',
  proposedOutcome: 'accept',
  overrideReason: '',
  initials: 'HH',
  remark: '',
  evidenceIds: [],
  rulesVersion: '4',
  ruleSet: { id: 'eu-2001-110', name: 'European Union honey directive', edition: '2001/110/EC' },
  limitPercent: 20,
  targetPercent: 18,
  basis: 'readings',
  meanPercent: 17,
  expandedPercent: 0.4,
  overProbability: 0.001,
  checkAgainMonths: 12,
  findings: [],
};

const MOVE = {
  containerId: 'c',
  item: 1,
  act: 'taken',
  at: '2026-09-01T10:00:00.000Z',
  placeKind: null,
  place: '',
  temperatureC: null,
  massKg: 2,
  remark: '',
};

/** Path and sentence of everything that is wrong. */
function troubles(
  schema: { safeParse: (value: unknown) => { error?: { issues: readonly Issue[] } | undefined } },
  value: unknown,
): string[] {
  return (schema.safeParse(value).error?.issues ?? []).map(
    (issue) => `${issue.path.join('.')}: ${issue.message}`,
  );
}

interface Issue {
  readonly path: readonly PropertyKey[];
  readonly message: string;
}

describe('a ruling that is signed', () => {
  const ruling = (change: object) => troubles(rulingContentSchema, { ...RULING, ...change });

  test('otherwise than proposed takes a reason', () => {
    expect(ruling({ outcome: 'dry' })).toEqual(['overrideReason: overrideWithoutReason']);
    expect(ruling({ outcome: 'dry', overrideReason: 'It smells damp' })).toEqual([]);
  });

  test('a blocked lot is signed as blocked or not at all, whatever the reason', () => {
    const blocked = { proposedOutcome: 'reject', overrideReason: 'I know better' };
    expect(ruling(blocked)).toEqual(['outcome: blockedOverride']);
    expect(ruling({ ...blocked, outcome: 'reject' })).toEqual([]);
  });

  test.each(['', ' ', 'A'.repeat(13)])('initials “%s” are none', (initials) => {
    expect(ruling({ initials }).length).toBeGreaterThanOrEqual(1);
  });
});

describe('a move in the store', () => {
  const move = (change: object) => troubles(storeMoveContentSchema, { ...MOVE, ...change });

  test('says how much was taken, and where something was placed', () => {
    expect(move({})).toEqual([]);
    expect(move({ massKg: null })).toEqual(['massKg: takenMissing']);
    expect(move({ act: 'placed', massKg: null })).toEqual(['placeKind: placeMissing']);
    expect(move({ act: 'placed', massKg: null, placeKind: 'cellar' })).toEqual([]);
    expect(move({ massKg: 0 })).toEqual(['massKg: between 0.001 100000']);
    expect(move({ item: 0 })).toHaveLength(1);
  });
});

describe('jars filled', () => {
  const PACKING = {
    code: '260801-a.1',
    jarG: 500,
    count: 12,
    packedAt: '2026-09-01T10:00:00.000Z',
    bestBefore: '2028-09-01',
    from: [{ containerId: 'c', item: 1, massKg: 6 }],
    remark: '',
  };
  const packing = (change: object) => troubles(packingContentSchema, { ...PACKING, ...change });

  test('at least one, of some weight, with a code and from somewhere', () => {
    expect(packing({})).toEqual([]);
    expect(packing({ count: 0 })).toEqual(['count: whole 1 5000']);
    expect(packing({ jarG: 0 })).toEqual(['jarG: between 5 20000']);
    expect(packing({ code: 'a b' })).toEqual(['code: badJarCode']);
    expect(packing({ from: [] })).toEqual(['from: fromMissing']);
    expect(packing({ bestBefore: 'some day' })).toHaveLength(1);
  });
});
