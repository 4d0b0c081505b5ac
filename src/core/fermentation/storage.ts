import { requireInRange } from '../errors';
import type { FermentationClassId } from './lochhead';

/** Storage temperatures that can be typed [°C]. */
export const STORAGE_RANGE_C: readonly [number, number] = [-30, 50];

/** Bands of storage temperature that matter to yeast. */
export type StorageBand = 'not-known' | 'cold' | 'cool' | 'yeast-grows' | 'warm';

/**
 * Edges of the bands [°C]: yeast hardly grows below 11; 11 to 15 granulates fastest while yeast
 * stirs; less growth above 27, but heat costs quality and is never offered as protection.
 *
 * @source Wilson & Marvin (1932), doubtful from memory
 */
const BAND_EDGES_C = { cold: 11, cool: 15, warm: 27 } as const;

/**
 * The band that a storage temperature falls into.
 *
 * @param temperatureC - [°C], −30..50, null where not known
 * @throws DomainError `out-of-range`
 * @source Wilson & Marvin (1932), doubtful from memory
 */
export function storageBand(temperatureC: number | null): StorageBand {
  if (temperatureC === null) return 'not-known';
  const place = { fn: 'storageBand', param: 'temperatureC', unit: '°C' };
  requireInRange(temperatureC, STORAGE_RANGE_C, place);
  if (temperatureC < BAND_EDGES_C.cold) return 'cold';
  if (temperatureC <= BAND_EDGES_C.cool) return 'cool';
  return temperatureC <= BAND_EDGES_C.warm ? 'yeast-grows' : 'warm';
}

/** Longest time after which any honey is looked at again [months]. */
export const LONGEST_CHECK_MONTHS = 12;

/** Months until honey of a class is looked at again at room temperature. @source our choice, no source */
const CHECK_AFTER_MONTHS: Readonly<Record<FermentationClassId, number>> = {
  safe: 12,
  'under-1000': 6,
  'under-10': 3,
  'under-1': 1,
  'always-in-danger': 0.5,
};

/** How much longer cold honey may wait. @source our choice, no source */
const COLD_FACTOR = 2;

/**
 * Time after which the honey should be looked at again; not a time for which it is safe.
 *
 * @param classId - fermentation class
 * @param temperatureC - of the store [°C], null where not known
 * @returns [months], 0.5..12
 * @throws DomainError `out-of-range`
 * @source our choice, no source; classes by Lochhead (1933)
 */
export function checkAgainMonths(
  classId: FermentationClassId,
  temperatureC: number | null,
): number {
  const factor = storageBand(temperatureC) === 'cold' ? COLD_FACTOR : 1;
  return Math.min(LONGEST_CHECK_MONTHS, factor * CHECK_AFTER_MONTHS[classId]);
}
