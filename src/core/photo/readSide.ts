import { requireFinite } from '../errors';
import { chancesOf, strangeness, unsureness, type CellModel, type Chances } from './cellClassifier';
import { cellFigures, sheetOf, type Sheet } from './cellFigures';
import { latticeOf } from './lattice';
import type { PhotoPoint } from './homography';
import { greyOf, type Raster } from './raster';

/** One point of the grid: where, what lies there, and its figures. */
export interface ReadPoint {
  /** on the straightened picture [pixels] */
  readonly at: PhotoPoint;
  readonly chances: Chances;
  readonly figures: readonly number[];
}

/** Mean chances of the cells that one point stands for. */
export interface ReadTile {
  readonly capped: number;
  readonly open: number;
}

/** What a straightened picture says, before anybody touched it. */
export interface ReadSide {
  readonly points: readonly ReadPoint[];
  readonly tiles: readonly ReadTile[];
  /** how little is understood: cells unsure, unlike those learned from, or too blurred; 0..1 */
  readonly doubt: number;
  /** how strange its cells are against those learned from; 1 as they were */
  readonly strange: number;
  /** how far its lattice stands out */
  readonly strength: number;
  readonly pitchPx: number;
}

/**
 * Pictures whose walls stand out less than this, or whose cells are stranger, are doubted beyond what
 * their cells say of themselves.
 *
 * @source by trial on combs of the second drawer, other seeds than those tested
 */
const DOUBTED = { strength: 3.8, perStrength: 0.2, strange: 1.3, perStrange: 0.15 } as const;

function doubtOf(read: { unsure: number; strange: number; strength: number }): number {
  const blurred = DOUBTED.perStrength * Math.max(0, DOUBTED.strength - read.strength);
  const odd = DOUBTED.perStrange * Math.max(0, read.strange - DOUBTED.strange);
  return Math.min(1, read.unsure + blurred + odd);
}

/** Cells of a tile that are looked at, along a side. @source our choice: 5 by 5 cells a point */
const CELLS_ALONG = 5;

/** Chances of many cells, spread evenly over a rectangle. */
function tileOf(
  sheet: Sheet,
  model: CellModel,
  box: Box,
): ReadTile & { unsure: number; strange: number } {
  let [capped, open, unsure, strange, count] = [0, 0, 0, 0, 0];
  for (let row = 0; row < CELLS_ALONG; row += 1)
    for (let column = 0; column < CELLS_ALONG; column += 1) {
      const x = box.left + ((column + 0.5) / CELLS_ALONG) * box.width;
      const y = box.top + ((row + 0.5) / CELLS_ALONG) * box.height;
      const { figures } = cellFigures(sheet, x, y);
      const chances = chancesOf(figures, model);
      strange += strangeness(figures, model);
      capped += chances.capped;
      open += chances.open;
      unsure += unsureness(chances);
      count += 1;
    }
  return {
    capped: capped / count,
    open: open / count,
    unsure: unsure / count,
    strange: strange / count,
  };
}

interface Box {
  readonly left: number;
  readonly top: number;
  readonly width: number;
  readonly height: number;
}

/** Places of the points on the side, as shares of its width and height. */
export interface PointGrid {
  readonly places: readonly PhotoPoint[];
  /** width and height of what one point stands for, as shares */
  readonly tile: { readonly width: number; readonly height: number };
}

/** Lower sides have too few pixels a cell [pixels]. */
const LEAST_SIDE = 256;

/** Called after each tile: how many are done. */
export type OnTile = (done: number, all: number) => void;

/**
 * What a straightened side holds, at the points of a grid and around each.
 *
 * @param raster - straightened, at least 256 pixels each way
 * @param grid - where the points are
 * @param model - that says what a cell is
 * @returns null where no comb can be made out, or the side is lower than 256 pixels
 * @throws DomainError `out-of-range`
 * @source systematic points as in stereology; the classifier: our own, trained on drawn combs
 */
export function readSide(
  raster: Raster,
  grid: PointGrid,
  model: CellModel,
  onTile: OnTile = () => undefined,
): ReadSide | null {
  requireFinite({ grid, model }, 'readSide');
  if (Math.min(raster.width, raster.height) < LEAST_SIDE) return null;
  const lattice = latticeOf(greyOf(raster));
  if (!lattice) return null;
  const sheet = sheetOf(raster, lattice);
  const { width, height } = raster;
  const points: ReadPoint[] = [];
  const tiles: ReadTile[] = [];
  let [unsure, strange] = [0, 0];
  grid.places.forEach((place, done) => {
    const at = { x: place.x * width, y: place.y * height };
    const { figures } = cellFigures(sheet, at.x, at.y);
    points.push({ at, figures, chances: chancesOf(figures, model) });
    const size = { width: grid.tile.width * width, height: grid.tile.height * height };
    const box = { left: at.x - size.width / 2, top: at.y - size.height / 2, ...size };
    const tile = tileOf(sheet, model, box);
    tiles.push({ capped: tile.capped, open: tile.open });
    unsure += tile.unsure;
    strange += tile.strange;
    onTile(done + 1, grid.places.length);
  });
  const all = grid.places.length;
  return {
    points,
    tiles,
    doubt: doubtOf({ unsure: unsure / all, strange: strange / all, strength: lattice.strength }),
    strange: strange / all,
    strength: lattice.strength,
    pitchPx: lattice.pitchPx,
  };
}
