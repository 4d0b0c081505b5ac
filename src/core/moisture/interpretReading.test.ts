import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { DomainError } from '../errors';
import { interpretReading, type DialReading, type InterpretedReading } from './interpretReading';
import { moistureFromIndex } from './refractiveIndex';
import { SUGAR_INDEX_PER_C, OIL_INDEX_PER_C, indexAt20C } from './temperature';

const base: DialReading = { scale: 'water', dialValue: 18, temperatureC: 20, atc: false };

function read(change: Partial<DialReading>): InterpretedReading {
  const result = interpretReading({ ...base, ...change });
  if (result.status !== 'read') throw new Error('unreadable');
  return result;
}

describe('temperature of the prism', () => {
  test('no correction at 20 °C, on any scale', () => {
    fc.assert(
      fc.property(fc.double({ min: 13, max: 25, noNaN: true }), (dialValue) => {
        expect(read({ dialValue }).correctionPercent).toBe(0);
        expect(read({ dialValue }).moisturePercent).toBeCloseTo(dialValue, 9);
      }),
    );
  });

  test('AOAC 969.38 (recalled from memory): 0.089 to 0.092 % per °C from 15 to 20 %', () => {
    for (const dialValue of [15, 16, 17, 18, 19, 20]) {
      const perC = -read({ dialValue, temperatureC: 21 }).correctionPercent;
      expect(perC).toBeGreaterThanOrEqual(0.0885);
      expect(perC).toBeLessThanOrEqual(0.0925);
    }
  });

  test('read at 25 °C it is 0.45 lower than the dial; read cold it is higher', () => {
    expect(read({ temperatureC: 25 }).correctionPercent).toBeCloseTo(-0.45, 1);
    expect(read({ temperatureC: 15 }).correctionPercent).toBeGreaterThan(0.4);
  });

  test('with ATC there is no second correction, and outside 10 to 30 °C a mark', () => {
    expect(read({ temperatureC: 28, atc: true })).toMatchObject({
      correctionPercent: 0,
      marks: [],
    });
    expect(read({ temperatureC: 33, atc: true }).marks).toEqual(['outside-atc-range']);
  });

  test('the warmer the prism, the drier the honey behind the same dial', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 15, max: 22, noNaN: true }),
        fc.double({ min: 5, max: 40, noNaN: true }),
        fc.double({ min: 0.1, max: 5, noNaN: true }),
        (dialValue, temperatureC, more) =>
          read({ dialValue, temperatureC: temperatureC + more }).moisturePercent <
          read({ dialValue, temperatureC }).moisturePercent,
      ),
    );
  });

  test('oil has its own coefficient: nD20 1.4690 reads 1.4660 at 28 °C (practice)', () => {
    expect(indexAt20C(1.466, 28, 'oil')).toBeCloseTo(1.469, 4);
    // with the coefficient of honey one would invent an offset of about 0.4 point
    const invented = (indexAt20C(1.466, 28, 'oil') - indexAt20C(1.466, 28)) * 391;
    expect(invented).toBeCloseTo(0.44, 1);
  });

  test('ATC, built for sugar, is off by about 0.6 point on oil at 30 °C (practice)', () => {
    const residual = (OIL_INDEX_PER_C - SUGAR_INDEX_PER_C) * 10;
    const points = moistureFromIndex(1.49 - residual) - moistureFromIndex(1.49);
    expect(points).toBeGreaterThan(0.55);
    expect(points).toBeLessThan(0.75);
  });
});

describe('marks and refusals', () => {
  test('an unnoted temperature counts as 20 °C and is marked', () => {
    const unnoted = read({ temperatureC: null });
    expect(unnoted.moisturePercent).toBeCloseTo(18, 6);
    expect(unnoted.marks).toEqual(['temperature-assumed']);
  });

  test('outside the published table it is computed and marked', () => {
    expect(read({ dialValue: 27 }).marks).toEqual(['outside-table']);
  });

  test('a sugar scale is converted through the index, not subtracted from 100', () => {
    const brix = read({ scale: 'brix', dialValue: 81 });
    expect(brix.marks).toEqual(['brix-not-by-subtraction']);
    expect(brix.moisturePercent).toBeLessThan(18);
  });

  test('a dial whose corrected index is beyond 12 to 30 % is an outcome, not an error', () => {
    expect(interpretReading({ ...base, dialValue: 12.5, temperatureC: 40 }).status).toBe(
      'beyond-relation',
    );
  });

  test.each([-4, 46, NaN])('a prism at %d °C is refused', (temperatureC) => {
    expect(() => interpretReading({ ...base, temperatureC })).toThrow(DomainError);
  });
});
