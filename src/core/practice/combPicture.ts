import { nearestCell, combSize, cellCentre } from '../comb/hexLattice';
import { DomainError, requireInRange } from '../errors';
import { blankRaster, type Raster } from '../photo/raster';
import { normalDraws, seededRandom } from '../stats/seededRandom';
import { beeOver } from './beePicture';
import { mixed, shadeOf, type CellLook } from './cellPicture';
import type { CombScene } from './combScene';
import type { Colour } from './pigments';

/** How much smaller the far side of a turned frame looks. @source invented for the drawing */
const TILT = 0.16;

/** Brightest that a glare gets, and how far it reaches, in cells. @source invented for the drawing */
const GLARE = { strength: 190, reach: 7 } as const;

/** How each cell differs a little from the next. */
function looksOf(scene: CombScene): CellLook[] {
  const normal = normalDraws(seededRandom(scene.seed ^ 0x51ed));
  const uniform = seededRandom(scene.seed ^ 0x7a3b);
  return scene.cells.map((cell) => ({
    cell,
    tint: 0.06 * normal(),
    proud: Math.max(-1, Math.min(1, scene.proud + 0.3 * normal())),
    hue: uniform(),
    depth: 0.7 + 0.3 * uniform(),
  }));
}

/** From a pixel to the comb, in cells: a frame turned away narrows on one side. */
function onComb(scene: CombScene, u: number, v: number): { x: number; y: number } {
  const { width, height } = combSize(scene.grid);
  const narrow = 1 - TILT * scene.tilt * (u - 0.5);
  return { x: u * width, y: height * (0.5 + (v - 0.5) / narrow) };
}

/** A cheap repeatable grain for each pixel, -1..1. */
function grain(x: number, y: number): number {
  let h = Math.imul(x, 374_761_393) + Math.imul(y, 668_265_263);
  h = Math.imul(h ^ (h >>> 13), 1_274_126_177);
  return ((h ^ (h >>> 16)) >>> 0) / 2_147_483_648 - 1;
}

function lit(scene: CombScene, colour: Colour, x: number, y: number): Colour {
  const { glare } = scene;
  if (!glare) return colour;
  const away = Math.hypot(x - glare.x, y - glare.y) / GLARE.reach;
  return mixed(colour, [250, 250, 245], (GLARE.strength / 255) * Math.exp(-away * away));
}

/**
 * The side as a picture.
 *
 * @param scene - a made-up side
 * @param pixelsPerCell - 4..40
 * @returns a picture as wide as the comb has cells, times the pixels of each
 * @throws DomainError `out-of-range`, `mismatched-lengths`
 * @source invented for the drawing
 */
export function combPicture(scene: CombScene, pixelsPerCell: number): Raster {
  const { columns, rows } = scene.grid;
  if (scene.cells.length !== columns * rows) {
    throw new DomainError({
      code: 'mismatched-lengths',
      fn: 'combPicture',
      param: 'cells',
      value: scene.cells.length,
      unit: 'cells',
    });
  }
  requireInRange(pixelsPerCell, [4, 40], {
    fn: 'combPicture',
    param: 'pixelsPerCell',
    unit: 'pixels',
  });
  const size = combSize(scene.grid);
  const width = Math.round(size.width * pixelsPerCell);
  const height = Math.round(size.height * pixelsPerCell);
  const raster = blankRaster(width, height);
  const looks = looksOf(scene);
  const light = { x: Math.cos(scene.light), y: Math.sin(scene.light) };
  const centres = scene.cells.map((_, at) => cellCentre(at, scene.grid));
  for (let row = 0; row < height; row += 1) {
    for (let column = 0; column < width; column += 1) {
      const { x, y } = onComb(scene, (column + 0.5) / width, (row + 0.5) / height);
      const at = nearestCell(x, y, scene.grid);
      const middle = centres[at]!;
      const spot = { dx: x - middle.x, dy: y - middle.y, grain: grain(column, row) };
      let colour = shadeOf(scene, looks[at]!, spot, light);
      for (const bee of scene.bees) colour = beeOver(colour, bee, x, y);
      const [red, green, blue] = lit(scene, colour, x, y);
      const to = 4 * (row * width + column);
      raster.data[to] = red;
      raster.data[to + 1] = green;
      raster.data[to + 2] = blue;
    }
  }
  return raster;
}
