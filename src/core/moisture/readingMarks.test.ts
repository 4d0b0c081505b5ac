import { describe, expect, test } from '@jest/globals';
import { DomainError } from '../errors';
import {
  atcGap,
  interpretReading,
  prismGapC,
  type DialReading,
  type InterpretedReading,
} from './interpretReading';
import { COMPUTED_RANGE_ND20, indexFromMoisture } from './refractiveIndex';
import { DIAL_RANGES, dialFromIndex, indexFromDial, indexPerDial, recogniseScale } from './scales';
import { HONEY_INDEX_PER_C } from './temperature';

const base: DialReading = { scale: 'water', dialValue: 18, temperatureC: 20, atc: false };

function read(change: Partial<DialReading>): InterpretedReading {
  const result = interpretReading({ ...base, ...change });
  if (result.status !== 'read') throw new Error('unreadable');
  return result;
}

describe('marks of a reading', () => {
  test.each([
    [{ temperatureC: 9.9, atc: true }, ['outside-atc-range']],
    [{ temperatureC: 10, atc: true }, []],
    [{ temperatureC: 30, atc: true }, []],
    [{ temperatureC: 30.1, atc: true }, ['outside-atc-range']],
    [{ temperatureC: 30.1, atc: false }, []],
    [{ temperatureC: 30.1, atc: null }, ['outside-atc-range', 'atc-unknown']],
    [{ temperatureC: 35, atc: true, atcRangeC: [10, 40] as const }, []],
    [{ temperatureC: 12, atc: true, atcRangeC: [15, 40] as const }, ['outside-atc-range']],
    [{ temperatureC: 25, atc: null }, ['atc-unknown']],
    [{ temperatureC: 20, atc: null }, []],
    [{ temperatureC: null, atc: true }, ['temperature-assumed']],
    [{ temperatureC: null, atc: null }, ['temperature-assumed']],
    [{ honeyTemperatureC: 22 }, []],
    [{ honeyTemperatureC: 22.1 }, ['prism-not-settled']],
    [{ honeyTemperatureC: 17.9 }, ['prism-not-settled']],
    [{ honeyTemperatureC: null }, []],
    [{ temperatureC: null, honeyTemperatureC: 30 }, ['temperature-assumed']],
    [{ sample: 'cloudy' as const }, ['cloudy']],
    [{ sample: 'crystals' as const }, ['crystals']],
    [{ sample: 'gel' as const }, ['gel']],
    [{ scale: 'brix' as const, dialValue: 80 }, ['brix-not-by-subtraction']],
    [{ dialValue: 27 }, ['outside-table']],
  ])('%j has %j', (change, marks) => {
    expect(read(change).marks).toEqual(marks);
  });
});

describe('a meter of which nobody knows whether it compensates', () => {
  test('reads halfway between both meanings, and names both', () => {
    const [withAtc, without] = [true, false].map((atc) => read({ temperatureC: 26, atc }));
    const unknown = read({ temperatureC: 26, atc: null });
    expect(unknown.nD20).toBeCloseTo((withAtc!.nD20 + without!.nD20) / 2, 12);
    expect(unknown.eitherPercent?.[0]).toBeCloseTo(withAtc!.moisturePercent, 9);
    expect(unknown.eitherPercent?.[1]).toBeCloseTo(without!.moisturePercent, 9);
  });

  test.each([
    [{ temperatureC: 20, atc: null }],
    [{ temperatureC: null, atc: null }],
    [{ temperatureC: 26, atc: true }],
    [{ temperatureC: 26, atc: false }],
  ])('%j has one meaning only', (change) => {
    expect(read(change)).not.toHaveProperty('eitherPercent');
    expect(atcGap({ ...base, ...change })).toBe(0);
  });

  test('the gap is what honey changes by, warmer or colder', () => {
    for (const temperatureC of [14, 26])
      expect(atcGap({ ...base, temperatureC, atc: null })).toBeCloseTo(6 * HONEY_INDEX_PER_C, 12);
  });

  test('a meaning beyond the relation counts as its edge', () => {
    // without ATC honey read warm is drier than its dial, honey read cold wetter
    expect(read({ dialValue: 12.2, temperatureC: 24, atc: null }).eitherPercent?.[1]).toBeCloseTo(
      12,
      6,
    );
    expect(read({ dialValue: 29.8, temperatureC: 16, atc: null }).eitherPercent?.[1]).toBeCloseTo(
      30,
      6,
    );
  });
});

describe('the prism and the honey', () => {
  test('are apart by what both thermometers say, where both were read', () => {
    expect(prismGapC({ ...base, temperatureC: 20, honeyTemperatureC: 31 })).toBe(11);
    expect(prismGapC({ ...base, temperatureC: 31, honeyTemperatureC: 20 })).toBe(11);
    expect(prismGapC({ ...base, temperatureC: null, honeyTemperatureC: 31 })).toBe(0);
    expect(prismGapC({ ...base, honeyTemperatureC: null })).toBe(0);
    expect(prismGapC(base)).toBe(0);
  });
});

describe('what a zero check found', () => {
  test('is taken off the index', () => {
    const plain = read({ scale: 'nD', dialValue: 1.491 });
    const off = read({ scale: 'nD', dialValue: 1.4915, offsetIndex: 0.0005 });
    expect(off.nD20).toBeCloseTo(plain.nD20, 12);
    // the correction is what changed the dial, the meter's own error included
    expect(off.dialMoisturePercent).toBeLessThan(off.moisturePercent);
  });

  test('may push a reading off the relation, to either side', () => {
    const [low, high] = COMPUTED_RANGE_ND20;
    const at = (dialValue: number, offsetIndex: number) =>
      interpretReading({ ...base, scale: 'nD', dialValue, offsetIndex }).status;
    expect([at(low, 0), at(high, 0)]).toEqual(['read', 'read']);
    expect([at(low, 1e-5), at(high, -1e-5)]).toEqual(['beyond-relation', 'beyond-relation']);
  });
});

describe('what is refused', () => {
  const refused = (run: () => unknown): Partial<DomainError> => {
    try {
      run();
    } catch (error) {
      if (error instanceof DomainError) return error;
    }
    throw new Error('nothing was refused');
  };

  test('says where and in which unit', () => {
    expect(refused(() => interpretReading({ ...base, temperatureC: 60 }))).toMatchObject({
      fn: 'interpretReading',
      param: 'temperatureC',
      unit: '°C',
    });
    expect(refused(() => dialFromIndex('nD', 1.6))).toMatchObject({
      fn: 'dialFromIndex',
      param: 'nD',
      unit: '1',
    });
  });
});

describe('scales at their edges', () => {
  test.each(['water', 'brix', 'nD'] as const)('both ends of %s belong to it', (scale) => {
    const [low, high] = DIAL_RANGES[scale];
    expect([low, high].map(recogniseScale)).toEqual([scale, scale]);
    expect(dialFromIndex(scale, indexFromDial(scale, low))).toBeCloseTo(low, 6);
  });

  test('the slope of a Brix dial is that of the relation, at its upper end too', () => {
    for (const brix of [70, 80, DIAL_RANGES.brix[1]]) {
      const slope = indexPerDial('brix', brix);
      const before = indexFromDial('brix', brix) - indexFromDial('brix', brix - 0.1);
      expect(slope).toBeCloseTo(before / 0.1, 5);
      expect(slope).toBeGreaterThan(0.002);
    }
  });

  test('an index near that of water is named so, to two hundredths', () => {
    expect(recogniseScale(1.33299 + 0.0199)).toBe('index-of-water');
    expect(recogniseScale(1.33299 - 0.0201)).toBe('unknown');
  });

  test('the index of 18 % is the same by every way', () => {
    const nD = indexFromMoisture(18);
    expect(indexFromDial('water', 18)).toBe(nD);
    expect(indexFromDial('nD', nD)).toBe(nD);
  });
});
