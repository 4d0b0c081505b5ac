import { describe, expect, test } from '@jest/globals';
import type { Book } from './book';
import type { Side } from '../../records/hives/frameCheck';
import { HEFT_PLUS_MINUS_KG, cappingOf, frameEvidenceFrom, sharesOf } from './frameEvidence';
import { freshSide, type FrameLook } from './freshLook';
import { sampleBook, sampleLook, sampleLooks, sampleYard } from '../../records/test/sampleYard';

/** A frame of the sample box with such a look. */
function seen(change: Partial<FrameLook>, tenths: readonly [number, number] = [8, 8]) {
  const yard = sampleYard({}, 'seen');
  const looks = sampleLooks(yard, [sampleLook(tenths, change)]);
  const frame = looks.find((look) => look.kind === 'frame')!;
  const check = looks.find((look) => look.kind === 'frame-check')!;
  const book: Book = sampleBook(yard, looks);
  return frameEvidenceFrom(
    { frameId: frame.entityId, frame: frame.content, check: check.content },
    book,
  );
}

const side = (change: Partial<Side>): Side => ({ ...freshSide(), ...change });

describe('the capped share of a side', () => {
  test('by eye, with what an eye may be off by', () => {
    const quick = { honeyTenths: 10, cappedTenths: 8, undrawnTenths: 0, broodTenths: 0 };
    const found = cappingOf(side({ quick }))!;
    expect(found.share).toBeCloseTo(0.8, 9);
    expect(found.low).toBeLessThan(0.8);
    expect(found.high).toBeGreaterThan(0.8);
  });

  test('of 32 in 40 counted points Wilson’s interval is 0.652 to 0.895 (handbook row)', () => {
    const points = 'c'.repeat(32) + 'o'.repeat(8) + 'e'.repeat(8);
    const found = cappingOf(side({ method: 'points', points }))!;
    expect(found.share).toBeCloseTo(0.8, 9);
    expect(found.low).toBeCloseTo(0.652, 3);
    expect(found.high).toBeCloseTo(0.895, 3);
  });

  test('empty cells, brood and bare foundation do not count', () => {
    const bare = side({ method: 'points', points: 'ccco' });
    const more = side({ method: 'points', points: 'ccco' + 'ebu'.repeat(5) });
    expect(cappingOf(more)?.share).toBeCloseTo(cappingOf(bare)!.share, 12);
    expect(cappingOf(side({ method: 'points', points: 'ebu' }))).toBeNull();
  });

  test('with nothing marked yet what was seen by eye stands', () => {
    const quick = { honeyTenths: 5, cappedTenths: 10, undrawnTenths: 0, broodTenths: 0 };
    for (const method of ['points', 'paint'] as const) {
      const blank = side({ method, quick, points: '....', cells: null });
      expect(sharesOf(blank)).toEqual(sharesOf(side({ quick })));
    }
  });

  test('painted cells count as they are, a copy being surer than the eye', () => {
    const painted = cappingOf(side({ method: 'paint', cells: 'c'.repeat(80) + 'o'.repeat(20) }))!;
    const quick = { honeyTenths: 10, cappedTenths: 8, undrawnTenths: 0, broodTenths: 0 };
    const byEye = cappingOf(side({ quick }))!;
    expect(painted.share).toBeCloseTo(0.8, 9);
    expect(painted.high - painted.low).toBeLessThan(byEye.high - byEye.low);
  });
});

describe('honey in a frame', () => {
  test('a full medium frame holds about 1.8 kg (common practice, no source)', () => {
    const { honey } = seen({}, [10, 10]);
    expect(honey.massKg).toBeGreaterThan(1.6);
    expect(honey.massKg).toBeLessThan(2);
  });

  test('a weight on a scale is surer than a look, and the figure goes with it', () => {
    const looked = seen({}).honey;
    const scaled = seen({ heft: { grossKg: 3, by: 'scale' } }).honey;
    const lifted = seen({ heft: { grossKg: 3, by: 'hand' } }).honey;
    expect(scaled.standardUncertaintyKg).toBeLessThan(lifted.standardUncertaintyKg);
    expect(lifted.standardUncertaintyKg).toBeLessThan(looked.standardUncertaintyKg);
    expect(Math.abs(scaled.massKg - lifted.massKg)).toBeGreaterThan(0);
    expect(scaled.massKg).toBeGreaterThan(looked.massKg);
    expect(HEFT_PLUS_MINUS_KG.scale).toBeLessThan(HEFT_PLUS_MINUS_KG.hand);
  });

  test('with brood in it a weight says nothing of the honey', () => {
    const brood: Partial<FrameLook> = { brood: 'patch' };
    const looked = seen(brood).honey;
    expect(seen({ ...brood, heft: { grossKg: 3, by: 'scale' } }).honey).toEqual(looked);
  });
});

describe('what else was seen', () => {
  test('a cell read in the yard goes through the index, corrected for its temperature', () => {
    const cell = (temperatureC: number | null, atc: boolean) =>
      seen({ cellReading: { scale: 'water', dialValue: 18.5, temperatureC, atc } })
        .cellMoisturePercent!;
    expect(cell(20, false)).toBeCloseTo(18.5, 2);
    expect(cell(30, false)).toBeCloseTo(18.5 - 10 * 0.0905, 1);
    expect(cell(30, true)).toBeCloseTo(18.5, 2);
    expect(seen({}).cellMoisturePercent).toBeNull();
  });

  test('a shake with cold comb is not trusted', () => {
    const shaken = (combTemperatureC: number | null) =>
      seen({
        combTemperatureC,
        sides: sampleLook([5, 5]).sides.map((item) => ({
          ...item,
          shake: 'nothing-fell' as const,
        })),
      }).sides[0]!.shake;
    expect(shaken(28)).toBe('nothing-fell');
    expect(shaken(8)).not.toBe('nothing-fell');
  });

  test('pieces of comb honey: ripe ones of all', () => {
    expect(seen({ pieces: 'rru.' }).sections).toEqual({ ripe: 2, all: 4 });
    expect(seen({}).sections).toBeNull();
  });

  test('excuses are the keeper’s own words, and none without them', () => {
    expect(seen({ blockExcuse: 'the label allows it' }).blocksCleared).toBe(true);
    expect(seen({ broodExcuse: 'cut out' }).broodExcused).toBe(true);
    expect(seen({})).toMatchObject({ blocksCleared: false, broodExcused: false });
  });
});
