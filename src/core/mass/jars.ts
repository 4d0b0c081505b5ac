import { DomainError, requireInRange, requireFinite } from '../errors';
import { KG_PER_OUNCE } from '../units/convert';
import { honeyDensityKgPerL } from './density';

/** What warm honey is lighter by [kg/(L·K)]. @source White, recalled from memory, doubtful: about 0.0006 in specific gravity a degree */
const LIGHTER_PER_C = 0.0006;

/**
 * Density of honey as warm as it is filled.
 *
 * @param moisturePercent - [% by mass], 12..30
 * @param temperatureC - [°C], 0..60
 * @returns [kg/L]
 * @throws DomainError `out-of-range`
 * @source White's table at 20 °C; change with temperature recalled from memory, doubtful
 */
export function warmDensityKgPerL(moisturePercent: number, temperatureC: number): number {
  const place = { fn: 'warmDensityKgPerL', param: 'temperatureC', unit: '°C' };
  requireInRange(temperatureC, [0, 60], place);
  return honeyDensityKgPerL(moisturePercent) - LIGHTER_PER_C * (temperatureC - 20);
}

/**
 * Room that a net weight takes in a jar.
 *
 * @param netKg - [kg], 0.001..50
 * @returns [mL]
 * @throws DomainError `out-of-range`
 * @example fillMl(0.5, 17, 20) // => 351.9 ± 0.1
 */
export function fillMl(netKg: number, moisturePercent: number, temperatureC: number): number {
  requireInRange(netKg, [0.001, 50], { fn: 'fillMl', param: 'netKg', unit: 'kg' });
  return (1000 * netKg) / warmDensityKgPerL(moisturePercent, temperatureC);
}

/** A size of jar that is wanted: net weight, and how many of them at most (null: as many as fill). */
export interface JarSize {
  readonly netKg: number;
  readonly atMost: number | null;
}

/** How many jars of a size. */
export interface JarCount {
  readonly netKg: number;
  readonly count: number;
}

/** What honey comes to in jars. */
export interface JarPlan {
  readonly jars: readonly JarCount[];
  /** what fills no jar any more [kg] */
  readonly restKg: number;
}

/** Weighing noise below which a jar is full [kg]. */
const SLACK_KG = 1e-9;

/**
 * Jars by size: sizes with a number are filled first, the others take what is left, the largest
 * first.
 *
 * @param honeyKg - after what is lost in tank and tap [kg], 0..1e6
 * @throws DomainError `out-of-range`, `empty` without sizes
 */
export function jarPlan(honeyKg: number, sizes: readonly JarSize[]): JarPlan {
  requireFinite({ honeyKg, sizes }, 'jarPlan');
  const fn = 'jarPlan';
  requireInRange(honeyKg, [0, 1e6], { fn, param: 'honeyKg', unit: 'kg' });
  if (sizes.length === 0) {
    throw new DomainError({ code: 'empty', fn, param: 'sizes', value: 0, unit: '1' });
  }
  for (const { netKg } of sizes)
    requireInRange(netKg, [0.001, 50], { fn, param: 'netKg', unit: 'kg' });
  const order = [...sizes].sort(
    (a, b) => Number(a.atMost === null) - Number(b.atMost === null) || b.netKg - a.netKg,
  );
  let restKg = honeyKg;
  const jars = order.map(({ netKg, atMost }) => {
    const fits = Math.floor((restKg + SLACK_KG) / netKg);
    const count = Math.min(fits, atMost ?? Infinity);
    restKg = Math.max(0, restKg - count * netKg);
    return { netKg, count };
  });
  return { jars: jars.sort((a, b) => b.netKg - a.netKg), restKg };
}

const G_PER_OUNCE = 1000 * KG_PER_OUNCE;

/** A net weight for a label, in both systems. */
export interface LabelWeight {
  readonly grams: number;
  /** rounded down, so that the label never claims more than there is */
  readonly ounces: number;
  readonly pounds: number;
  /** over whole pounds, rounded down */
  readonly ouncesOver: number;
}

const floorTo = (value: number, step: number): number => Math.floor(value / step + 1e-9) * step;

/**
 * Net weight as it stands on a label: grams, ounces to a tenth, pounds and ounces.
 *
 * @param netKg - [kg], 0.001..50
 * @throws DomainError `out-of-range`
 * @source international avoirdupois pound; rounding down: our choice, local rules decide
 */
export function labelWeight(netKg: number): LabelWeight {
  requireFinite({ netKg }, 'labelWeight');
  const kg = requireInRange(netKg, [0.001, 50], { fn: 'labelWeight', param: 'netKg', unit: 'kg' });
  const exact = (1000 * kg) / G_PER_OUNCE;
  const ounces = Number(floorTo(exact, 0.1).toFixed(1));
  const pounds = Math.floor(ounces / 16);
  return {
    grams: Math.round(1000 * kg),
    ounces,
    pounds,
    ouncesOver: Number((ounces - 16 * pounds).toFixed(1)),
  };
}
