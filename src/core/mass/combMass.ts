import { requireInRange, requireFinite } from '../errors';
import { quadrature, rectangularUncertainty } from '../stats/uncertainty';
import type { MassEstimate } from './amountMass';
import { honeyDensityKgPerL } from './density';

/** How the face of the comb stands to the wood: it tells how deep the cells are. */
export const COMB_FACES = ['sunken', 'flush', 'proud'] as const;
export type CombFace = (typeof COMB_FACES)[number];

/**
 * Honey behind one face of the comb, wax taken off [mm]; wide spacing gives proud combs of half as
 * much again.
 *
 * @source common practice, no source; flush from the handbook's practice rows
 */
export const HONEY_DEPTH_MM: Readonly<Record<CombFace, number>> = {
  sunken: 9.5,
  flush: 10.9,
  proud: 14,
};

/** Standard uncertainties of the parts of the mass, relative [1]. @source common practice, no source */
export const COMB_MASS_UNCERTAINTY = { depth: 0.1, area: 0.03, fill: 0.08 } as const;

const DM2_IN_M2 = 0.01;
const MM_IN_M = 0.001;
const L_IN_M3 = 1000;

/** Moisture of ordinary ripe honey, where none is known yet [%]. @source common practice, no source */
export const TYPICAL_MOISTURE_PERCENT = 17.5;

/** What the mass of one side follows from. */
export interface CombSide {
  /** of the comb inside the wood [dm²] */
  readonly areaDm2: number;
  /** share of the side that holds honey [1] */
  readonly honeyShare: number;
  readonly face: CombFace;
}

/** Depth of the cells of a nearly empty side against a full one [1]. @source common practice, no source: part-filled frames weigh 10 to 30 % less than their share */
const SHALLOWEST = 0.7;

/** What of the depth is not known where little is filled, added to the rest [1]. @source our choice */
const SHALLOW_DOUBT = 0.12;

/**
 * How deep the filled cells of a side are against those of a full one: near the rim and the wall they are
 * drawn shallower, and a part-filled side has more of them.
 *
 * @param honeyShare - share of the side that holds honey [1], 0..1
 * @returns [1], 0.7..1
 * @throws DomainError `out-of-range`
 * @source straight line, common practice, no source
 */
export function depthShare(honeyShare: number): number {
  const place = { fn: 'depthShare', param: 'honeyShare', unit: '1' };
  const share = Math.min(1, requireInRange(honeyShare, [0, 1 + 1e-9], place));
  return SHALLOWEST + (1 - SHALLOWEST) * share;
}

/**
 * Honey in one side of a comb.
 *
 * @param side - area 0..30 dm², share 0..1
 * @param depth - of this keeper's comb against what is assumed [1], and its doubt [1]
 * @returns mass [kg] with standard uncertainty [kg]
 * @throws DomainError `out-of-range`
 * @source area × depth × share × density; depth falls with the share (`depthShare`): common practice, no
 * source
 */
export function combSideMass(
  { areaDm2, honeyShare, face }: CombSide,
  depth: { readonly factor: number; readonly relative: number } = {
    factor: 1,
    relative: COMB_MASS_UNCERTAINTY.depth,
  },
): MassEstimate {
  const fn = 'combSideMass';
  const area = requireInRange(areaDm2, [0, 30], { fn, param: 'areaDm2', unit: 'dm²' }) * DM2_IN_M2;
  const share = requireInRange(honeyShare, [0, 1 + 1e-9], { fn, param: 'honeyShare', unit: '1' });
  const factor = requireInRange(depth.factor, [0.2, 5], { fn, param: 'depth', unit: '1' });
  const deepM = HONEY_DEPTH_MM[face] * MM_IN_M * depthShare(share) * factor;
  const volumeL = area * deepM * share * L_IN_M3;
  const massKg = volumeL * honeyDensityKgPerL(TYPICAL_MOISTURE_PERCENT);
  const { area: ofArea, fill } = COMB_MASS_UNCERTAINTY;
  const shallow = SHALLOW_DOUBT * (1 - Math.min(1, share));
  const relative = quadrature([depth.relative, ofArea, fill, shallow]);
  return { massKg, standardUncertaintyKg: massKg * relative };
}

/** A frame lifted by hand, or hung on a scale, wood and wax included. */
export interface GrossWeight {
  readonly grossKg: number;
  /** what it may be off by, either way [kg] */
  readonly plusMinusKg: number;
}

/**
 * Honey in a frame from its gross weight; never below nothing.
 *
 * @param gross - with wood and wax, 0..60 kg
 * @param tareKg - frame with drawn, empty comb [kg], 0..60
 * @param tareStandardKg - standard uncertainty of the tare [kg]
 * @throws DomainError `out-of-range`
 * @source JCGM 100:2008 (GUM), 5.1.2, recalled from memory
 */
export function netHeft(gross: GrossWeight, tareKg: number, tareStandardKg: number): MassEstimate {
  const fn = 'netHeft';
  requireInRange(gross.grossKg, [0, 60], { fn, param: 'grossKg', unit: 'kg' });
  requireInRange(tareKg, [0, 60], { fn, param: 'tareKg', unit: 'kg' });
  return {
    massKg: Math.max(0, gross.grossKg - tareKg),
    standardUncertaintyKg: quadrature([rectangularUncertainty(gross.plusMinusKg), tareStandardKg]),
  };
}

/**
 * Honey of one frame, found in two ways: the mean weighted by how well each is known.
 *
 * @throws DomainError `out-of-range` where neither has a positive uncertainty
 * @source inverse-variance weighting, JCGM 100:2008 (GUM), recalled from memory
 */
export function combinedMass(a: MassEstimate, b: MassEstimate): MassEstimate {
  requireFinite({ a, b }, 'combinedMass');
  const place = { fn: 'combinedMass', param: 'standardUncertaintyKg', unit: 'kg' };
  const weight = ({ standardUncertaintyKg }: MassEstimate): number =>
    1 / requireInRange(standardUncertaintyKg, [1e-6, Infinity], place) ** 2;
  const [wa, wb] = [weight(a), weight(b)];
  return {
    massKg: (a.massKg * wa + b.massKg * wb) / (wa + wb),
    standardUncertaintyKg: Math.sqrt(1 / (wa + wb)),
  };
}

/**
 * Honey in several frames together. Depth and area are judged alike on all of them, so their doubts
 * are taken as shared: they add up.
 *
 * @source JCGM 100:2008 (GUM), 5.2.2, recalled from memory
 */
export function summedMass(masses: readonly MassEstimate[]): MassEstimate {
  requireFinite({ masses }, 'summedMass');
  return {
    massKg: masses.reduce((sum, mass) => sum + mass.massKg, 0),
    standardUncertaintyKg: masses.reduce((sum, mass) => sum + mass.standardUncertaintyKg, 0),
  };
}

/** Buckets that hold so much, with the upper end of the interval in mind. */
export function bucketsToBring(mass: MassEstimate, bucketKg: number): number {
  requireFinite({ mass, bucketKg }, 'bucketsToBring');
  requireInRange(bucketKg, [0.1, 1000], { fn: 'bucketsToBring', param: 'bucketKg', unit: 'kg' });
  const atMost = mass.massKg + 1.645 * mass.standardUncertaintyKg;
  return Math.ceil(atMost / bucketKg - 1e-9);
}
