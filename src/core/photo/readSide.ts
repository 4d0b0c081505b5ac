import { requireFinite } from '../errors';
import { mean } from '../moisture/spreads';
import {
  chancesByLook,
  chancesFrom,
  strangeness,
  unsureness,
  type CellModel,
  type Chances,
} from './cellClassifier';
import { cellFigures, sheetOf, type Sheet } from './cellFigures';
import { besideOthers, heardTogether, meanAround } from './cellNeighbours';
import { latticeOf } from './lattice';
import { PHOTO_CLASSES } from './photoClasses';
import type { PhotoPoint } from './homography';
import { greyOf, type Raster } from './raster';

/** One point of the grid: where, what lies there, and its figures. */
export interface ReadPoint {
  /** on the straightened picture [pixels] */
  readonly at: PhotoPoint;
  readonly chances: Chances;
  readonly figures: readonly number[];
}

const CAPPED = PHOTO_CLASSES.indexOf('capped');
const OPEN = PHOTO_CLASSES.indexOf('open');

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
const DOUBTED = { strength: 3.8, perStrength: 0.06, strange: 1.1, perStrange: 0.35 } as const;

function doubtOf(read: { unsure: number; strange: number; strength: number }): number {
  const blurred = DOUBTED.perStrength * Math.max(0, DOUBTED.strength - read.strength);
  const odd = DOUBTED.perStrange * Math.max(0, read.strange - DOUBTED.strange);
  return Math.min(1, read.unsure + blurred + odd);
}

/**
 * Doubt from which chances are said less surely, how fast, and how much of them is given up at most.
 *
 * @source by trial on combs of the second drawer, other seeds than those tested
 */
const HUMBLE = { from: 0.4, perDoubt: 4, most: 0.6 } as const;

/** Chances as they may be said of a picture that is doubted: nearer to knowing nothing. */
function humbled(chances: readonly number[], doubt: number): number[] {
  const given = Math.min(HUMBLE.most, HUMBLE.perDoubt * Math.max(0, doubt - HUMBLE.from));
  return chances.map((chance) => (1 - given) * chance + given / chances.length);
}

/** Cells of a side that are looked at: nearly all of a medium comb. @source our choice */
const LOOKED_AT = { columns: 48, rows: 24 } as const;

/** Places of the points on the side, as shares of its width and height. */
export interface PointGrid {
  /** one in each of the boxes */
  readonly places: readonly PhotoPoint[];
  /** boxes of one size that the side is divided into, one a point */
  readonly columns: number;
  readonly rows: number;
}

/** What one cell looks like, by itself. */
interface Look {
  readonly figures: readonly number[];
  readonly chances: readonly number[];
}

function lookAt(sheet: Sheet, model: CellModel, { x, y }: PhotoPoint): Look {
  const { figures } = cellFigures(sheet, x, y);
  return { figures, chances: chancesByLook(figures, model) };
}

const boxOf = ({ x, y }: PhotoPoint, { columns, rows }: PointGrid): number =>
  Math.floor(y * rows) * columns + Math.floor(x * columns);

/** Middle of a cell that is looked at, as a share of width and height. */
const middleOf = (at: number): PhotoPoint => ({
  x: ((at % LOOKED_AT.columns) + 0.5) / LOOKED_AT.columns,
  y: (Math.floor(at / LOOKED_AT.columns) + 0.5) / LOOKED_AT.rows,
});

/** Mean chances of the cells in each box. */
function tilesOf(cells: readonly (readonly number[])[], grid: PointGrid): ReadTile[] {
  const sums = Array.from({ length: grid.columns * grid.rows }, () => [0, 0, 0]);
  cells.forEach((chances, at) => {
    const sum = sums[boxOf(middleOf(at), grid)]!;
    [chances[CAPPED]!, chances[OPEN]!, 1].forEach((value, of) => (sum[of]! += value));
  });
  return grid.places.map((place) => {
    const [capped = 0, open = 0, count = 0] = sums[boxOf(place, grid)]!;
    return { capped: capped / Math.max(1, count), open: open / Math.max(1, count) };
  });
}

/** Lower sides have too few pixels a cell [pixels]. */
const LEAST_SIDE = 256;

/** Called after each row of cells: how many are done. */
export type OnRow = (done: number, all: number) => void;

function looksOf(sheet: Sheet, model: CellModel, onRow: OnRow): Look[] {
  const { width, height } = sheet.raster;
  const { columns, rows } = LOOKED_AT;
  return Array.from({ length: columns * rows }, (_, at) => {
    const { x, y } = middleOf(at);
    const look = lookAt(sheet, model, { x: x * width, y: y * height });
    if ((at + 1) % columns === 0) onRow((at + 1) / columns, rows);
    return look;
  });
}

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
  onRow: OnRow = () => undefined,
): ReadSide | null {
  requireFinite({ grid, model }, 'readSide');
  const { width, height } = raster;
  if (Math.min(width, height) < LEAST_SIDE) return null;
  const lattice = latticeOf(greyOf(raster));
  if (!lattice) return null;
  const sheet = sheetOf(raster, lattice);
  const looks = looksOf(sheet, model, onRow);
  const strange = mean(looks.map(({ figures }) => strangeness(figures, model)));
  const unsure = mean(looks.map(({ chances }) => unsureness(chances)));
  const doubt = doubtOf({ unsure, strange, strength: lattice.strength });
  const heard = heardTogether(
    looks.map(({ chances }) => chances),
    LOOKED_AT.columns,
  );
  const points = grid.places.map((place) => {
    const at = { x: place.x * width, y: place.y * height };
    const look = lookAt(sheet, model, at);
    const column = Math.floor(place.x * LOOKED_AT.columns);
    const under = Math.floor(place.y * LOOKED_AT.rows) * LOOKED_AT.columns + column;
    const found = besideOthers(look.chances, meanAround(heard, LOOKED_AT.columns, under));
    return { at, figures: look.figures, chances: chancesFrom(humbled(found, doubt)) };
  });
  const cells = heard.map((chances) => humbled(chances, doubt));
  return {
    points,
    tiles: tilesOf(cells, grid),
    doubt,
    strange,
    strength: lattice.strength,
    pitchPx: lattice.pitchPx,
  };
}
