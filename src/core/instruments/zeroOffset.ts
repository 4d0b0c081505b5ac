import { DomainError, requireInRange, requireFinite } from '../errors';
import { BUDGET_DEFAULTS } from '../moisture/readingBudget';
import { indexFromMoisture, moisturePerIndex } from '../moisture/refractiveIndex';
import {
  DIAL_RANGES,
  WATER_ND20,
  dialFromIndex,
  indexFromDial,
  indexPerDial,
  type Scale,
} from '../moisture/scales';
import { PRISM_RANGE_C, REFERENCE_TEMPERATURE_C, SUGAR_INDEX_PER_C } from '../moisture/temperature';
import { SPREAD_PRIORS, mean, pooledSpread, squaredDeviations } from '../moisture/spreads';
import {
  posteriorDegreesOfFreedom,
  quadrature,
  rectangularUncertainty,
} from '../stats/uncertainty';
import type { Reference } from './reference';

/** What a zero check needs to know of the meter. */
export interface CheckedMeter {
  readonly scale: Scale;
  /** one division, in the unit of the scale */
  readonly resolution: number;
  /** null where nobody knows */
  readonly atc: boolean | null;
}

/** A look at a reference through the meter. */
export interface ZeroLook {
  readonly reference: Reference;
  /** as read, one or more times, in the unit of the scale */
  readonly dialValues: readonly number[];
  /** of prism and reference [°C] */
  readonly temperatureC: number;
}

/** What a zero check found. */
export interface ZeroOffset {
  /** shown index minus what it should show [1]; to be subtracted from readings */
  readonly offsetIndex: number;
  /** the same as honey of 18 %: how many points of moisture the meter reads too wet */
  readonly offsetPercent: number;
  /** standard uncertainty of the offset [% moisture] */
  readonly standardPercent: number;
  /** behind it: a few looks that scatter say little; Infinity where not there */
  readonly degreesOfFreedom?: number;
  /** what the dial should have shown, in the unit of the scale; null where it cannot show it */
  readonly expectedDial: number | null;
  /** too uncertain to correct by */
  readonly rough: boolean;
}

/** Moisture at which an index offset is reported in points of moisture [%]. */
const TOLD_AT_PERCENT = 18;

/** Slope of the sugar scale near water [1 per °Brix]. @source ICUMSA SPS-3 near 0, recalled from memory */
const BRIX_SLOPE_AT_WATER = 0.00143;

/** Degrees of freedom of what is known of reference, thermometer and span. @source our choice, as for a guess */
const OTHERS_DOF = 8;

/** Brix that a meter may show on water. */
const WATER_BRIX_RANGE: readonly [number, number] = [-3, 3];
const WATER_INDEX_RANGE: readonly [number, number] = [1.327, 1.339];

/** What zeroing on water leaves open at the other end of the scale [% moisture]. @source common practice, no source */
export const SPAN_FROM_WATER_PERCENT = 0.1;

/**
 * What an oil leaves open at the index of honey, by how far its own index lies from it [% moisture per
 * unit of index, standard]: 0.05 for an oil of 1.469.
 *
 * @source our choice, not verified
 */
const SPAN_FROM_OIL_PERCENT = 2.4;

/** Index of honey at about 18.6 %, where limits lie. */
const HONEY_ND20 = 1.49;

/** What a check at the index of its reference leaves open for honey [% moisture, standard]. */
const spanPercent = ({ kind, nD20 }: Reference): number =>
  kind === 'water' ? SPAN_FROM_WATER_PERCENT : SPAN_FROM_OIL_PERCENT * Math.abs(nD20 - HONEY_ND20);

/** Points of moisture for a change of index, in the middle of the honey range. */
export function percentPerStatedIndex(): number {
  return Math.abs(moisturePerIndex(indexFromMoisture(TOLD_AT_PERCENT)));
}

/** The dial values that a meter may show on a reference, in the unit of its scale; null: out of its reach. */
export function referenceDialRange(
  reference: Reference,
  scale: Scale,
): readonly [number, number] | null {
  if (reference.kind !== 'water') return DIAL_RANGES[scale];
  if (scale === 'water') return null;
  return scale === 'brix' ? WATER_BRIX_RANGE : WATER_INDEX_RANGE;
}

function indexShown(reference: Reference, scale: Scale, dialValue: number): number {
  const limits = referenceDialRange(reference, scale);
  if (!limits) {
    const place = { fn: 'zeroOffset', param: 'scale', unit: '1' };
    throw new DomainError({ code: 'out-of-range', value: dialValue, ...place });
  }
  requireInRange(dialValue, limits, { fn: 'zeroOffset', param: 'dialValues', unit: scale });
  if (reference.kind !== 'water') return indexFromDial(scale, dialValue);
  return scale === 'brix' ? WATER_ND20 + dialValue * BRIX_SLOPE_AT_WATER : dialValue;
}

/** The dial's own division as an index. */
function divisionIndex(reference: Reference, { scale, resolution }: CheckedMeter, dial: number) {
  if (reference.kind === 'water') {
    return resolution * (scale === 'brix' ? BRIX_SLOPE_AT_WATER : 1);
  }
  return resolution * indexPerDial(scale, dial);
}

/**
 * How much of the reference's change with temperature the meter leaves in its dial [1/°C]. ATC is
 * built for strong sugar, so it takes off too little on oil; wide-range meters know water.
 */
function visiblePerC(reference: Reference, atc: boolean): number {
  if (!atc) return reference.indexPerC;
  return reference.kind === 'water' ? 0 : reference.indexPerC - SUGAR_INDEX_PER_C;
}

function expectedDial(reference: Reference, scale: Scale, index: number): number | null {
  if (reference.kind !== 'water') {
    const ends = DIAL_RANGES[scale].map((dialRange) => indexFromDial(scale, dialRange));
    const isOnDial = index >= Math.min(...ends) && index <= Math.max(...ends);
    return isOnDial ? dialFromIndex(scale, index) : null;
  }
  return scale === 'brix' ? (index - WATER_ND20) / BRIX_SLOPE_AT_WATER : index;
}

/**
 * What a meter is off by, from a look at a reference.
 *
 * The reference has its own temperature coefficient: with that of honey one would invent an offset. The
 * looks' own scatter counts, pooled with what is assumed of anybody.
 *
 * @param look - reference, dial values (at least one), temperature 5..45 °C
 * @param meter - scale, division, ATC
 * @returns offset of the index and in points of moisture with its standard uncertainty
 * @throws DomainError `empty` without a dial value, `out-of-range` for a dial the reference cannot
 * show on this scale or a temperature outside 5..45 °C
 * @source method of AOAC 969.38 with the coefficient of the reference; recalled from memory
 */
export function zeroOffset(look: ZeroLook, meter: CheckedMeter): ZeroOffset {
  requireFinite({ look, meter }, 'zeroOffset');
  const { reference, dialValues, temperatureC } = look;
  const fn = 'zeroOffset';
  const [first] = dialValues;
  if (first === undefined) {
    throw new DomainError({ code: 'empty', fn, param: 'dialValues', value: 0, unit: '1' });
  }
  requireInRange(temperatureC, PRISM_RANGE_C, { fn, param: 'temperatureC', unit: '°C' });
  const indices = dialValues.map((dialValue) => indexShown(reference, meter.scale, dialValue));
  const shown = mean(indices);
  const [withAtc, without] = [visiblePerC(reference, true), visiblePerC(reference, false)];
  const perC = meter.atc === null ? (withAtc + without) / 2 : meter.atc ? withAtc : without;
  const eitherHalf =
    meter.atc === null
      ? (Math.abs(withAtc - without) / 2) * Math.abs(temperatureC - REFERENCE_TEMPERATURE_C)
      : 0;
  const expected = reference.nD20 - perC * (temperatureC - REFERENCE_TEMPERATURE_C);
  const offsetIndex = shown - expected;
  const percentPerIndex = percentPerStatedIndex();
  const temperature = rectangularUncertainty(BUDGET_DEFAULTS.thermometerHalfWidthC * perC);
  const division = rectangularUncertainty(divisionIndex(reference, meter, first) / 2);
  const fromIndex =
    quadrature([reference.standardIndex, temperature, division, eitherHalf]) * percentPerIndex;
  const scatter = pooledSpread(
    SPREAD_PRIORS.repeatability,
    squaredDeviations(indices) * percentPerIndex ** 2,
    indices.length - 1,
  );
  const looks = scatter.standardDeviation / Math.sqrt(indices.length);
  const others = quadrature([fromIndex, spanPercent(reference)]);
  return {
    offsetIndex,
    offsetPercent: -offsetIndex * percentPerIndex,
    standardPercent: quadrature([others, looks]),
    degreesOfFreedom: posteriorDegreesOfFreedom([
      { standard: looks, degreesOfFreedom: scatter.degreesOfFreedom },
      { standard: others, degreesOfFreedom: OTHERS_DOF },
    ]),
    expectedDial: expectedDial(reference, meter.scale, expected),
    rough: reference.kind === 'olive-oil',
  };
}
