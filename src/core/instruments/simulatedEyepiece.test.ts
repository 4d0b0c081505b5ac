import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { interpretReading } from '../moisture/interpretReading';
import { SCALES } from '../moisture/scales';
import { eyepieceView, type SimulatedEyepiece } from './simulatedEyepiece';

const plain: SimulatedEyepiece = {
  scale: 'water',
  atc: false,
  moisturePercent: 18,
  temperatureC: 20,
  offsetIndex: 0,
  blur: 0,
  unevenness: 0,
};

describe('simulated eyepiece', () => {
  test('read at the border and corrected, it gives the true moisture back on every scale', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...SCALES),
        fc.double({ min: 15, max: 23, noNaN: true }),
        fc.double({ min: 10, max: 30, noNaN: true }),
        (scale, moisturePercent, temperatureC) => {
          const seen = eyepieceView({ ...plain, scale, moisturePercent, temperatureC });
          const dialValue = seen.borderDial;
          const read = interpretReading({ scale, dialValue, temperatureC, atc: false });
          if (read.status !== 'read') throw new Error('beyond the relation');
          expect(read.moisturePercent).toBeCloseTo(moisturePercent, 6);
        },
      ),
    );
  });

  test('warm honey looks wetter without ATC, about 0.09 a degree; with it only 0.01 (handbook)', () => {
    const at = (temperatureC: number, atc: boolean) =>
      eyepieceView({ ...plain, temperatureC, atc }).borderDial;
    expect(at(30, false) - at(20, false)).toBeCloseTo(0.9, 1);
    expect((at(30, true) - at(20, true)) / 10).toBeCloseTo(0.012, 2);
    expect(at(40, true) - at(30, true)).toBeCloseTo(0.92, 1);
  });

  test('blur softens the border, an uneven film makes it lean, and neither moves its middle', () => {
    const sharp = eyepieceView(plain);
    const poor = eyepieceView({ ...plain, blur: 1, unevenness: 1 });
    expect(poor.softnessDial).toBeGreaterThan(5 * sharp.softnessDial);
    expect(poor.leanDial).toBeGreaterThan(0.5);
    expect(poor.borderDial).toBe(sharp.borderDial);
  });

  test('honey off the scale and impossible temperatures are refused', () => {
    expect(() => eyepieceView({ ...plain, temperatureC: 60 })).toThrow('temperatureC');
    expect(() => eyepieceView({ ...plain, moisturePercent: 29.9 })).toThrow('borderDial');
  });
});
