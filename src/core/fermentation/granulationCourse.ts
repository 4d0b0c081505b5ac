import { requireInRange } from '../errors';
import type { GranulationTendency } from './granulation';

/**
 * Growth of crystals at the temperature where it is fastest [1/month], and the share of the glucose
 * that has left the liquid in the end [1], by tendency.
 *
 * @source assumed, no source; the order is White's (1962)
 */
const GROWTH: Readonly<Record<GranulationTendency, { rate: number; end: number }>> = {
  slow: { rate: 0.03, end: 0.3 },
  medium: { rate: 0.25, end: 0.55 },
  fast: { rate: 0.9, end: 0.7 },
};

/** Temperature at which honey granulates fastest, and how fast that falls off [°C]. @source 10–15 °C common practice, no source; width assumed */
const FASTEST_C = 13.5;
const WIDTH_C = 6;

/** Share of the fastest growth of crystals at a temperature [°C] [1]. @source as `FASTEST_C` */
export function granulationSpeed(temperatureC: number): number {
  return Math.exp(-0.5 * ((temperatureC - FASTEST_C) / WIDTH_C) ** 2);
}

/** The share of glucose that has crystallised once honey of a tendency has set [1]. */
export const settledShare = (tendency: GranulationTendency): number => GROWTH[tendency].end;

/**
 * Crystallised share of the glucose month by month.
 *
 * Growth towards an end that the tendency sets, at a rate that is greatest at 10 to 15 °C and small
 * in the freezer and above 25 °C; what has set stays set.
 *
 * @param tendency - by glucose to water
 * @param profileC - mean temperature of each month [°C], -30..50
 * @param startShare - crystallised at first [1], 0..1
 * @returns shares at the end of each month [1], never falling
 * @throws DomainError `out-of-range`
 * @source assumed, no source
 */
export function granulationCourse(
  tendency: GranulationTendency,
  profileC: readonly number[],
  startShare = 0,
): number[] {
  const fn = 'granulationCourse';
  let share = requireInRange(startShare, [0, 1], { fn, param: 'startShare', unit: '1' });
  const { rate, end } = GROWTH[tendency];
  return profileC.map((temperatureC) => {
    requireInRange(temperatureC, [-30, 50], { fn, param: 'profileC', unit: '°C' });
    const left = Math.max(0, end - share);
    share += left * (1 - Math.exp(-rate * granulationSpeed(temperatureC)));
    return share;
  });
}
