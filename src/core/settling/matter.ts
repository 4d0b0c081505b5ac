import { DomainError, requireInRange } from '../errors';
import { normalCdf } from '../stats/normal';

/** What rises in fresh honey. */
export const MATTER_KINDS = ['wax', 'bubbles', 'specks'] as const;
export type MatterKind = (typeof MATTER_KINDS)[number];

/** A kind of matter: how heavy, and how its mass spreads over sizes. */
export interface Matter {
  /** [kg/m³] */
  readonly densityKgPerM3: number;
  /** half of the mass is in smaller ones [µm] */
  readonly medianUm: number;
  /** of the logarithm of the size, one standard deviation [1] */
  readonly spread: number;
}

/** Density of honey for settling [kg/m³]; 1.40 to 1.45 hardly matters beside wax and air. */
export const HONEY_KG_PER_M3 = 1420;

/**
 * Matter of freshly spun honey. Wax as in the handbook; specks are propolis and bits of bees. Sizes
 * by mass are assumptions.
 *
 * @source density of wax recalled from memory; all else our choice, no source
 */
export const MATTER: Readonly<Record<MatterKind, Matter>> = {
  wax: { densityKgPerM3: 960, medianUm: 350, spread: 0.7 },
  bubbles: { densityKgPerM3: 1.2, medianUm: 250, spread: 0.6 },
  specks: { densityKgPerM3: 1150, medianUm: 300, spread: 0.7 },
};

/** Matter of one size. */
export interface SizeClass {
  readonly sizeUm: number;
  /** of the mass of this matter [1]; all classes together 1 */
  readonly share: number;
}

const CLASSES = 60;

/** Sizes farther out than so many standard deviations hold no mass. */
const REACH = 4;

/**
 * Matter in size classes; what is larger than a mesh stayed on it.
 *
 * @param cutUm - opening of the finest mesh it went through [µm]; Infinity where none
 * @returns classes of rising size whose shares add up to 1; one class of the mesh's size where all
 *   was larger
 * @throws DomainError `out-of-range`
 * @source log-normal distribution of mass; each class between equal steps of the logarithm
 */
export function sizeClasses({ medianUm, spread }: Matter, cutUm: number): SizeClass[] {
  const fn = 'sizeClasses';
  requireInRange(medianUm, [1, 1e5], { fn, param: 'medianUm', unit: 'µm' });
  requireInRange(spread, [0.05, 3], { fn, param: 'spread', unit: '1' });
  if (!(cutUm > 0)) {
    throw new DomainError({ code: 'out-of-range', fn, param: 'cutUm', value: cutUm, unit: 'µm' });
  }
  const top = Math.min(REACH, Math.log(cutUm / medianUm) / spread);
  if (top <= -REACH) return [{ sizeUm: cutUm, share: 1 }];
  const step = (top + REACH) / CLASSES;
  const passed = normalCdf(top) - normalCdf(-REACH);
  return Array.from({ length: CLASSES }, (_, at) => {
    const from = -REACH + at * step;
    return {
      sizeUm: medianUm * Math.exp((from + step / 2) * spread),
      share: (normalCdf(from + step) - normalCdf(from)) / passed,
    };
  });
}
