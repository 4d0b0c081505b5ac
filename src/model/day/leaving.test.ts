import { describe, expect, test } from '@jest/globals';
import { firstRevision, type AnyRecord } from '../../records';
import { SAMPLE_DAY, sampleLook, sampleYard } from '../../records/test/sampleYard';
import { bookOf } from './book';
import { harvestDayOf } from './harvestDay';
import { leavingOf } from './leaving';
import { lookRecords } from './lookRecords';
import { visitOf } from './visit';

const yard = sampleYard();
const { scribe, box, harvest } = yard;
const second = firstRevision(scribe, 'harvest', {
  ...SAMPLE_DAY,
  day: '2026-08-30',
  flowId: harvest.content.flowId,
});
const book = bookOf([...yard.records, second]);

/** Looks at the first frames of the box on a day, each with so many tenths of honey. */
function looksOn(day: typeof harvest, tenths: readonly number[], known: readonly AnyRecord[] = []) {
  const looks = tenths.map((honeyTenths, at) => {
    const look = sampleLook([2, 2]);
    const sides = look.sides.map((side) => ({ ...side, quick: { ...side.quick, honeyTenths } }));
    return { slot: at + 1, look: { ...look, sides } };
  });
  return lookRecords(scribe, { harvest: day, box, looks, known }, book);
}

describe('what stays', () => {
  const first = looksOn(harvest, [10, 10]);
  const records = [...yard.records, second, ...first, ...looksOn(second, [2, 5], first)];
  const day = harvestDayOf(book, records, second.entityId)!;

  test('frames that grew lighter: bees carried it down, by as much as the frames lost', () => {
    const [hive] = leavingOf(day, false);
    expect(hive?.name).toBe('Hive 7');
    // two full medium frames hold 3.6 kg (common practice, no source); a fifth and a half of one are left
    expect(hive?.lostKg).toBeGreaterThan(2);
    expect(hive?.lostKg).toBeLessThan(3.6);
    expect(hive?.leftKg).toBeLessThan(1.3);
  });

  test('two of ten frames judged: nothing is said of boxes; the guard goes on before winter', () => {
    const steps = (closing: boolean) => leavingOf(day, closing)[0]?.steps.map(({ step }) => step);
    expect(steps(false)).toEqual([]);
    expect(steps(true)).toEqual(['guard-on']);
  });

  test('the visit: boxes not judged yet come off whole, and the totes of the book are counted', () => {
    const fresh = harvestDayOf(bookOf(yard.records), yard.records, harvest.entityId)!;
    expect(visitOf(fresh)).toMatchObject({
      frames: 10,
      hives: [{ name: 'Hive 7', yard: 'Dyke', boxes: 1 }],
      totes: { needed: 1, there: 1 },
    });
    expect(visitOf(day).frames).toBe(0);
  });
});
