import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { DomainError } from '../errors';
import { interpretReading } from '../moisture/interpretReading';
import { dialFromIndex, type Scale } from '../moisture/scales';
import { OLIVE_OIL_REFERENCE, WATER_REFERENCE, certifiedOil } from './reference';
import { percentPerStatedIndex, zeroOffset, type CheckedMeter } from './zeroOffset';

const honeyOnly: CheckedMeter = { scale: 'nD', resolution: 0.0005, atc: false };
const oil = certifiedOil(1.469);

describe('zero check', () => {
  test('oil of nD20 1.4690 should read 1.4660 at 28 °C (handbook row, recalled from memory)', () => {
    const right = zeroOffset({ reference: oil, dialValues: [1.466], temperatureC: 28 }, honeyOnly);
    expect(right.expectedDial).toBeCloseTo(1.46604, 5);
    expect(right.offsetPercent).toBeCloseTo(0, 1);
  });

  test('with the coefficient of honey one would invent an offset of 0.4 point (handbook row)', () => {
    const asHoney = certifiedOil(1.469, 0.00023);
    const look = { dialValues: [1.46604], temperatureC: 28 };
    const invented = zeroOffset({ reference: asHoney, ...look }, honeyOnly).offsetPercent;
    expect(Math.abs(invented)).toBeCloseTo(0.44, 2);
  });

  test('ATC, built for sugar, leaves about 0.6 point on oil at 30 °C, and that is computed with', () => {
    const atc: CheckedMeter = { ...honeyOnly, atc: true };
    const shown = 1.469 - 0.00017 * 10;
    const right = zeroOffset({ reference: oil, dialValues: [shown], temperatureC: 30 }, atc);
    expect(right.offsetPercent).toBeCloseTo(0, 9);
    expect(0.00017 * 10 * percentPerStatedIndex()).toBeCloseTo(0.67, 2);
  });

  test('water zeroes a wide-range meter: 0 °Brix, 1.33299 at 20 °C (recalled from memory)', () => {
    const look = { reference: WATER_REFERENCE, temperatureC: 20 };
    const brix: CheckedMeter = { scale: 'brix', resolution: 0.1, atc: true };
    expect(zeroOffset({ ...look, dialValues: [0] }, brix).offsetPercent).toBeCloseTo(0, 9);
    const high = zeroOffset({ ...look, dialValues: [0.2] }, brix);
    expect(high.offsetIndex).toBeCloseTo(0.000286, 6);
    expect(high.offsetPercent).toBeLessThan(0);
    const nD: CheckedMeter = { scale: 'nD', resolution: 0.0001, atc: false };
    const warm = zeroOffset({ ...look, temperatureC: 25, dialValues: [1.3325] }, nD);
    expect(warm.offsetPercent).toBeCloseTo(0, 1);
  });

  test('a meter that reads too wet has a positive offset, and a reading is corrected by it', () => {
    const offset = 0.001;
    const look = { reference: oil, dialValues: [1.469 - offset], temperatureC: 20 };
    const found = zeroOffset(look, honeyOnly);
    expect(found.offsetPercent).toBeCloseTo(offset * percentPerStatedIndex(), 6);
    const read = (offsetIndex: number) => {
      const reading = { scale: 'nD', dialValue: 1.489, temperatureC: 20, atc: false } as const;
      const result = interpretReading({ ...reading, offsetIndex });
      return result.status === 'read' ? result.moisturePercent : NaN;
    };
    expect(read(0) - read(found.offsetIndex)).toBeCloseTo(0.39, 1);
  });

  test('more looks make the check surer; olive oil stays rough', () => {
    const at = (dialValues: readonly number[]) =>
      zeroOffset({ reference: oil, dialValues, temperatureC: 20 }, honeyOnly).standardPercent;
    expect(at([1.469, 1.469, 1.469])).toBeLessThan(at([1.469]));
    const olive = zeroOffset(
      { reference: OLIVE_OIL_REFERENCE, dialValues: [1.469], temperatureC: 20 },
      honeyOnly,
    );
    expect(olive.rough).toBe(true);
    expect(olive.standardPercent).toBeGreaterThan(0.2);
  });

  test('an exact look has no offset on any scale and at any temperature', () => {
    const scales: readonly Scale[] = ['water', 'brix', 'nD'];
    fc.assert(
      fc.property(
        fc.constantFrom(...scales),
        fc.double({ min: 15, max: 30, noNaN: true }),
        fc.boolean(),
        (scale, temperatureC, atc) => {
          const visible = atc ? 0.00017 : 0.00037;
          const dial = dialFromIndex(scale, 1.48 - visible * (temperatureC - 20));
          const meter = { scale, resolution: 0.01, atc };
          const look = { reference: certifiedOil(1.48), dialValues: [dial], temperatureC };
          const found = zeroOffset(look, meter);
          expect(found.offsetPercent).toBeCloseTo(0, 6);
          expect(found.expectedDial).toBeCloseTo(dial, 6);
        },
      ),
    );
  });

  test('each precondition is refused', () => {
    const look = { reference: oil, dialValues: [1.469], temperatureC: 20 };
    expect(() => zeroOffset({ ...look, dialValues: [] }, honeyOnly)).toThrow(DomainError);
    expect(() => zeroOffset({ ...look, temperatureC: 60 }, honeyOnly)).toThrow('temperatureC');
    expect(() => zeroOffset({ ...look, dialValues: [1.2] }, honeyOnly)).toThrow('dialValues');
    const percent: CheckedMeter = { scale: 'water', resolution: 0.2, atc: false };
    expect(() => zeroOffset({ ...look, reference: WATER_REFERENCE }, percent)).toThrow('scale');
    expect(() => certifiedOil(1.33)).toThrow('nD20');
    expect(() => certifiedOil(1.47, 0.01)).toThrow('indexPerC');
  });
});
