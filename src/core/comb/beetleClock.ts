/** Small hive beetles seen on a comb. */
export const BEETLE_SIGHTS = ['none', 'adults', 'larvae'] as const;
export type BeetleSight = (typeof BEETLE_SIGHTS)[number];

/** Hours within which to extract once adult beetles were seen. @source common practice, no source */
const HOURS = { cool: 72, warmOrDamp: 48, warmAndDamp: 24 } as const;

/** From where the place counts as warm [°C] and as damp [1]. @source common practice, no source */
const WARM_FROM_C = 25;
const DAMP_FROM = 0.5;

/**
 * Hours left to extract after adult beetles were seen: eggs hatch fast where it is warm and damp.
 * Unknown air counts as warm and damp.
 *
 * @param temperatureC - where the frames stand [°C], null where not known
 * @param relativeHumidity - [1], null where not known
 * @source common practice, no source
 * @example extractWithinHours(28, 0.6) // => 24
 * @example extractWithinHours(18, 0.4) // => 72
 */
export function extractWithinHours(
  temperatureC: number | null,
  relativeHumidity: number | null,
): number {
  const warm = temperatureC === null || temperatureC >= WARM_FROM_C;
  const damp = relativeHumidity === null || relativeHumidity >= DAMP_FROM;
  if (warm && damp) return HOURS.warmAndDamp;
  return warm || damp ? HOURS.warmOrDamp : HOURS.cool;
}
