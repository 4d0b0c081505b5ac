import { describe, expect, test } from '@jest/globals';
import { DEFAULT_PREFERENCES, type Preferences } from '../../records';
import { readDecimal } from './decimal';
import { readWithUnit } from './typedUnits';

const METRIC = DEFAULT_PREFERENCES;
const BRITISH: Preferences = { ...METRIC, volumeUnit: 'imp gal', massUnit: 'lb' };

describe('a number with its unit', () => {
  test.each([
    ['11,4 kg', 'kg', 11.4],
    ['11.4kg', 'kg', 11.4],
    ['500 g', 'kg', 0.5],
    ['2 lb 3 oz', 'kg', 0.992233],
    ['25 lbs', 'kg', 11.339809],
    ['27 °C', '°C', 27],
    ['81 F', '°C', 27.222222],
    ['-4 °F', '°C', -20],
    ['27 C', '°F', 80.6],
    ['17.4 %', '%', 17.4],
    ['3 gallons', 'L', 11.356235],
    ['1 imp gal', 'L', 4.54609],
    ['2 qt', 'L', 1.892706],
    ['1 pint', 'L', 0.473176],
    ['8 in', 'cm', 20.32],
    ['1 ft 2 in', 'cm', 35.56],
    ['0.4 mm', 'µm', 400],
    ['1 h 30 min', 'min', 90],
    ['90 min', 'h', 1.5],
    ['2 days', 'h', 48],
    ['17', 'kg', 17],
    ['1 200 kg', 'kg', 1200],
    ['12 frames', 'frames', 12],
  ])('%s in %s', (text, unit, value) => {
    const typed = readWithUnit(text, unit, METRIC);
    expect(typed.ok && typed.value).toBeCloseTo(value, 5);
  });

  test("a gallon is the keeper's own", () => {
    const typed = readWithUnit('1 gallon', 'L', BRITISH);
    expect(typed.ok && typed.value).toBeCloseTo(4.54609, 5);
  });

  test.each([
    ['5 kg', '°C', '“5 kg” is in another unit. Type it in °C.'],
    ['81 F', 'kg', '“81 F” is in another unit. Type it in kg.'],
    ['12 frames', 'boxes', '“12 frames” is not a number. Type digits only, such as 17.4.'],
    ['9-10 kg', 'kg', '“9-10 kg” is not a number. Type digits only, such as 17.4.'],
    ['20 C 5 C', '°C', '“20 C 5 C” is not a number. Type digits only, such as 17.4.'],
    ['2 lb 3', 'kg', '“2 lb 3” is in another unit. Type it in kg.'],
    ['kg', 'kg', '“kg” is not a number. Type digits only, such as 17.4.'],
    ['', 'kg', 'Type a number.'],
  ])('%p in %s says what to do', (text, unit, sentence) => {
    expect(readWithUnit(text, unit, METRIC)).toEqual({ ok: false, sentence });
  });
});

describe('thousands', () => {
  test.each([
    ['1,200', ['1200', '1.2']],
    ['17,400', ['17400', '17.4']],
    ['-1,250', ['-1250', '-1.25']],
  ])('%s is asked about', (text, meant) => {
    expect(readDecimal(text)).toMatchObject({ ok: false, meant });
  });

  test.each([
    ['1,200.5', 1200.5],
    ['1.200,5', 1200.5],
    ['1,200,000', 1_200_000],
    ['1 200', 1200],
    ['1\u202f200,5', 1200.5],
    ['0,998', 0.998],
    ['1.420', 1.42],
    ['1,42', 1.42],
  ])('%s can be but one number', (text, value) => {
    expect(readDecimal(text)).toEqual({ ok: true, value });
  });

  test('what may have been meant keeps its unit', () => {
    expect(readWithUnit('1,200 g', 'kg', METRIC)).toMatchObject({ meant: ['1200 g', '1.2 g'] });
  });
});
