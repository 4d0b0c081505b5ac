import { requireInRange } from '../errors';
import type { GranulationTendency } from '../fermentation/granulation';
import { granulationSpeed } from '../fermentation/granulationCourse';

/** Seed that is stirred in, as a share of all [1]. */
export const SEED_RANGE: readonly [number, number] = [0.01, 0.2];

/** Temperatures at which honey is left to set fine [°C]; warmer, crystals of the seed melt. */
export const CREAMING_RANGE_C: readonly [number, number] = [2, 27];

/** Growth at the best temperature where half of what will set has set, four times [1/d]. @source assumed, no source: ten parts of seed in a hundred set a medium honey within a week */
const GROWTH_PER_DAY: Readonly<Record<GranulationTendency, number>> = {
  slow: 0.25,
  medium: 0.63,
  fast: 0.9,
};

/** Set firm enough to fill or leave alone: share of what will set in the end [1]. */
const SET_SHARE = 0.9;

/** Longest that is computed [d]. */
export const CREAMING_DAYS = 60;

export interface CreamingPlan {
  readonly tendency: GranulationTendency;
  /** [1], 0.01..0.2 */
  readonly seedShare: number;
  /** [°C], 2..27 */
  readonly temperatureC: number;
}

/** How seeded honey sets. */
export interface CreamingCourse {
  /** of what will set in the end, at the end of each day from 0 on [1] */
  readonly setShare: readonly number[];
  /** the first day on which it is set; null within two months */
  readonly setDay: number | null;
}

/**
 * How honey with seed stirred in sets, day by day: crystals grow on crystals, fastest near 14 °C.
 *
 * @returns `CREAMING_DAYS` + 1 shares, never falling
 * @throws DomainError `out-of-range`
 * @source logistic growth, assumed, no source; temperature as in `granulationCourse`
 */
export function creamingCourse(plan: CreamingPlan): CreamingCourse {
  const fn = 'creamingCourse';
  const { tendency } = plan;
  const seed = requireInRange(plan.seedShare, SEED_RANGE, { fn, param: 'seedShare', unit: '1' });
  const celsius = requireInRange(plan.temperatureC, CREAMING_RANGE_C, {
    fn,
    param: 'temperatureC',
    unit: '°C',
  });
  const rate = GROWTH_PER_DAY[tendency] * granulationSpeed(celsius);
  const setShare = Array.from({ length: CREAMING_DAYS + 1 }, (_, day) => {
    const odds = (seed / (1 - seed)) * Math.exp(rate * day);
    return odds / (1 + odds);
  });
  const setDay = setShare.findIndex((share) => share >= SET_SHARE);
  return { setShare, setDay: setDay < 0 ? null : setDay };
}

/**
 * Seed to stir into honey so that it makes up a share of the whole.
 *
 * @param honeyKg - without the seed [kg], 0..1e5
 * @returns [kg]
 * @throws DomainError `out-of-range`
 */
export function seedKg(honeyKg: number, seedShare: number): number {
  const fn = 'seedKg';
  const kg = requireInRange(honeyKg, [0, 1e5], { fn, param: 'honeyKg', unit: 'kg' });
  const share = requireInRange(seedShare, SEED_RANGE, { fn, param: 'seedShare', unit: '1' });
  return (kg * share) / (1 - share);
}
