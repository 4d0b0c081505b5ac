import { requireInRange, requireFinite } from '../errors';
import { temperatureOn, type Hemisphere, type YearlyTemperature } from '../fermentation/stores';
import { HEAT_SPREAD, type HeatLeft, type HeatLimits } from './heatBudget';
import { diastaseHalfLifeDays, hmfMgPerKgDay } from './heatDamage';

/** What ends a best-before proposal: warmth at that store, or the day to look again. */
export type BestBeforeReason = 'heat' | 'check-again';

/** A proposal, with its reason. */
export interface BestBefore {
  readonly days: number;
  readonly reason: BestBeforeReason;
}

/** What a proposal is made for. */
export interface BestBeforeQuestion {
  /** look at it again after so many months, 0..12 */
  readonly checkMonths: number;
  /** limits by what is claimed */
  readonly limits: HeatLimits;
  /** day of the year on which it begins, 0 is 1 January; 0 where not there */
  readonly dayOfYear?: number;
  /** half of the earth; the worse of both where nobody said */
  readonly hemisphere?: Hemisphere;
}

const DAYS_A_MONTH = 30.4;

/** Most days that are looked at: no proposal is longer than a year. */
const MOST_DAYS = 366;

/** Days until the worse end of the budget is spent, day by day through the year of the store. */
function daysByHeat(
  year: YearlyTemperature,
  { hmf, diastase, hmfPace = 1 }: HeatLeft,
  { limits, dayOfYear = 0 }: BestBeforeQuestion,
  hemisphere: 'north' | 'south',
): number {
  const halvings = Math.log2(diastase.low / limits.diastaseSchade) / HEAT_SPREAD.diastase;
  let [hmfLeft, halvingsLeft] = [(limits.hmfMgPerKg - hmf.high) / HEAT_SPREAD.hmf, halvings];
  for (let day = 0; day < MOST_DAYS; day += 1) {
    const celsius = Math.max(-20, temperatureOn(year, dayOfYear + day + 0.5, hemisphere));
    hmfLeft -= hmfPace * hmfMgPerKgDay(celsius);
    halvingsLeft -= 1 / diastaseHalfLifeDays(celsius);
    if (!(hmfLeft > 0 && halvingsLeft > 0)) return day;
  }
  return Infinity;
}

/**
 * Best-before proposal: the least of what HMF and diastase leave over the seasons of the store, by the
 * worse end of their bands, and the day to look at it again. A warm summer ages more than a cool winter
 * spares, so a yearly mean would say too much. A proposal; the keeper decides and a laboratory certifies.
 *
 * @param store - mean and swing of its year, or one temperature that it keeps [°C], -30..50
 * @param balance - of warmth so far
 * @param question - check again after so many months, limits, when it begins and on which half of the earth
 * @returns whole days
 * @throws DomainError `out-of-range`
 * @source White, Kushnir and Subers (1964), recalled from memory; the year as a cosine
 */
export function bestBefore(
  store: YearlyTemperature | number,
  balance: HeatLeft,
  question: BestBeforeQuestion,
): BestBefore {
  requireFinite({ store, question }, 'bestBefore');
  const fn = 'bestBefore';
  const { checkMonths, hemisphere = 'not-said' } = question;
  requireInRange(checkMonths, [0, 12], { fn, param: 'checkMonths', unit: 'months' });
  const year = typeof store === 'number' ? { meanC: store, swingC: 0 } : store;
  requireInRange(year.meanC, [-30, 50], { fn, param: 'meanC', unit: '°C' });
  requireInRange(year.swingC, [0, 25], { fn, param: 'swingC', unit: 'K' });
  requireInRange(question.dayOfYear ?? 0, [0, 366], { fn, param: 'dayOfYear', unit: 'd' });
  requireInRange(balance.hmf.high, [0, 1e6], { fn, param: 'hmf', unit: 'mg/kg' });
  requireInRange(balance.diastase.low, [0, 1e6], { fn, param: 'diastase', unit: 'Schade' });
  const halves = hemisphere === 'not-said' ? (['north', 'south'] as const) : [hemisphere];
  const byHeat = Math.min(...halves.map((half) => daysByHeat(year, balance, question, half)));
  const byCheck = checkMonths * DAYS_A_MONTH;
  return byHeat < byCheck
    ? { days: Math.floor(byHeat), reason: 'heat' }
    : { days: Math.floor(byCheck), reason: 'check-again' };
}
