import { densityMoisture, honeyDensityKgPerL } from '../../core';
import type { Preferences } from '../../records';
import { decimalText } from './decimal';
import { readKilograms, readLitres } from './typedUnits';

/** What is known when a size of jar is read. */
export interface JarHoney {
  readonly preferences: Preferences;
  /** of the honey that goes in [%]; decides how much a volume of it weighs */
  readonly moisturePercent: number;
}

/** Honey in a jar that is called by its weight or its volume ("500 g", "1 lb", "quart", "0.5 L") [kg]; null where it is none. */
export function readJarKg(text: string, { preferences, moisturePercent }: JarHoney): number | null {
  const [, number = '', unit = ''] = /^\s*([\d.,]*)\s*(.*?)\s*$/.exec(text) ?? [];
  if (number === '' && unit === '') return null;
  const litres = unit === '' ? null : readLitres(number, unit, preferences);
  if (litres !== null) return litres * honeyDensityKgPerL(densityMoisture(moisturePercent));
  return number === '' ? null : readKilograms(number, unit === '' ? 'g' : unit);
}

/** Ounces to grams. @source international avoirdupois ounce */
const G_PER_OUNCE = 28.349523125;

/** Unit of a jar's net weight: small units of what the keeper weighs in. */
export const jarUnit = (preferences: Preferences): { name: string; grams: number } =>
  preferences.massUnit === 'lb' ? { name: 'oz', grams: G_PER_OUNCE } : { name: 'g', grams: 1 };

/** "500 g", "17.6 oz" */
export function gramsText(value: number, preferences: Preferences, digits = 0): string {
  const { name, grams } = jarUnit(preferences);
  return `${decimalText(value / grams, name === 'oz' ? 1 : digits)} ${name}`;
}
