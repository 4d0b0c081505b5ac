import { describe, expect, test } from '@jest/globals';
import { quickShares } from '../capping/cellShares';
import { bestGuesses } from '../guessing/bestGuesses';
import { bucketsToBring, combSideMass, combinedMass, netHeft, summedMass } from '../mass/combMass';
import { extractWithinHours } from './beetleClock';
import { broodRoom } from './broodRoom';
import { FRAME_FORMATS } from './frameFormats';
import { usualByPosition } from './usualByPosition';

const side = (honeyTenths: number, broodTenths: number) =>
  quickShares({ honeyTenths, cappedTenths: 8, undrawnTenths: 0, broodTenths });
const frame = (honey: number, brood: number) => ({
  sides: [side(honey, brood), side(honey, brood)],
});
const area = (id: string): number =>
  FRAME_FORMATS.find((frameFormat) => frameFormat.id === id)!.areaDm2;

describe('mass of honey in a comb', () => {
  test.each([
    ['langstroth-deep', 2.7],
    ['langstroth-medium', 1.8],
    ['langstroth-shallow', 1.5],
  ])('handbook row: a full %s holds %d kg', (id, kg) => {
    const oneSide = combSideMass({ areaDm2: area(id), honeyShare: 1, face: 'flush' });
    expect(Math.abs(2 * oneSide.massKg - kg)).toBeLessThan(0.06);
  });

  test('handbook row: 0.155 kg for a square decimetre and side', () => {
    expect(combSideMass({ areaDm2: 1, honeyShare: 1, face: 'flush' }).massKg).toBeCloseTo(0.155, 3);
  });

  test('wide spacing gives fatter combs, up to 4 kg in a full deep', () => {
    const proud = combSideMass({ areaDm2: area('langstroth-deep'), honeyShare: 1, face: 'proud' });
    expect(2 * proud.massKg).toBeGreaterThan(3.3);
    expect(2 * proud.massKg).toBeLessThan(4);
  });

  test('gross less tare, their doubts in quadrature, never below nothing', () => {
    const net = netHeft({ grossKg: 2.4, plusMinusKg: 0.1 }, 0.34, 0.05);
    expect(net.massKg).toBeCloseTo(2.06, 9);
    expect(net.standardUncertaintyKg).toBeCloseTo(Math.hypot(0.1 / Math.sqrt(3), 0.05), 9);
    expect(netHeft({ grossKg: 0.2, plusMinusKg: 0 }, 0.34, 0.05).massKg).toBe(0);
    expect(() => netHeft({ grossKg: 70, plusMinusKg: 0 }, 0, 0)).toThrow('grossKg');
  });

  test('frames judged alike: their doubts add up; buckets for the upper end', () => {
    const one = { massKg: 2, standardUncertaintyKg: 0.2 };
    expect(summedMass([one, one, one])).toEqual({
      massKg: 6,
      standardUncertaintyKg: expect.closeTo(0.6, 9),
    });
    expect(bucketsToBring({ massKg: 26, standardUncertaintyKg: 0 }, 13)).toBe(2);
    expect(bucketsToBring({ massKg: 26, standardUncertaintyKg: 1 }, 13)).toBe(3);
    expect(() => bucketsToBring(one, 0)).toThrow('bucketKg');
  });
});

describe('where it hangs', () => {
  test('honey boxes are poorer at the walls, brood boxes fuller there', () => {
    const row = (role: 'honey' | 'brood') =>
      Array.from({ length: 10 }, (_, at) => usualByPosition(at + 1, 10, role));
    expect(row('honey').filter((usualAtPlace) => usualAtPlace === 'poorer')).toHaveLength(2);
    expect(row('honey')[0]).toBe('poorer');
    expect(row('brood').slice(0, 2)).toEqual(['fuller', 'fuller']);
    expect(row('brood')[5]).toBe('poorer');
    expect(() => usualByPosition(11, 10, 'honey')).toThrow('slot');
  });
});

describe('brood and room', () => {
  test('a nest walled in by honey without empty cells wants two frames', () => {
    const walled = broodRoom([frame(10, 0), frame(2, 8), frame(2, 8), frame(9, 1), frame(10, 0)]);
    expect(walled).toMatchObject({ hemmed: true, framesToGive: 2 });
  });

  test('honey beside it but room in the box, or no brood at all, is not hemmed in', () => {
    const room = [frame(10, 0), frame(2, 8), frame(0, 0), frame(0, 0), frame(10, 0)];
    expect(broodRoom(room).hemmed).toBe(false);
    expect(broodRoom([frame(10, 0), frame(10, 0)]).hemmed).toBe(false);
    expect(broodRoom([])).toEqual({ hemmed: false, emptyFrames: 0, framesToGive: 0 });
  });
});

describe('beetle clock', () => {
  test('shorter when warm and damp; unknown air counts as both', () => {
    expect(extractWithinHours(18, 0.4)).toBe(72);
    expect(extractWithinHours(28, 0.4)).toBe(48);
    expect(extractWithinHours(18, 0.7)).toBe(48);
    expect(extractWithinHours(28, 0.7)).toBe(24);
    expect(extractWithinHours(null, null)).toBe(24);
  });
});

describe('guesses of the crop', () => {
  const guesses = [
    { id: 'a', kg: 40 },
    { id: 'b', kg: 47 },
    { id: 'c', kg: 52 },
  ];
  test('closest, and closest without going over, may differ', () => {
    expect(bestGuesses(guesses, 50)).toEqual({ closest: ['c'], closestWithoutGoingOver: ['b'] });
    expect(bestGuesses(guesses, 43.5)).toEqual({
      closest: ['a', 'b'],
      closestWithoutGoingOver: ['a'],
    });
  });
  test('all over, nobody, nonsense', () => {
    expect(bestGuesses(guesses, 10).closestWithoutGoingOver).toEqual([]);
    expect(bestGuesses([], 10).closest).toEqual([]);
    expect(() => bestGuesses(guesses, NaN)).toThrow('weighedKg');
  });
});

describe('one frame, found in two ways', () => {
  test('the surer way weighs more, and both together are surer than either', () => {
    const both = combinedMass(
      { massKg: 2, standardUncertaintyKg: 0.3 },
      { massKg: 2.5, standardUncertaintyKg: 0.4 },
    );
    expect(both.massKg).toBeCloseTo(2.18, 6);
    expect(both.standardUncertaintyKg).toBeCloseTo(0.24, 9);
    const sure = { massKg: 1, standardUncertaintyKg: 0 };
    expect(() => combinedMass(sure, sure)).toThrow('standardUncertaintyKg');
  });
});
