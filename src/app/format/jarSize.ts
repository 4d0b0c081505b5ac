import { densityMoisture, honeyDensityKgPerL } from '../../core';
import type { Preferences } from '../../records';
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
