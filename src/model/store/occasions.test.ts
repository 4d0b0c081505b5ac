import { describe, expect, test } from '@jest/globals';
import { firstRevision, type JarMove, type JarMoveContent, type Purpose } from '../../records';
import { countingScribe } from '../../records/test/sampleLot';
import { jarBoard } from './occasions';
import { jarStocks } from './store';
import type { StoredLot } from './storedLots';

const scribe = countingScribe('occasions');
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
const wanted = (count: number, day: string, purpose: Purpose = 'gift') =>
  firstRevision(scribe, 'occasion', {
    name: 'Supper',
    day,
    purpose,
    jarG: 250,
    count,
    over: false,
    remark: '',
  });
const supper = wanted(12, '2026-10-03');

const move = (change: Partial<JarMoveContent>): JarMove =>
  firstRevision(
    scribe,
    'jar-move',
    {
      packingId: packing.entityId,
      act: 'set-aside',
      purpose: 'gift',
      count: 12,
      occasionId: supper.entityId,
      firstNumber: null,
      to: '',
      at: '2026-08-20T10:00:00.000Z',
      remark: '',
      ...change,
    },
    'lot',
  );

/** The run of jars with what was done with it. */
function lotWith(...jarMoves: JarMove[]): StoredLot {
  const file = { packings: [packing], jarMoves } as unknown as StoredLot['file'];
  return { file, jars: jarStocks(file), vessels: [] } as unknown as StoredLot;
}

const planOf = (lot: StoredLot, mayGo = true) => jarBoard([lot], [supper], () => mayGo).plans[0]!;

describe('jars set aside for an occasion', () => {
  test('count for it, and the rest comes of what is free', () => {
    expect(planOf(lotWith(move({ count: 5 })))).toMatchObject({
      asideCount: 5,
      fromCount: 7,
      short: 0,
    });
  });

  test('given out for something else meanwhile: they are not there any more, and more is found', () => {
    const lot = lotWith(move({}), move({ act: 'given-out', occasionId: null }));
    expect(planOf(lot)).toMatchObject({ asideCount: 0, fromCount: 8, short: 4 });
  });

  test('of honey that may not leave any more none counts, and none goes out', () => {
    const plan = planOf(lotWith(move({})), false);
    expect(plan).toMatchObject({ aside: [], asideCount: 0, fromCount: 0, short: 12 });
  });

  test('what they were set aside for is what they are given out of', () => {
    const plan = planOf(lotWith(move({ purpose: 'sale' })));
    expect(plan.aside).toMatchObject([{ purpose: 'sale', count: 12 }]);
  });

  test('two occasions never count the same jar', () => {
    const later = wanted(6, '2026-11-01');
    const moves = [
      move({}),
      move({ count: 6, occasionId: later.entityId }),
      move({ act: 'given-out', count: 10, occasionId: null }),
    ];
    const { plans } = jarBoard([lotWith(...moves)], [later, supper], () => true);
    expect(plans.map(({ asideCount }) => asideCount)).toEqual([8, 0]);
  });
});
