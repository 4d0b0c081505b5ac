import { requireInRange } from '../errors';

/** Places where honey is kept. */
export const STORE_PLACES = ['shelf', 'cellar', 'fridge', 'freezer'] as const;
export type StorePlace = (typeof STORE_PLACES)[number];

/** Mean and swing of a year [°C]. */
export interface YearlyTemperature {
  readonly meanC: number;
  /** half of the difference between the warmest and the coldest month [K] */
  readonly swingC: number;
}

/** Ordinary places of a temperate coast. @source common practice, no source */
export const STORE_TEMPERATURES: Readonly<Record<StorePlace, YearlyTemperature>> = {
  shelf: { meanC: 19, swingC: 3 },
  cellar: { meanC: 12, swingC: 3 },
  fridge: { meanC: 5, swingC: 0 },
  freezer: { meanC: -18, swingC: 0 },
};

/** Warmest month of the northern year, 0 is January. */
const WARMEST_MONTH = 6.5;

/**
 * Mean temperature of each month from now on.
 *
 * @param year - mean -30..50 °C, swing 0..25 K
 * @param startMonth - 0 is January
 * @param count - of months, 1..120
 * @returns [°C]
 * @throws DomainError `out-of-range`
 * @source yearly course as a cosine, northern half of the earth
 */
export function monthlyProfile(
  year: YearlyTemperature,
  startMonth: number,
  count: number,
): number[] {
  const fn = 'monthlyProfile';
  requireInRange(year.meanC, [-30, 50], { fn, param: 'meanC', unit: '°C' });
  requireInRange(year.swingC, [0, 25], { fn, param: 'swingC', unit: 'K' });
  requireInRange(count, [1, 120], { fn, param: 'count', unit: 'months' });
  return Array.from({ length: count }, (_, at) => {
    const turn = (2 * Math.PI * (startMonth + at + 0.5 - WARMEST_MONTH)) / 12;
    return year.meanC + year.swingC * Math.cos(turn);
  });
}
