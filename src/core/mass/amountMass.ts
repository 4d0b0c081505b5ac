import { DomainError, assertNever, requireInRange, requireFinite } from '../errors';
import { quadrature, rectangularUncertainty } from '../stats/uncertainty';
import { honeyDensityKgPerL } from './density';

/** How much is in a vessel, in the way in which it was found out; each with what it may be off (±). */
export type Amount =
  | { readonly by: 'mass'; readonly massKg: number; readonly plusMinusKg: number }
  | { readonly by: 'volume'; readonly volumeL: number; readonly plusMinusL: number }
  | {
      readonly by: 'fill-height';
      readonly innerDiameterCm: number;
      readonly fillHeightCm: number;
      readonly plusMinusCm: number;
    };

/** A mass with its standard uncertainty. */
export interface MassEstimate {
  readonly massKg: number;
  readonly standardUncertaintyKg: number;
}

/** Standard uncertainty of the density for an unknown moisture of about ± 1 % [1, relative]. */
const DENSITY_RELATIVE_UNCERTAINTY = 0.005;

function requirePositive(value: number, param: string, unit: string): number {
  return requireInRange(value, [0, 100_000], { fn: 'amountMass', param, unit });
}

function massFromVolume(volumeL: number, standardL: number, moisturePercent: number): MassEstimate {
  const density = honeyDensityKgPerL(moisturePercent);
  const massKg = volumeL * density;
  const standardUncertaintyKg = quadrature([
    standardL * density,
    massKg * DENSITY_RELATIVE_UNCERTAINTY,
  ]);
  return { massKg, standardUncertaintyKg };
}

/**
 * Mass of honey in one vessel, from a weighing, a volume, or the fill height of a round vessel.
 *
 * The ± typed by the keeper is taken as a half width within which all values are alike likely. For
 * the fill height the same ± (in cm) is applied to height and inner diameter.
 *
 * @param amount - as found out; lengths in cm, volume in L, mass in kg, none negative
 * @param moisturePercent - of the honey [% by mass], 12..30; enters through the density only
 * @returns mass [kg] and its standard uncertainty [kg]
 * @throws DomainError `out-of-range`
 * @source White's density table, recalled from memory; geometry of a cylinder
 */
export function amountMass(amount: Amount, moisturePercent: number): MassEstimate {
  switch (amount.by) {
    case 'mass':
      return {
        massKg: requirePositive(amount.massKg, 'massKg', 'kg'),
        standardUncertaintyKg: rectangularUncertainty(amount.plusMinusKg),
      };
    case 'volume':
      return massFromVolume(
        requirePositive(amount.volumeL, 'volumeL', 'L'),
        rectangularUncertainty(amount.plusMinusL),
        moisturePercent,
      );
    case 'fill-height': {
      const diameter = requirePositive(amount.innerDiameterCm, 'innerDiameterCm', 'cm');
      const height = requirePositive(amount.fillHeightCm, 'fillHeightCm', 'cm');
      const standardCm = rectangularUncertainty(amount.plusMinusCm);
      const area = (Math.PI * diameter ** 2) / 4;
      const volumeStandard = quadrature([
        area * standardCm,
        ((Math.PI * diameter * height) / 2) * standardCm,
      ]);
      return massFromVolume((area * height) / 1000, volumeStandard / 1000, moisturePercent);
    }
    default:
      return assertNever(amount);
  }
}

/**
 * Mass of several vessels together; doubts of one weighing habit are shared, so they add up.
 *
 * @param parts - vessels with how many there are of each
 * @returns total mass [kg] and standard uncertainty [kg]
 * @throws DomainError `mismatched-lengths` if counts and masses differ in number
 * @source JCGM 100:2008 (GUM), 5.2.2, recalled from memory
 */
export function totalMass(
  masses: readonly MassEstimate[],
  counts: readonly number[],
): MassEstimate {
  requireFinite({ masses, counts }, 'totalMass');
  if (masses.length !== counts.length) {
    const place = { fn: 'totalMass', param: 'counts', value: counts.length, unit: '1' };
    throw new DomainError({ code: 'mismatched-lengths', ...place });
  }
  const sum = (part: keyof MassEstimate): number =>
    masses.reduce((total, mass, at) => total + mass[part] * (counts[at] ?? 0), 0);
  return { massKg: sum('massKg'), standardUncertaintyKg: sum('standardUncertaintyKg') };
}
