import type { CappedEstimate } from '../capping/cappedShare';
import type { CellShares } from '../capping/cellShares';
import { DomainError, requireFinite, requireInRange } from '../errors';

/** One point as the keeper left it. */
export interface SharePoint {
  /** chances of the cell under the point as the picture said [1] */
  readonly cell: { readonly capped: number; readonly open: number };
  /** mean chances of the cells around it, the point's own among them [1] */
  readonly tile: { readonly capped: number; readonly open: number };
  /** what the keeper set; null where the point stands as proposed */
  readonly set: { readonly capped: boolean; readonly open: boolean } | null;
}

/** Half width, in standard uncertainties, of the 95 % interval. */
const COVERAGE_FACTOR = 1.959964;

/**
 * How far off the share of a picture is that nobody touched: a standard uncertainty that grows e-fold with
 * doubt, faster `beyond`, and the more the less honey there is, for then every cell of brood or pollen
 * taken for honey counts.
 *
 * @source measured on drawn combs of the second drawer (`npm run bench:photo`), its seeds never tested
 */
export const UNTOUCHED = {
  floor: 0.008,
  least: 0.003,
  perDoubt: 7,
  beyond: 0.36,
  steeper: 8,
  honey: 1.4,
  most: 0.5,
} as const;

/**
 * Standard uncertainty of a share that only the picture says [1].
 *
 * @param doubt - of the picture, 0..1
 * @param honey - share of the side that holds honey, above 0 to 1
 * @throws DomainError `out-of-range`
 */
export function untouchedUncertainty(doubt: number, honey: number): number {
  const fn = 'untouchedUncertainty';
  requireInRange(doubt, [0, 1], { fn, param: 'doubt', unit: '1' });
  requireInRange(honey, [0, 1], { fn, param: 'honey', unit: '1' });
  const { floor, least, perDoubt, beyond, steeper, most } = UNTOUCHED;
  const grown = Math.exp(perDoubt * doubt + steeper * Math.max(0, doubt - beyond));
  return Math.min(most, Math.hypot(floor, (least * grown) / honey ** UNTOUCHED.honey));
}

/** An interval as wide as this says nothing that a frame could be taken by [1]. @source our choice, no source */
const SAYS_NOTHING = 0.6;

/** Whether a share from a picture is too unclear to judge a side by. @source our choice, no source */
export const isTooUnclear = ({ low, high }: Pick<CappedEstimate, 'low' | 'high'>): boolean =>
  !(high - low <= SAYS_NOTHING);

/** What a tile holds once its point is known: all of it moves with the point, as far as it can. */
function tileNow({ cell, tile, set }: SharePoint): { capped: number; open: number } {
  if (!set) return tile;
  const moved = (of: 'capped' | 'open'): number =>
    Math.min(1, Math.max(0, tile[of] + ((set[of] ? 1 : 0) - cell[of])));
  const [capped, open] = [moved('capped'), moved('open')];
  const honey = capped + open;
  return honey > 1 ? { capped: capped / honey, open: open / honey } : { capped, open };
}

/**
 * Capped share of a side from a photograph: all cells as the picture has them, set right where the
 * keeper set points. What was not set is as unsure as the picture; what was set is a sample of its own.
 *
 * @param points - at least one
 * @param doubt - of the whole picture, 0..1
 * @returns null where no honey is on the side
 * @throws DomainError `empty`, `out-of-range`
 * @source difference estimator of survey sampling, recalled from memory; spread by trial on drawn combs
 */
export function photoCapping(points: readonly SharePoint[], doubt: number): CappedEstimate | null {
  const fn = 'photoCapping';
  requireFinite({ points }, fn);
  if (points.length === 0)
    throw new DomainError({ code: 'empty', fn, param: 'points', value: 0, unit: '1' });
  const tiles = points.map(tileNow);
  const capped = tiles.reduce((sum, tile) => sum + tile.capped, 0);
  const honey = capped + tiles.reduce((sum, tile) => sum + tile.open, 0);
  // of less than half a point there is nothing to say
  if (honey < 0.5) return null;
  const share = Math.min(1, capped / honey);
  const unset = untouchedUncertainty(doubt, Math.min(1, honey / points.length));
  const touched = points.filter((point) => point.set !== null).length / points.length;
  const sampled = Math.sqrt(Math.max(0.02, share * (1 - share)) / (2 * honey));
  const standardUncertainty = Math.hypot((1 - touched) * unset, touched * sampled);
  const half = COVERAGE_FACTOR * standardUncertainty;
  return {
    share,
    standardUncertainty,
    low: Math.max(0, share - half),
    high: Math.min(1, share + half),
  };
}

/** Shares of the whole side: honey by the picture, brood by what the keeper set, the rest empty. */
export function photoShares(points: readonly SharePoint[]): CellShares {
  requireFinite({ points }, 'photoShares');
  const tiles = points.map(tileNow);
  const mean = (of: 'capped' | 'open'): number =>
    tiles.reduce((sum, tile) => sum + tile[of], 0) / Math.max(1, tiles.length);
  const [capped, open] = [mean('capped'), mean('open')];
  return { capped, open, empty: Math.max(0, 1 - capped - open), undrawn: 0, brood: 0 };
}
