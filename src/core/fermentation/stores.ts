import { requireInRange, requireWhole, requireFinite } from '../errors';

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

/** Half of the earth: it says when summer is. */
export const HEMISPHERES = ['north', 'south', 'not-said'] as const;
export type Hemisphere = (typeof HEMISPHERES)[number];

/** Middle of the warmest month of the northern year, 0 is the first of January [months], [d]. */
const WARMEST_MONTH = 6.5;
const WARMEST_DAY = 198;
const DAYS_A_YEAR = 365.25;

const halfTurn = (hemisphere: Hemisphere): number => (hemisphere === 'south' ? Math.PI : 0);

/**
 * Temperature of a store on a day of the year.
 *
 * @param dayOfYear - 0 is 1 January, beyond a year it goes on
 * @returns [°C]
 * @throws DomainError `out-of-range`
 * @source yearly course as a cosine, warmest in the middle of July in the north, of January in the south
 */
export function temperatureOn(
  { meanC, swingC }: YearlyTemperature,
  dayOfYear: number,
  hemisphere: Hemisphere,
): number {
  const place = { fn: 'temperatureOn', param: 'dayOfYear', unit: 'd' };
  requireInRange(dayOfYear, [0, 1e5], place);
  const turn = (2 * Math.PI * (dayOfYear - WARMEST_DAY)) / DAYS_A_YEAR;
  return meanC + swingC * Math.cos(turn + halfTurn(hemisphere));
}

/**
 * Mean temperature of each month from now on.
 *
 * @param year - mean -30..50 °C, swing 0..25 K
 * @param startMonth - 0 is January
 * @param count - of months, 1..120
 * @returns [°C]
 * @throws DomainError `out-of-range`
 * @param hemisphere - north where nobody said
 * @source yearly course as a cosine
 */
export function monthlyProfile(
  year: YearlyTemperature,
  startMonth: number,
  count: number,
  hemisphere: Hemisphere = 'north',
): number[] {
  requireFinite({ year, startMonth, count, hemisphere }, 'monthlyProfile');
  const fn = 'monthlyProfile';
  requireInRange(year.meanC, [-30, 50], { fn, param: 'meanC', unit: '°C' });
  requireInRange(year.swingC, [0, 25], { fn, param: 'swingC', unit: 'K' });
  requireInRange(startMonth, [0, 11], { fn, param: 'startMonth', unit: 'months' });
  requireWhole(count, [1, 120], { fn, param: 'count', unit: 'months' });
  return Array.from({ length: count }, (_, at) => {
    const turn = (2 * Math.PI * (startMonth + at + 0.5 - WARMEST_MONTH)) / 12;
    return year.meanC + year.swingC * Math.cos(turn + halfTurn(hemisphere));
  });
}
