import {
  CM_PER_INCH,
  KG_PER_POUND,
  L_PER_IMPERIAL_GALLON,
  L_PER_US_GALLON,
  celsiusFromFahrenheit,
  fahrenheitFromCelsius,
} from '../../core';
import type { Preferences } from '../../records';

/** Quantities that people may want to see in another unit. */
export type Quantity = 'temperature' | 'mass' | 'volume' | 'length';

interface Unit {
  readonly name: string;
  toBase(value: number): number;
  fromBase(value: number): number;
}

const factor = (name: string, perUnit: number): Unit => ({
  name,
  toBase: (value) => value * perUnit,
  fromBase: (value) => value / perUnit,
});

const UNITS = {
  C: factor('°C', 1),
  F: {
    name: '°F',
    // what could not be read stays no number: whoever read it says so beside the field
    toBase: (value) => (Number.isNaN(value) ? NaN : celsiusFromFahrenheit(value)),
    fromBase: fahrenheitFromCelsius,
  },
  kg: factor('kg', 1),
  lb: factor('lb', KG_PER_POUND),
  L: factor('L', 1),
  'US gal': factor('US gal', L_PER_US_GALLON),
  'imp gal': factor('imp gal', L_PER_IMPERIAL_GALLON),
  cm: factor('cm', 1),
  in: factor('in', CM_PER_INCH),
} satisfies Record<string, Unit>;

/** The unit in which the keeper wants a quantity. */
export function unitOf(quantity: Quantity, preferences: Preferences): Unit {
  switch (quantity) {
    case 'temperature':
      return UNITS[preferences.temperatureUnit];
    case 'mass':
      return UNITS[preferences.massUnit];
    case 'volume':
      return UNITS[preferences.volumeUnit];
    case 'length':
      return UNITS[preferences.lengthUnit];
  }
}

/** A quantity with its unit, as the keeper wants to read it. */
export function formatQuantity(
  baseValue: number,
  quantity: Quantity,
  preferences: Preferences,
  digits = 1,
): string {
  const unit = unitOf(quantity, preferences);
  return `${unit.fromBase(baseValue).toFixed(digits)} ${unit.name}`;
}
