import { requireInRange } from '../errors';
import { temperatureOn } from '../fermentation/stores';
import type { DayWeather } from '../season/dayWeather';
import { normalDraws, seededRandom } from '../stats/seededRandom';

/** Air of a made-up northern estuary over the year [°C]. @source invented for the stand-in */
const YEAR = { meanC: 14.5, swingC: 7.5 } as const;

/** Spells of weather last some days [d], and differ by so much [K]. @source invented for the stand-in */
const SPELL = { days: 4, spreadC: 2.6 } as const;

/** Between day and night [K], and share of wet days. @source invented for the stand-in */
const NIGHT_C = 9;
const WET_SHARE = 0.3;

const DAYS_A_YEAR = 365.25;

/**
 * Weather of a day as the stand-in station says it; the same day always comes out the same.
 *
 * @param day - since 1970-01-01
 * @throws DomainError `out-of-range`
 * @source invented for the stand-in
 */
export function simulatedWeather(day: number): DayWeather {
  requireInRange(day, [0, 60_000], { fn: 'simulatedWeather', param: 'day', unit: 'd' });
  const spell = normalDraws(seededRandom(7919 + Math.floor(day / SPELL.days)))();
  const draw = normalDraws(seededRandom(104_729 + day));
  const highestC = temperatureOn(YEAR, day % DAYS_A_YEAR, 'north') + SPELL.spreadC * spell + draw();
  const chance = seededRandom(31 + day)();
  const isWet = chance < WET_SHARE;
  const tenth = (value: number): number => Math.round(10 * value) / 10;
  return {
    day,
    highestC: tenth(highestC),
    lowestC: tenth(highestC - NIGHT_C - Math.abs(draw())),
    rainMm: isWet ? tenth(1 + 30 * (WET_SHARE - chance)) : 0,
  };
}
