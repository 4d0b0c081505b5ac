import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { residueBlocks, type CombStay, type Given } from './residueBlocks';

/**
 * The same question answered day by day, the slow way: on which days was the comb on the hive, and
 * was something given, or still waited for, on one of them?
 */
const FIRST_DAY = 0;
const LAST_DAY = 200;

/** On the hive on that day; the day on which it is taken out no longer counts. */
function isOn(stay: CombStay, day: number): boolean {
  return day >= (stay.fromDay ?? FIRST_DAY) && day < (stay.toDay ?? Infinity);
}

function dayByDay(stay: CombStay, given: Given): 'during' | 'waiting' | null {
  if (stay.colonyId !== given.colonyIds[0]) return null;
  const end = given.toDay ?? LAST_DAY;
  let waiting = false;
  for (let day = FIRST_DAY; day <= LAST_DAY; day += 1) {
    if (!isOn(stay, day)) continue;
    const during = day >= given.fromDay && day <= end;
    if (during && (given.boxesOn || stay.as === 'brood')) return 'during';
    const waits = given.toDay !== null && day > end && day <= end + given.waitDays;
    if (waits) waiting = true;
  }
  return waiting ? 'waiting' : null;
}

const day = fc.integer({ min: 1, max: 100 });
const stays = fc
  .record({
    colonyId: fc.constantFrom('7', '8'),
    fromDay: fc.option(day),
    length: fc.option(fc.integer({ min: 1, max: 60 })),
    as: fc.constantFrom('honey' as const, 'brood' as const),
  })
  .map(({ length, ...stay }): CombStay => ({
    ...stay,
    toDay: length === null ? null : (stay.fromDay ?? 0) + length,
  }));
const givens = fc
  .record({
    fromDay: day,
    length: fc.option(fc.integer({ min: 0, max: 30 })),
    boxesOn: fc.boolean(),
    waitDays: fc.integer({ min: 0, max: 20 }),
  })
  .map(({ length, ...given }): Given => ({
    ...given,
    id: 'g',
    kind: 'treatment',
    name: 'a strip',
    colonyIds: ['7'],
    toDay: length === null ? null : given.fromDay + length,
  }));

describe('blocks against a count of days', () => {
  test('any stay and anything given: the same answer', () => {
    fc.assert(
      fc.property(stays, givens, (stay, given) => {
        expect(residueBlocks([stay], [given])[0]?.why ?? null).toBe(dayByDay(stay, given));
      }),
      { numRuns: 3000 },
    );
  });

  test('more stays never lift a block, more waiting never does either', () => {
    fc.assert(
      fc.property(stays, stays, givens, (stay, two, given) => {
        const alone = residueBlocks([stay], [given]).length;
        expect(residueBlocks([stay, two], [given]).length).toBeGreaterThanOrEqual(alone);
        const longer = { ...given, waitDays: given.waitDays + 5 };
        expect(residueBlocks([stay], [longer]).length).toBeGreaterThanOrEqual(alone);
      }),
    );
  });
});
