import { requireInRange, requireFinite } from '../errors';

/** A colour class of the US standards with its upper edge on the Pfund scale. */
export interface ColourClass {
  readonly id: ColourClassId;
  /** upper edge, inclusive [mm] */
  readonly upToMm: number;
}

export const COLOUR_CLASS_IDS = [
  'water-white',
  'extra-white',
  'white',
  'extra-light-amber',
  'light-amber',
  'amber',
  'dark-amber',
] as const;
export type ColourClassId = (typeof COLOUR_CLASS_IDS)[number];

/** Classes without gaps. @source US colour standards for extracted honey, recalled from memory */
export const COLOUR_CLASSES: readonly ColourClass[] = [
  { id: 'water-white', upToMm: 8 },
  { id: 'extra-white', upToMm: 17 },
  { id: 'white', upToMm: 34 },
  { id: 'extra-light-amber', upToMm: 50 },
  { id: 'light-amber', upToMm: 85 },
  { id: 'amber', upToMm: 114 },
  { id: 'dark-amber', upToMm: Infinity },
];

/** Pfund values that a comparator shows [mm]. */
export const PFUND_RANGE_MM: readonly [number, number] = [0, 140];

/** Absorbances that the relation turns into Pfund [1 per cm]. */
export const ABSORBANCE_RANGE: readonly [number, number] = [0, 0.5];

/** @source attributed to White (1984), doubtful from memory; 635 nm, usually a filtered 50 % w/v solution */
const PHOTOMETER = { intercept: -38.7, slope: 371.39, wavelengthNm: 635 } as const;

/** Wavelength at which the relation holds [nm]. */
export const PFUND_WAVELENGTH_NM = PHOTOMETER.wavelengthNm;

/** What a Pfund value may be off by, by how it was read [mm]. @source common practice, no source */
export const PFUND_PLUS_MINUS_MM = { comparator: 3, photometer: 4 } as const;

/**
 * Pfund value of honey from its absorbance.
 *
 * @param absorbance - at 635 nm through the cell [1], such that 0..0.5 per cm
 * @param pathCm - length of the cell [cm], 0.1..10
 * @returns [mm]; 0 below an absorbance of about 0.104 per cm
 * @throws DomainError `out-of-range`
 * @source mm = −38.70 + 371.39·A, attributed to White (1984), doubtful from memory
 * @example pfundFromAbsorbance(0.3) // => 72.717 ± 0.001
 */
export function pfundFromAbsorbance(absorbance: number, pathCm = 1): number {
  const fn = 'pfundFromAbsorbance';
  requireInRange(pathCm, [0.1, 10], { fn, param: 'pathCm', unit: 'cm' });
  const perCm = absorbance / pathCm;
  requireInRange(perCm, ABSORBANCE_RANGE, { fn, param: 'absorbance', unit: '1/cm' });
  return Math.max(0, PHOTOMETER.intercept + PHOTOMETER.slope * perCm);
}

/**
 * Colour class of a Pfund value.
 *
 * @param pfundMm - [mm], 0 and more
 * @throws DomainError `out-of-range`
 * @source US colour standards for extracted honey, recalled from memory
 */
export function colourClass(pfundMm: number): ColourClass {
  requireInRange(pfundMm, [0, 500], { fn: 'colourClass', param: 'pfundMm', unit: 'mm' });
  const found = COLOUR_CLASSES.find((item) => pfundMm <= item.upToMm);
  if (!found) throw new Error('the last class has no upper edge');
  return found;
}

/** The classes that a Pfund value may belong to with what it may be off by, light first. */
export function possibleClasses(pfundMm: number, plusMinusMm: number): ColourClass[] {
  requireFinite({ pfundMm, plusMinusMm }, 'possibleClasses');
  requireInRange(plusMinusMm, [0, 100], {
    fn: 'possibleClasses',
    param: 'plusMinusMm',
    unit: 'mm',
  });
  const low = COLOUR_CLASSES.indexOf(colourClass(Math.max(0, pfundMm - plusMinusMm)));
  const high = COLOUR_CLASSES.indexOf(colourClass(pfundMm + plusMinusMm));
  return COLOUR_CLASSES.slice(low, high + 1);
}
