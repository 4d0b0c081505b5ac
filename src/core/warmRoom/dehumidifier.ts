import { requireInRange, requireFinite } from '../errors';
import { quickHumidityRatio } from '../drying/moistAir';

export const MACHINE_KINDS = ['refrigerant', 'desiccant'] as const;
export type MachineKind = (typeof MACHINE_KINDS)[number];

/** A dehumidifier as its plate tells. */
export interface Dehumidifier {
  readonly kind: MachineKind;
  /** at its rating point [L/d] */
  readonly ratedLPerDay: number;
  /** rating point */
  readonly ratedAtC: number;
  readonly ratedAtHumidity: number;
  /** while it runs [W] */
  readonly powerW: number;
  /** humidity at which its own switch stops it [1] */
  readonly stopsAtHumidity: number;
  /** warmest air that it is made for [°C] */
  readonly warmestC: number;
}

/** Range over which the curve is used; outside, its end counts. */
const CURVE_RANGE_C: readonly [number, number] = [5, 40];
const CURVE_RANGE_PERCENT: readonly [number, number] = [10, 95];

/** The switch is half way so much above where the machine stands still, and turns over so much [1]. */
const SWITCH_MIDDLE = 0.015;
const SWITCH_WIDTH = 0.01;

/**
 * A switch that turns smoothly, as one does on average that clicks on and off [1].
 *
 * @param by - beyond its middle, by the width from a quarter to three quarters [1]
 */
export function smoothSwitch(by: number): number {
  return 1 / (1 + Math.exp(-2.2 * by));
}

const within = (value: number, [low, high]: readonly [number, number]): number =>
  Math.min(high, Math.max(low, value));

/** Litres of a refrigerant machine relative to 27 °C and 60 %. */
function refrigerantCurve(t: number, r: number): number {
  const byTemperature = 0.100712 * t - 0.000990538 * t * t;
  const byHumidity = 0.050053 * r - 0.000203629 * r * r;
  return Math.max(0, -2.72488 + byTemperature + byHumidity - 0.000341751 * t * r);
}

/** Litres of a desiccant machine relative to the same point: it goes by the water in the air. */
function desiccantCurve(t: number, r: number): number {
  return (quickHumidityRatio(t, r / 100) / quickHumidityRatio(27, 0.6)) ** 0.6;
}

function curve(kind: MachineKind, temperatureC: number, relativeHumidity: number): number {
  const t = within(temperatureC, CURVE_RANGE_C);
  const r = within(100 * relativeHumidity, CURVE_RANGE_PERCENT);
  return kind === 'refrigerant' ? refrigerantCurve(t, r) : desiccantCurve(t, r);
}

/** Least that a machine does at a rating point which can be its own, relative to 27 °C and 60 % [1]. */
const LEAST_AT_RATING = 0.05;

/** Whether a machine of that kind does anything at a rating point. */
export function isRatingPoint(kind: MachineKind, temperatureC: number, humidity: number): boolean {
  requireFinite({ kind, temperatureC, humidity }, 'isRatingPoint');
  return curve(kind, temperatureC, humidity) >= LEAST_AT_RATING;
}

/**
 * Performance of a machine relative to its own rating point.
 *
 * @param machine - with its rating point
 * @param temperatureC - of the air [°C]; 5..40, beyond it the end counts
 * @param relativeHumidity - [1]; 0.1..0.95, beyond it the end counts
 * @returns [1]
 * @throws DomainError `out-of-range` where it does nothing at its own rating point
 * @source refrigerant: regression of a field study, doubtful from memory; desiccant: common practice, no source
 */
export function relativePerformance(
  { kind, ratedAtC, ratedAtHumidity }: Dehumidifier,
  temperatureC: number,
  relativeHumidity: number,
): number {
  const place = { fn: 'relativePerformance', param: 'rating point', unit: '1' };
  const rated = requireInRange(
    curve(kind, ratedAtC, ratedAtHumidity),
    [LEAST_AT_RATING, 10],
    place,
  );
  return curve(kind, temperatureC, relativeHumidity) / rated;
}

/** How much of the time the machine runs [1]: its own switch stops it in dry air. */
export function machineDuty({ stopsAtHumidity }: Dehumidifier, relativeHumidity: number): number {
  return smoothSwitch((relativeHumidity - stopsAtHumidity - SWITCH_MIDDLE) / SWITCH_WIDTH);
}

/**
 * Water taken from the air.
 *
 * @returns [kg/d]
 * @throws DomainError as `relativePerformance`
 * @source rated litres × performance × running time
 */
export function removalKgPerDay(
  machine: Dehumidifier,
  temperatureC: number,
  relativeHumidity: number,
): number {
  const duty = machineDuty(machine, relativeHumidity);
  const performance = relativePerformance(machine, temperatureC, relativeHumidity);
  return duty * performance * machine.ratedLPerDay;
}
