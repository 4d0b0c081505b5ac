import { requireInRange } from '../errors';

/** Molar masses [g/mol]. @source IUPAC atomic weights */
const MOLAR_MASS = { water: 18.02, glucose: 180.16, glucoseMonohydrate: 198.17 } as const;

/**
 * Moisture of the liquid part of granulated honey: glucose leaves with water of crystallisation,
 * but with less water than the honey has, so that what stays liquid gets wetter.
 *
 * @param moisturePercent - of the whole honey [% by mass], 0..30
 * @param glucosePercent - of the whole honey [% by mass], 0..50
 * @param crystallisedShare - share of the glucose that crystallised [1], 0..1
 * @returns moisture of the liquid part [% by mass]
 * @throws DomainError `out-of-range`
 * @source mass balance with glucose monohydrate
 * @example liquidMoisturePercent(18, 31, 0.5) // => 19.8 ± 0.05
 */
export function liquidMoisturePercent(
  moisturePercent: number,
  glucosePercent: number,
  crystallisedShare: number,
): number {
  const fn = 'liquidMoisturePercent';
  requireInRange(moisturePercent, [0, 30], { fn, param: 'moisturePercent', unit: '%' });
  requireInRange(glucosePercent, [0, 50], { fn, param: 'glucosePercent', unit: '%' });
  requireInRange(crystallisedShare, [0, 1], { fn, param: 'crystallisedShare', unit: '1' });
  const crystals = crystallisedShare * glucosePercent;
  const boundWater = (crystals * MOLAR_MASS.water) / MOLAR_MASS.glucose;
  const solid = (crystals * MOLAR_MASS.glucoseMonohydrate) / MOLAR_MASS.glucose;
  return ((moisturePercent - boundWater) / (100 - solid)) * 100;
}

/** How readily honey granulates. */
export type GranulationTendency = 'slow' | 'medium' | 'fast';

/**
 * Tendency to granulate by the ratio of glucose to water.
 *
 * @param glucosePercent - [% by mass], 0..50
 * @param moisturePercent - [% by mass], 1..30
 * @returns slow under 1.7, fast over 2.1
 * @throws DomainError `out-of-range`
 * @source White (1962), recalled from memory
 */
export function granulationTendency(
  glucosePercent: number,
  moisturePercent: number,
): GranulationTendency {
  const fn = 'granulationTendency';
  requireInRange(glucosePercent, [0, 50], { fn, param: 'glucosePercent', unit: '%' });
  requireInRange(moisturePercent, [1, 30], { fn, param: 'moisturePercent', unit: '%' });
  const ratio = glucosePercent / moisturePercent;
  if (ratio < 1.7) return 'slow';
  return ratio > 2.1 ? 'fast' : 'medium';
}
