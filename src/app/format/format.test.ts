import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { interpretReading, type InterpretedReading } from '../../core';
import { DEFAULT_PREFERENCES, type Preferences } from '../../records';
import { hillPath, rulePosition, ruleWidth } from '../ui/charts/ruleScale';
import { dayAfterMonths, formatDay, isoDay } from './dates';
import { decimalText, readDecimal } from './decimal';
import { correctionWords, formatDial, subtractionWords } from './moisture';
import { formatQuantity, unitOf, type Quantity } from './units';

function read(dialValue: number, temperatureC: number, scale: 'water' | 'brix' = 'water') {
  return interpretReading({ scale, dialValue, temperatureC, atc: false }) as InterpretedReading;
}

describe('numbers as people type them', () => {
  test.each([
    ['17.4', 17.4],
    [' 17,4 ', 17.4],
    ['17.4 %', 17.4],
    ['−3', -3],
    ['.5', 0.5],
  ])('%s', (text, value) => {
    expect(readDecimal(text)).toEqual({ ok: true, value });
  });

  test.each(['', 'abc', '1.2.3', '1e5', '17 4', '--1', 'Infinity', 'NaN'])(
    '%p is refused',
    (text) => {
      expect(readDecimal(text).ok).toBe(false);
    },
  );

  test('what is written can be read again', () => {
    fc.assert(
      fc.property(fc.double({ min: -999, max: 999, noNaN: true }), (value) => {
        const back = readDecimal(decimalText(value));
        expect(back.ok && Math.abs(back.value - value)).toBeLessThanOrEqual(0.00501);
      }),
    );
  });
});

describe('units', () => {
  test('every unit goes to the base and back', () => {
    const all: [Quantity, Partial<Preferences>][] = [
      ['temperature', { temperatureUnit: 'F' }],
      ['mass', { massUnit: 'lb' }],
      ['volume', { volumeUnit: 'US gal' }],
      ['volume', { volumeUnit: 'imp gal' }],
      ['length', { lengthUnit: 'in' }],
      ['mass', {}],
    ];
    fc.assert(
      fc.property(
        fc.constantFrom(...all),
        fc.double({ min: -50, max: 500, noNaN: true }),
        ([quantity, change], value) => {
          const unit = unitOf(quantity, { ...DEFAULT_PREFERENCES, ...change });
          expect(unit.fromBase(unit.toBase(value))).toBeCloseTo(value, 9);
        },
      ),
    );
  });

  test('with their names', () => {
    expect(
      formatQuantity(25, 'temperature', { ...DEFAULT_PREFERENCES, temperatureUnit: 'F' }, 0),
    ).toBe('77 °F');
    expect(formatQuantity(12, 'mass', DEFAULT_PREFERENCES)).toBe('12.0 kg');
  });
});

describe('words of a reading', () => {
  test('what the correction did', () => {
    const words = (dialValue: number, temperatureC: number | null, atc = false): string => {
      const reading = { scale: 'water', dialValue, temperatureC, atc } as const;
      return correctionWords(interpretReading(reading) as InterpretedReading, reading);
    };
    expect(words(19.5, 25)).toBe('Read warm: 0.46 lower than the dial.');
    expect(words(18, 15)).toContain('Read cold:');
    expect(words(18, 20)).toBe('Read at 20 °C: nothing to correct.');
    expect(words(18, 28, true)).toContain('corrects for temperature itself');
    expect(words(18, null)).toContain('No temperature noted');
  });

  test('the difference to 100 − Brix is said', () => {
    expect(subtractionWords(81, read(81, 20, 'brix'))).toMatch(
      /would give 19\.0 %, which is 1\.\d points too high/,
    );
  });

  test('dials carry the decimals of their scale', () => {
    expect([formatDial('water', 17.4), formatDial('brix', 81), formatDial('nD', 1.493)]).toEqual([
      '17.4 %',
      '81.0 °Bx',
      'nD 1.4930',
    ]);
  });
});

describe('dates', () => {
  test('months after a day, parts of a month in days', () => {
    expect(dayAfterMonths('2026-08-31', 6)).toBe('2027-02-28');
    expect(dayAfterMonths('2026-08-01', 0.5)).toBe('2026-08-16');
    expect(formatDay('2026-08-03')).toBe('3 Aug 2026');
    expect(isoDay(new Date(2026, 7, 3))).toBe('2026-08-03');
  });
});

describe('moisture rule', () => {
  test('13 is at the left end, 25 at the right, beyond is held at the end', () => {
    expect([13, 19, 25, 11, 30].map(rulePosition)).toEqual([
      '0.000%',
      '50.000%',
      '100.000%',
      '0.000%',
      '100.000%',
    ]);
    expect(ruleWidth(24, 28)).toBe('8.333%');
  });

  test('a hill is drawn over its stretch only', () => {
    const hill = { mean: 18, standardUncertainty: 0.3 };
    expect(hillPath(hill, 13, 20, 60)).toMatch(/^M0\.0 60 L.* Z$/);
    expect(hillPath(hill, 26, 28, 60)).toBe('');
  });
});
