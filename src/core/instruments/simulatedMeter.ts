import { requireInRange } from '../errors';
import { brixFromIndex } from '../moisture/brix';
import { indexFromMoisture } from '../moisture/refractiveIndex';
import { HONEY_INDEX_PER_C } from '../moisture/temperature';
import type { MeterSample } from './settling';

/** What lies on the prism of the simulated digital meter, and how the meter behaves. */
export interface SimulatedMeter {
  /** true moisture by refractometry [%], 13..25 */
  readonly moisturePercent: number;
  /** of the honey when it is put on [°C] */
  readonly honeyC: number;
  /** of room and prism [°C] */
  readonly roomC: number;
  /** known to nobody but the simulation [index] */
  readonly offsetIndex: number;
}

/**
 * Behaviour of the simulated meter.
 *
 * @source invented for the stand-in; no instrument was measured
 */
export const SIMULATED_METER = {
  /** time constant with which the film takes the prism's temperature [s] */
  timeConstantS: 9,
  /** part of the difference by which the prism itself is warmed */
  prismShare: 0.15,
  /** standard deviation of one sample [index] */
  noiseIndex: 0.00004,
  /** slow drift [index per hour] */
  driftIndexPerHour: 0.00005,
} as const;

/**
 * What the simulated digital meter shows at a moment, in °Brix with ATC.
 *
 * The meter compensates by the temperature of its prism; the film of honey is still warmer (or
 * colder), so that the dial creeps until both agree.
 *
 * @param meter - honey, room and hidden error
 * @param atS - seconds since the honey was put on, 0..86400
 * @param draw - a standard normal draw from the caller's seeded source
 * @throws DomainError `out-of-range`
 * @source exponential approach; AOAC 969.38 for the temperature coefficient, recalled from memory
 */
export function simulatedSample(meter: SimulatedMeter, atS: number, draw: number): MeterSample {
  requireInRange(atS, [0, 86_400], { fn: 'simulatedSample', param: 'atS', unit: 's' });
  const { timeConstantS, prismShare, noiseIndex, driftIndexPerHour } = SIMULATED_METER;
  const left = (meter.honeyC - meter.roomC) * Math.exp(-atS / timeConstantS);
  const prismC = meter.roomC + left * prismShare;
  const filmAbovePrismC = left * (1 - prismShare);
  const index =
    indexFromMoisture(meter.moisturePercent) +
    meter.offsetIndex -
    HONEY_INDEX_PER_C * filmAbovePrismC +
    (driftIndexPerHour * atS) / 3600 +
    noiseIndex * draw;
  return {
    atS,
    dialValue: Math.round(brixFromIndex(index) * 100) / 100,
    temperatureC: Math.round(prismC * 10) / 10,
  };
}
