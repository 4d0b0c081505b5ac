import { requireInRange, requireFinite } from '../errors';
import { diastaseLimit, hmfLimit, type HoneyClaim } from '../quality/laboratory';
import { FRESH_BY_KIND, type HeatBand, type HeatStart } from './freshHoney';

export type { HeatBand, HeatStart } from './freshHoney';
import { diastaseHalfLifeDays, heatSpent, hmfMgPerKgDay, type WarmSpell } from './heatDamage';

/**
 * How much faster or slower one honey ages than the tables, nineteen times in twenty, as a factor:
 * the widest of the published ranges for HMF (20 to 50 days at 40 °C), and for diastase what single
 * honeys differ by.
 *
 * @source HMF: from the ranges recalled from memory; diastase: our choice, no source
 */
export const HEAT_SPREAD = { hmf: 1.6, diastase: 1.35 } as const;

/** Fresh blossom honey from the comb where no laboratory looked. */
export const FRESH_HONEY: HeatStart = FRESH_BY_KIND.blossom;

/** HMF at most [mg/kg] and diastase at least [Schade units]. */
export interface HeatLimits {
  readonly hmfMgPerKg: number;
  readonly diastaseSchade: number;
}

/**
 * The limits that warmth spends, by what is claimed of the honey.
 *
 * @source Codex CXS 12-1981, recalled from memory, as in `COMPOSITION`
 */
export const heatLimits = (claims: readonly HoneyClaim[]): HeatLimits => ({
  hmfMgPerKg: hmfLimit(claims),
  diastaseSchade: diastaseLimit(claims),
});

/** The limits where nothing is claimed. */
export const HEAT_LIMITS: HeatLimits = heatLimits([]);

/** HMF from which honey harms bees that it is fed to [mg/kg]. @source common practice, no source */
export const HMF_HARMS_BEES = 30;

/** What warmth cost, with what is left of the budget. */
export interface HeatBalance {
  /** now [mg/kg] */
  readonly hmf: HeatBand;
  /** now [Schade units] */
  readonly diastase: HeatBand;
  /** formed by the warmth [mg/kg] */
  readonly hmfFormed: HeatBand;
  /** share of the diastase that is left [1] */
  readonly diastaseLeft: HeatBand;
  /** of what may still be spent at the start, by HMF or diastase, whichever is more [1]; over 1 it is spent */
  readonly spentShare: HeatBand;
  /** how fast HMF forms in this honey against the tables [1] */
  readonly hmfPace: number;
  /** which of both is nearer to its limit */
  readonly nearer: 'hmf' | 'diastase';
}

/** Steps from what may be spent of HMF: how much there is room for. */
const hmfShare = (start: number, formed: number, limit: number): number =>
  start >= limit ? Infinity : formed / (limit - start);

/** The same for diastase, counted in halvings. */
const diastaseShare = (start: number, left: number, limit: number): number =>
  start <= limit ? Infinity : Math.log(1 / left) / Math.log(start / limit);

/**
 * What a temperature history cost, and what of the budget is left. The low end pairs what ages
 * slowest with the best start, the high end the fastest with the worst.
 *
 * @param history - of the honey itself, not of the air about it
 * @throws DomainError `out-of-range`
 * @source White, Kushnir and Subers (1964), recalled from memory; only a laboratory certifies
 */
export function heatBalance(
  history: readonly WarmSpell[],
  start: HeatStart = FRESH_HONEY,
  limits: HeatLimits = HEAT_LIMITS,
): HeatBalance {
  requireFinite({ history, start, limits }, 'heatBalance');
  const { diastaseLeft: left, hmfMgPerKg } = heatSpent(history);
  const formed = hmfMgPerKg * (start.hmfPace ?? 1);
  const { hmf: more, diastase: faster } = HEAT_SPREAD;
  const hmfFormed = { low: formed / more, likely: formed, high: formed * more };
  const diastaseLeft = { low: left ** faster, likely: left, high: left ** (1 / faster) };
  const { hmf, diastase } = start;
  const byHmf = {
    low: hmfShare(hmf.low, hmfFormed.low, limits.hmfMgPerKg),
    likely: hmfShare(hmf.likely, hmfFormed.likely, limits.hmfMgPerKg),
    high: hmfShare(hmf.high, hmfFormed.high, limits.hmfMgPerKg),
  };
  const byDiastase = {
    low: diastaseShare(diastase.high, diastaseLeft.high, limits.diastaseSchade),
    likely: diastaseShare(diastase.likely, diastaseLeft.likely, limits.diastaseSchade),
    high: diastaseShare(diastase.low, diastaseLeft.low, limits.diastaseSchade),
  };
  return {
    hmfPace: start.hmfPace ?? 1,
    hmfFormed,
    diastaseLeft,
    hmf: {
      low: hmf.low + hmfFormed.low,
      likely: hmf.likely + hmfFormed.likely,
      high: hmf.high + hmfFormed.high,
    },
    diastase: {
      low: diastase.low * diastaseLeft.low,
      likely: diastase.likely * diastaseLeft.likely,
      high: diastase.high * diastaseLeft.high,
    },
    spentShare: {
      low: Math.max(byHmf.low, byDiastase.low),
      likely: Math.max(byHmf.likely, byDiastase.likely),
      high: Math.max(byHmf.high, byDiastase.high),
    },
    nearer: byHmf.likely >= byDiastase.likely ? 'hmf' : 'diastase',
  };
}

/** What of a balance decides how long honey may still be kept. */
export type HeatLeft = Pick<HeatBalance, 'hmf' | 'diastase'> &
  Partial<Pick<HeatBalance, 'hmfPace'>>;

/** Longest that is reported [d]: ten years. */
const LONGEST_DAYS = 3650;

/**
 * How long honey may stay at a temperature before the worse end of the budget is spent.
 *
 * @param temperatureC - of the honey [°C], -20..85
 * @returns [d], at most ten years; 0 where nothing is left
 * @throws DomainError `out-of-range`
 */
export function daysLeftAt(
  temperatureC: number,
  { hmf, diastase, hmfPace = 1 }: HeatLeft,
  limits: HeatLimits = HEAT_LIMITS,
): number {
  requireFinite({ temperatureC, hmf, diastase, hmfPace, limits }, 'daysLeftAt');
  requireInRange(diastase.low, [0, 1e6], { fn: 'daysLeftAt', param: 'diastase', unit: 'Schade' });
  requireInRange(limits.diastaseSchade, [1e-6, 1e6], {
    fn: 'daysLeftAt',
    param: 'limits',
    unit: 'Schade',
  });
  const hmfDays =
    (limits.hmfMgPerKg - hmf.high) / (hmfPace * hmfMgPerKgDay(temperatureC) * HEAT_SPREAD.hmf);
  const halvings = Math.log2(diastase.low / limits.diastaseSchade) / HEAT_SPREAD.diastase;
  const diastaseDays = halvings * diastaseHalfLifeDays(temperatureC);
  return Math.min(LONGEST_DAYS, Math.max(0, Math.min(hmfDays, diastaseDays)));
}

/** A plan to warm honey in a cabinet, a bath or a room. */
export interface WarmingPlan {
  /** of the honey at first [°C] */
  readonly startC: number;
  /** about it [°C] */
  readonly cabinetC: number;
  readonly days: number;
  /** time in which the difference falls to 37 % [h], see `vesselLagHours` */
  readonly lagHours: number;
}

const SPELLS = 48;

/**
 * The history of honey that follows a cabinet slowly.
 *
 * @returns spells of equal length; their last is the warmest where it warms
 * @throws DomainError `out-of-range` for a length below 0 or over 400 days
 * @source exponential approach, each spell at the temperature of its middle
 */
export function warmingHistory({ startC, cabinetC, days, lagHours }: WarmingPlan): WarmSpell[] {
  requireFinite({ startC, cabinetC, days, lagHours }, 'warmingHistory');
  requireInRange(days, [0, 400], { fn: 'warmingHistory', param: 'days', unit: 'd' });
  const step = days / SPELLS;
  return Array.from({ length: SPELLS }, (_, at) => {
    const hours = (at + 0.5) * step * 24;
    const gone = lagHours === 0 ? 0 : Math.exp(-hours / lagHours);
    return { days: step, temperatureC: cabinetC + (startC - cabinetC) * gone };
  });
}

/** Honey at the end of a warming [°C]. @throws DomainError `out-of-range` */
export function warmedToC({ startC, cabinetC, days, lagHours }: WarmingPlan): number {
  requireFinite({ startC, cabinetC, days, lagHours }, 'warmedToC');
  requireInRange(days, [0, 400], { fn: 'warmedToC', param: 'days', unit: 'd' });
  const gone = lagHours === 0 ? 0 : Math.exp((-days * 24) / lagHours);
  return cabinetC + (startC - cabinetC) * gone;
}
