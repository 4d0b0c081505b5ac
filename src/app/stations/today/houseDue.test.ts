import { describe, expect, test } from '@jest/globals';
import type { StoredLot } from '../../../model';
import { lotEvidence } from '../../../core/test/lotEvidence';
import { firstRevision, type HouseLog, type Occasion } from '../../../records';
import { countingScribe } from '../../../records/test/sampleLot';
import { houseDue } from './houseDue';

const scribe = countingScribe('due');
const TODAY = Date.parse('2026-08-21T10:00:00');

const occasion = (day: string, count = 12): Occasion =>
  firstRevision(scribe, 'occasion', {
    name: 'Supper',
    day,
    purpose: 'gift',
    jarG: 250,
    count,
    over: false,
    remark: '',
  });

/** A lot with one run of jars, as the store has it. */
function jars(free: number, sample = 0, outcome = 'accept'): StoredLot {
  const packing = firstRevision(
    scribe,
    'packing',
    {
      code: 'A.1',
      packedAt: '2026-08-01T10:00:00.000Z',
      jarG: 250,
      count: 20,
      from: [{ containerId: 'c', item: 1, massKg: 5 }],
      bestBefore: '2027-08-01',
      remark: '',
    },
    'lot',
  );
  const none = { sale: 0, gift: 0, kitchen: 0, 'next-year': 0, sample: 0 };
  const stock = {
    packing,
    setAside: { ...none, sample },
    givenOut: none,
    left: free + sample,
    free,
  };
  const signed = { content: { outcome: 'accept' } };
  return {
    file: { lot: { content: { name: 'A', code: 'A' } }, jarMoves: [], ruling: signed },
    evidence: lotEvidence({}),
    ruling: { outcome, belief: { measured: null } },
    settled: true,
    jars: [stock],
    vessels: [],
  } as unknown as StoredLot;
}

const logged = (what: HouseLog['content']['what'], at: string): HouseLog =>
  firstRevision(scribe, 'house-log', { what, at, text: 'done', lotIds: [], remark: '' });

interface House {
  readonly occasions?: readonly Occasion[];
  readonly lots?: readonly StoredLot[];
  readonly log?: readonly HouseLog[];
  readonly combsSince?: string;
}

const titles = ({ occasions = [], lots = [], log = [], combsSince }: House): string[] =>
  houseDue({
    lots,
    occasions,
    log,
    combsSince,
    nowMs: TODAY,
  }).map(({ title }) => title);

describe('what jars and the house ask for', () => {
  test('an occasion near by: jars that are short before jars that are there', () => {
    const kept = [jars(8, 1)];
    expect(titles({ occasions: [occasion('2026-09-10')], lots: kept })).toEqual([
      'Supper: jars are short',
    ]);
    expect(titles({ occasions: [occasion('2026-09-02', 6)], lots: kept })).toEqual([
      'Supper: set jars aside',
    ]);
    expect(titles({ occasions: [occasion('2026-12-20')], lots: kept })).toEqual([]);
    const blocked = [jars(20, 1, 'reject')];
    expect(titles({ occasions: [occasion('2026-09-02')], lots: blocked })).toEqual([
      'Supper: jars are short',
    ]);
  });

  test('a lot of which nothing is kept back, once', () => {
    expect(titles({ lots: [jars(8)] })).toEqual(['Keep a jar of A.1 back']);
    expect(titles({ lots: [jars(8, 1)] })).toEqual([]);
    expect(titles({ lots: [jars(0)] })).toEqual([]);
    expect(titles({ lots: [jars(8), jars(3)] })).toEqual(['Keep a jar of each of 2 lots back']);
  });

  test('rounds that were made once come again; those never made are not asked for', () => {
    expect(titles({ log: [logged('pests', '2026-07-22T10:00:00.000Z')] })).toEqual([
      'Traps and gaps checked',
    ]);
    expect(titles({ log: [logged('pests', '2026-08-15T10:00:00.000Z')] })).toEqual([]);
    expect(titles({ log: [logged('cleaned', '2025-07-22T10:00:00.000Z')] })).toEqual([]);
  });

  test('combs that stand in store are looked through a month after they were counted', () => {
    expect(titles({ combsSince: '2026-07-20' })).toEqual(['Combs in store looked through']);
    expect(titles({ combsSince: '2026-08-10' })).toEqual([]);
    const looked = [logged('combs', '2026-08-18T10:00:00.000Z')];
    expect(titles({ combsSince: '2026-07-20', log: looked })).toEqual([]);
  });
});
