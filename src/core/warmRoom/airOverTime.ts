import { quickHumidityRatio, quickRelativeHumidity } from '../drying/moistAir';

/** Air as it is measured. */
export interface Air {
  readonly temperatureC: number;
  /** [1], 0..1 */
  readonly relativeHumidity: number;
}

/** Air measured over time. */
export interface AirSeries {
  /** ascending [d] */
  readonly days: readonly number[];
  readonly temperatureC: readonly number[];
  /** [1] */
  readonly relativeHumidity: readonly number[];
}

/** Days of rain, as they were expected or seen. */
export interface WetSpell {
  /** since the start [d]: from here on, and until there */
  readonly fromDay: number;
  readonly toDay: number;
}

/** Humidity of the air outside while it rains [1]. @source common practice, no source */
const RAIN_HUMIDITY = 0.95;

/** Air outside, or of a place that nobody conditions. */
export type AirOverTime =
  | ({ readonly kind: 'constant' } & Air)
  | {
      readonly kind: 'daily';
      /** mean of the day [°C] */
      readonly meanC: number;
      /** from coldest to warmest hour [K] */
      readonly swingC: number;
      /** at the mean temperature [1]; the water in the air stays the same all day */
      readonly relativeHumidity: number;
      readonly wet?: readonly WetSpell[];
    }
  | ({
      readonly kind: 'series';
      /** they hold where nothing is measured yet */
      readonly wet?: readonly WetSpell[];
    } & AirSeries);

/** Warmest hour of the day, as a share of it. @source common practice, no source */
const WARMEST_AT = 15 / 24;

/** Air as simulations use it. */
export interface AirState {
  temperatureC: number;
  /** [kg/kg] */
  ratio: number;
}

function dailyAir(
  climate: Extract<AirOverTime, { kind: 'daily' }>,
  day: number,
  into: AirState,
): AirState {
  const { meanC, swingC, relativeHumidity } = climate;
  const phase = 2 * Math.PI * (day - WARMEST_AT);
  into.temperatureC = meanC + (swingC / 2) * Math.cos(phase);
  const saturated = quickHumidityRatio(into.temperatureC, 1);
  into.ratio = Math.min(saturated, quickHumidityRatio(meanC, relativeHumidity));
  return into;
}

/** Place of a day in a series: the entry before it. */
export function indexBefore(days: readonly number[], day: number): number {
  let [low, high] = [0, days.length - 1];
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if ((days[middle] ?? Infinity) <= day) low = middle;
    else high = middle;
  }
  return low;
}

/** Air of a series at a time, straight between its entries; before and after, the nearest. */
function seriesAir(series: AirSeries, day: number, into: AirState): AirState {
  const { days, temperatureC, relativeHumidity } = series;
  const at = indexBefore(days, day);
  const next = Math.min(at + 1, days.length - 1);
  const [from = 0, to = 0] = [days[at], days[next]];
  const part = to > from ? Math.min(1, Math.max(0, (day - from) / (to - from))) : 0;
  const between = (values: readonly number[]): number =>
    (values[at] ?? 0) + part * ((values[next] ?? 0) - (values[at] ?? 0));
  into.temperatureC = between(temperatureC);
  into.ratio = quickHumidityRatio(into.temperatureC, between(relativeHumidity));
  return into;
}

/** Rain makes the air of its days no drier than it is while it rains. */
function inRain(wet: readonly WetSpell[] | undefined, day: number, into: AirState): AirState {
  const isWet = wet?.some(({ fromDay, toDay }) => day >= fromDay && day < toDay) ?? false;
  if (isWet)
    into.ratio = Math.max(into.ratio, quickHumidityRatio(into.temperatureC, RAIN_HUMIDITY));
  return into;
}

/**
 * Air of a climate at a time.
 *
 * @param day - since the start, whose fraction is the time of day [d]
 * @param into - where the result is put, so that nothing is allocated
 */
export function airAt(climate: AirOverTime, day: number, into: AirState): AirState {
  switch (climate.kind) {
    case 'constant':
      into.temperatureC = climate.temperatureC;
      into.ratio = quickHumidityRatio(climate.temperatureC, climate.relativeHumidity);
      return into;
    case 'daily':
      return inRain(climate.wet, day, dailyAir(climate, day, into));
    case 'series':
      seriesAir(climate, day, into);
      return day > (climate.days.at(-1) ?? -Infinity) ? inRain(climate.wet, day, into) : into;
  }
}

/** The same air with its relative humidity [1], never above 1. */
export function asAir({ temperatureC, ratio }: AirState): Air {
  return {
    temperatureC,
    relativeHumidity: Math.min(1, quickRelativeHumidity(temperatureC, ratio)),
  };
}
