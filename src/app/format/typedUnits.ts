import {
  CM_PER_INCH,
  KG_PER_OUNCE,
  KG_PER_POUND,
  L_PER_IMPERIAL_GALLON,
  L_PER_US_GALLON,
  celsiusFromFahrenheit,
  fahrenheitFromCelsius,
} from '../../core';
import type { Preferences } from '../../records';
import { formatsWords } from '../words/english/formats';
import { readDecimal, type TypedNumber } from './decimal';

/** A unit that people write after a number, and how it goes into the one its family is counted in. */
interface TypedUnit {
  readonly names: readonly string[];
  toBase(value: number): number;
  fromBase(value: number): number;
}

type Family = readonly TypedUnit[];

const times = (perUnit: number, ...names: readonly string[]): TypedUnit => ({
  names,
  toBase: (value) => value * perUnit,
  fromBase: (value) => value / perUnit,
});

const TEMPERATURES: Family = [
  times(1, '°c', 'c', 'celsius', 'degc', 'degreesc', 'degreescelsius'),
  {
    names: ['°f', 'f', 'fahrenheit', 'degf', 'degreesf', 'degreesfahrenheit'],
    toBase: celsiusFromFahrenheit,
    fromBase: fahrenheitFromCelsius,
  },
];

const MASSES: Family = [
  times(1e-6, 'mg'),
  times(1e-3, 'g', 'gr', 'gram', 'grams', 'gramme', 'grammes'),
  times(1, 'kg', 'kgs', 'kilo', 'kilos', 'kilogram', 'kilograms'),
  times(1000, 't', 'tonne', 'tonnes'),
  times(KG_PER_OUNCE, 'oz', 'ounce', 'ounces'),
  times(KG_PER_POUND, 'lb', 'lbs', 'pound', 'pounds'),
];

/** Gallons and their parts, as the keeper's country measures them. */
function gallons(perGallon: number, prefix: string): Family {
  const called = (...names: string[]): string[] => names.map((name) => prefix + name);
  return [
    times(perGallon, ...called('gal', 'gals', 'gallon', 'gallons')),
    times(perGallon / 4, ...called('qt', 'qts', 'quart', 'quarts')),
    times(perGallon / 8, ...called('pt', 'pts', 'pint', 'pints')),
    times(perGallon / 16, ...called('halfpint', 'halfpints')),
  ];
}

const FLUID_OUNCES_PER_GALLON = { us: 128, imperial: 160 };

function volumes({ volumeUnit }: Preferences): Family {
  const isImperial = volumeUnit === 'imp gal';
  const own = isImperial ? L_PER_IMPERIAL_GALLON : L_PER_US_GALLON;
  const parts = FLUID_OUNCES_PER_GALLON[isImperial ? 'imperial' : 'us'];
  return [
    times(1e-3, 'ml', 'millilitre', 'millilitres', 'milliliter', 'milliliters'),
    times(1e-2, 'cl', 'centilitre', 'centilitres'),
    times(1, 'l', 'litre', 'litres', 'liter', 'liters'),
    times(0.5, 'halflitre', 'halflitres', 'halfliter', 'halfliters'),
    times(1000, 'm³'),
    ...gallons(own, ''),
    ...gallons(L_PER_US_GALLON, 'us'),
    ...gallons(L_PER_IMPERIAL_GALLON, 'imp'),
    times(own / parts, 'floz', 'fluidounce', 'fluidounces'),
  ];
}

const LENGTHS: Family = [
  times(1e-4, 'µm', 'um', 'μm', 'micron', 'microns', 'micrometre', 'micrometres'),
  times(0.1, 'mm', 'millimetre', 'millimetres', 'millimeter', 'millimeters'),
  times(1, 'cm', 'centimetre', 'centimetres', 'centimeter', 'centimeters'),
  times(100, 'm', 'metre', 'metres', 'meter', 'meters'),
  times(CM_PER_INCH, 'in', 'inch', 'inches', '"', '″'),
  times(12 * CM_PER_INCH, 'ft', 'foot', 'feet', "'", '′'),
];

const TIMES: Family = [
  times(1 / 60, 's', 'sec', 'secs', 'second', 'seconds'),
  times(1, 'min', 'mins', 'minute', 'minutes'),
  times(60, 'h', 'hr', 'hrs', 'hour', 'hours'),
  times(1440, 'd', 'day', 'days'),
  times(7 * 1440, 'week', 'weeks'),
];

const SHARES: Family = [times(1, '%', 'percent', 'pct', '%rh', 'points')];

const familiesFor = (preferences: Preferences): readonly Family[] => [
  TEMPERATURES,
  MASSES,
  volumes(preferences),
  LENGTHS,
  TIMES,
  SHARES,
];

/** As people write it, without spaces, dots and hyphens. */
const plainName = (name: string): string =>
  name
    .toLowerCase()
    .replace(/[\s.-]/g, '')
    .replace(/º/g, '°');

const unitNamed = (family: Family, name: string): TypedUnit | undefined =>
  family.find(({ names }) => names.includes(plainName(name)));

const ONE =
  /\s*([+−-]?(?:\d[\d.,\u00a0\u202f ]*|[.,]\d+))\s*([^\d\s+−.,-][^\d+−,]*?)?\s*(?=$|[\d+−,])[,\s]*/gy;

interface Piece {
  readonly number: string;
  readonly unit: string;
}

/** "2 lb 3 oz" in its pieces; null where it is no such thing. */
function piecesOf(text: string): Piece[] | null {
  const pieces = [...text.trim().matchAll(ONE)];
  if (pieces.map(([all]) => all).join('') !== text.trim()) return null;
  return pieces.map(([, number = '', unit = '']) => ({ number: number.trim(), unit: unit.trim() }));
}

const wrong = (sentence: string): TypedNumber => ({ ok: false, sentence });

/** What may have been meant, with everything else that was typed. */
const meantIn = (typed: TypedNumber, number: string, text: string): TypedNumber =>
  typed.ok || !typed.meant
    ? typed
    : { ...typed, meant: typed.meant.map((meant) => text.replace(number, meant)) };

function sumIn(
  family: Family,
  own: TypedUnit,
  pieces: readonly Piece[],
  text: string,
): TypedNumber {
  let base = 0;
  for (const { number, unit } of pieces) {
    const typed = readDecimal(number);
    if (!typed.ok) return meantIn(typed, number, text);
    const named = unitNamed(family, unit);
    if (!named) return wrong(formatsWords.isNoUnitHere({ text, name: own.names[0] ?? '' }));
    base += named.toBase(typed.value);
  }
  return { ok: true, value: own.fromBase(base) };
}

/**
 * Reads a number that may carry its unit: "11,4 kg", "81 F", "2 lb 3 oz". It comes back in the unit of
 * the field; one of another kind is refused with a sentence that names the unit that is wanted.
 *
 * @param unit - of the field, as it stands beside it
 */
export function readWithUnit(text: string, unit: string, preferences: Preferences): TypedNumber {
  const pieces = piecesOf(text);
  const [first, ...more] = pieces ?? [];
  if (!pieces || !first || first.unit === '') return readDecimal(text);
  if (more.length === 0 && plainName(first.unit) === plainName(unit))
    return meantIn(readDecimal(first.number), first.number, text);
  const family = familiesFor(preferences).find((units) => unitNamed(units, unit));
  const own = family && unitNamed(family, unit);
  if (family && own) {
    const canAdd = family !== TEMPERATURES && family !== SHARES;
    if (more.length === 0 || canAdd)
      return sumIn(family, { ...own, names: [unit] }, pieces, text.trim());
  }
  return readDecimal(text);
}

/** Volume of a number with a unit of volume [L]; null where it has none. */
export function readLitres(number: string, unit: string, preferences: Preferences): number | null {
  const named = unitNamed(volumes(preferences), unit);
  const typed = readDecimal(number === '' ? '1' : number);
  return named && typed.ok ? named.toBase(typed.value) : null;
}

/** Mass of a number with a unit of mass [kg]; null where it has none. */
export function readKilograms(number: string, unit: string): number | null {
  const named = unitNamed(MASSES, unit);
  const typed = readDecimal(number === '' ? '1' : number);
  return named && typed.ok ? named.toBase(typed.value) : null;
}
