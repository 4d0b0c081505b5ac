import { AIR_RANGE_C, humidityRatio, relativeHumidityOf } from '../drying/moistAir';
import { requireFinite, requireInRange } from '../errors';
import { WET_FROM_MM, type DayWeather } from '../season/dayWeather';
import { LONGEST_SPAN_DAYS } from '../time/datedDays';
import type { AirSeries } from './airOverTime';

/** Coldest and warmest time of a day, as shares of it. @source common practice, no source */
const COLDEST_AT = 5 / 24;
const WARMEST_AT = 15 / 24;

/** Air is nearly damp at the coldest hour: dew falls about there [1]. @source rule of thumb of meteorology, recalled from memory */
const NIGHT_HUMIDITY = 0.95;

/** On a day of rain the air is no drier by day than that [1]. @source common practice, no source */
const RAIN_DAY_HUMIDITY = 0.85;

/** An ordinary day of the season, for days that no forecast reaches. */
export interface UsualDay {
  readonly meanC: number;
  readonly swingC: number;
  /** at the mean temperature [1] */
  readonly relativeHumidity: number;
}

/** The air of a day at its coldest and its warmest hour. */
type Ends = readonly [
  { temperatureC: number; humidity: number },
  { temperatureC: number; humidity: number },
];

/** Colder or warmer than the tables of moist air go, air counts as at their ends [°C]. */
const held = (temperatureC: number): number =>
  Math.min(AIR_RANGE_C[1], Math.max(AIR_RANGE_C[0], temperatureC));

function endsOf({ highestC, lowestC, rainMm }: DayWeather): Ends {
  const high = held(highestC);
  const low = Math.min(held(lowestC), high);
  const ratio = humidityRatio(low, NIGHT_HUMIDITY);
  const dry = relativeHumidityOf(high, ratio);
  const isWet = rainMm !== null && rainMm >= WET_FROM_MM;
  return [
    { temperatureC: low, humidity: NIGHT_HUMIDITY },
    {
      temperatureC: high,
      humidity: Math.min(1, isWet ? Math.max(dry, RAIN_DAY_HUMIDITY) : dry),
    },
  ];
}

function usualEnds({ meanC, swingC, relativeHumidity }: UsualDay): Ends {
  const ratio = humidityRatio(held(meanC), relativeHumidity);
  const at = (celsius: number) => {
    const temperatureC = held(celsius);
    return { temperatureC, humidity: Math.min(1, relativeHumidityOf(temperatureC, ratio)) };
  };
  return [at(meanC - swingC / 2), at(meanC + swingC / 2)];
}

/**
 * The air outside by a forecast of highest and lowest temperatures: the water in the air stays what the
 * coldest hour lets it hold, and rain makes it damp. Days that the forecast does not reach are ordinary
 * ones of the season.
 *
 * @param forecast - any order, days since 1970-01-01
 * @param span - first and last day wanted, with the day from which the result counts
 * @returns two entries a day, in days since `span.zeroDay`
 * @throws DomainError `out-of-range` for temperatures that no air has
 * @source dew point near the lowest temperature of the night: recalled from memory, an approximation
 */
export function forecastAir(
  forecast: readonly DayWeather[],
  usual: UsualDay,
  span: { readonly zeroDay: number; readonly firstDay: number; readonly lastDay: number },
): AirSeries {
  requireFinite({ forecast, usual, span }, 'forecastAir');
  const length = span.lastDay - span.firstDay;
  requireInRange(length, [-1, LONGEST_SPAN_DAYS], { fn: 'forecastAir', param: 'span', unit: 'd' });
  const byDay = new Map(forecast.map((weather) => [weather.day, weather]));
  const usualDay = usualEnds(usual);
  const entries = Array.from(
    { length: Math.max(0, Math.floor(span.lastDay) - Math.floor(span.firstDay) + 1) },
    (_, at) => Math.floor(span.firstDay) + at,
  ).flatMap((day) => {
    const weather = byDay.get(day);
    const [cold, warm] = weather ? endsOf(weather) : usualDay;
    const from = day - span.zeroDay;
    return [
      { day: from + COLDEST_AT, ...cold },
      { day: from + WARMEST_AT, ...warm },
    ];
  });
  return {
    days: entries.map(({ day }) => day),
    temperatureC: entries.map(({ temperatureC }) => temperatureC),
    relativeHumidity: entries.map(({ humidity }) => humidity),
  };
}
