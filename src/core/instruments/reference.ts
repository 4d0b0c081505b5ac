import { requireInRange } from '../errors';
import { WATER_ND20 } from '../moisture/scales';
import { OIL_INDEX_PER_C } from '../moisture/temperature';
import { rectangularUncertainty } from '../stats/uncertainty';

/** What a meter can be held against: oil of stated index, olive oil as a rough check, or water. */
export const REFERENCE_KINDS = ['certified-oil', 'olive-oil', 'water'] as const;
export type ReferenceKind = (typeof REFERENCE_KINDS)[number];

/** A substance of known refractive index. */
export interface Reference {
  readonly kind: ReferenceKind;
  readonly nD20: number;
  /** fall of its index with temperature, as a positive number [1/°C] */
  readonly indexPerC: number;
  /** standard uncertainty of its index [1] */
  readonly standardIndex: number;
}

/** Indices that an oil for honey meters may state at 20 °C [1]. */
export const OIL_ND20_RANGE: readonly [number, number] = [1.465, 1.506];

/** Temperature coefficients that such an oil may state [1/°C]. */
export const OIL_PER_C_RANGE: readonly [number, number] = [0.0001, 0.0006];

/** Half width of what a stated index may be off by: half a unit of the fourth decimal [1]. */
const STATED_HALF_WIDTH = 0.00005;

/** Extra-virgin olive oil, about 71 to 72 °Brix. @source common practice, no source */
const OLIVE_OIL = { low: 1.468, high: 1.47 } as const;

/** Fall of the index of water near 20 °C [1/°C]. @source 1.33339 at 15 °C and 1.33250 at 25 °C, recalled from memory */
const WATER_INDEX_PER_C = 0.00009;

/**
 * Oil whose index at 20 °C stands on its label.
 *
 * @param nD20 - as stated [1], 1.465..1.506
 * @param indexPerC - its own fall per °C as stated; 0.00037 where the label is silent
 * @throws DomainError `out-of-range`
 * @source stated by the maker; coefficient otherwise common practice, no source
 */
export function certifiedOil(nD20: number, indexPerC: number = OIL_INDEX_PER_C): Reference {
  const fn = 'certifiedOil';
  return {
    kind: 'certified-oil',
    nD20: requireInRange(nD20, OIL_ND20_RANGE, { fn, param: 'nD20', unit: '1' }),
    indexPerC: requireInRange(indexPerC, OIL_PER_C_RANGE, { fn, param: 'indexPerC', unit: '1/°C' }),
    standardIndex: rectangularUncertainty(STATED_HALF_WIDTH),
  };
}

/** Olive oil from the kitchen: a rough check only. @source common practice, no source */
export const OLIVE_OIL_REFERENCE: Reference = {
  kind: 'olive-oil',
  nD20: (OLIVE_OIL.low + OLIVE_OIL.high) / 2,
  indexPerC: OIL_INDEX_PER_C,
  standardIndex: rectangularUncertainty((OLIVE_OIL.high - OLIVE_OIL.low) / 2),
};

/** Clean water, for meters whose range reaches it. @source sodium D line, recalled from memory */
export const WATER_REFERENCE: Reference = {
  kind: 'water',
  nD20: WATER_ND20,
  indexPerC: WATER_INDEX_PER_C,
  standardIndex: rectangularUncertainty(STATED_HALF_WIDTH),
};
