import { requireInRange } from '../errors';
import { LONGEST_SPAN_DAYS } from '../time/datedDays';

/** A reaction whose speed follows Arrhenius. */
interface Reaction {
  /** at 40 °C [1/d] for diastase, [mg/(kg·d)] for HMF */
  readonly at40: number;
  readonly activationJPerMol: number;
}

const GAS_J_PER_MOL_K = 8.314;
const REFERENCE_K = 313.15;

/** Temperatures over which the tables run [°C]; used down to 0 °C, where hardly anything happens. */
export const HEAT_RANGE_C: readonly [number, number] = [-20, 85];

/** Loss of diastase; half-lives within 8 %. @source White, Kushnir & Subers (1964), recalled from memory */
const DIASTASE: Reaction = { at40: Math.LN2 / 31, activationJPerMol: 147_000 };

/** Growth of HMF; times for 30 mg/kg within 15 % of the geometric means. @source White and others, recalled from memory */
const HMF: Reaction = { at40: 30 / Math.sqrt(20 * 50), activationJPerMol: 134_000 };

function rate({ at40, activationJPerMol }: Reaction, temperatureC: number, fn: string): number {
  const place = { fn, param: 'temperatureC', unit: '°C' };
  const kelvin = requireInRange(temperatureC, HEAT_RANGE_C, place) + 273.15;
  return at40 * Math.exp((-activationJPerMol / GAS_J_PER_MOL_K) * (1 / kelvin - 1 / REFERENCE_K));
}

/**
 * Half-life of diastase.
 *
 * @param temperatureC - of the honey [°C], -20..85
 * @returns [d]
 * @throws DomainError `out-of-range`
 * @accuracy 8 % of the table from 10 to 80 °C
 * @source White, Kushnir & Subers (1964), recalled from memory
 * @example diastaseHalfLifeDays(50) // => 5.38 ± 0.4
 */
export function diastaseHalfLifeDays(temperatureC: number): number {
  return Math.LN2 / rate(DIASTASE, temperatureC, 'diastaseHalfLifeDays');
}

/**
 * Growth of HMF.
 *
 * @param temperatureC - of the honey [°C], -20..85
 * @returns [mg/(kg·d)]
 * @throws DomainError `out-of-range`
 * @accuracy 15 % of the geometric means; single honeys differ by a factor of two
 * @source White and others, recalled from memory
 */
export function hmfMgPerKgDay(temperatureC: number): number {
  return rate(HMF, temperatureC, 'hmfMgPerKgDay');
}

/** A stretch of a temperature history. */
export interface WarmSpell {
  readonly days: number;
  readonly temperatureC: number;
}

/** What warmth has cost; an estimate, only a laboratory certifies. */
export interface HeatSpent {
  /** of what there was at the start [1] */
  readonly diastaseLeft: number;
  /** formed meanwhile [mg/kg] */
  readonly hmfMgPerKg: number;
}

/**
 * Diastase and HMF over a temperature history.
 *
 * @throws DomainError `out-of-range`
 * @source integral of the rates of White, Kushnir and Subers (1964), recalled from memory
 */
export function heatSpent(history: readonly WarmSpell[]): HeatSpent {
  let [halvings, hmfMgPerKg] = [0, 0];
  for (const { days, temperatureC } of history) {
    requireInRange(days, [0, LONGEST_SPAN_DAYS], { fn: 'heatSpent', param: 'days', unit: 'd' });
    halvings += days / diastaseHalfLifeDays(temperatureC);
    hmfMgPerKg += days * hmfMgPerKgDay(temperatureC);
  }
  return { diastaseLeft: 2 ** -halvings, hmfMgPerKg };
}
