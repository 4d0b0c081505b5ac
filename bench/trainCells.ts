import { writeFileSync } from 'node:fs';
import { nearestCell } from '../src/core/comb/hexLattice';
import { cellFigures, sheetOf } from '../src/core/photo/cellFigures';
import { learned, type CellModel, type KnownCell } from '../src/core/photo/cellClassifier';
import { latticeOf } from '../src/core/photo/lattice';
import { FEATURE_COUNT, PHOTO_CLASSES, type PhotoClass } from '../src/core/photo/photoClasses';
import { greyOf } from '../src/core/photo/raster';
import { isUnderBee } from '../src/core/practice/beePicture';
import { combPicture } from '../src/core/practice/combPicture';
import { combScene, type CombScene } from '../src/core/practice/combScene';
import { PIGMENTS, type Colour, type Pigments } from '../src/core/practice/pigments';
import { COMB_KINDS } from '../src/core/practice/drills';
import { seededRandom } from '../src/core/stats/seededRandom';

/** Pictures to learn from; the second drawer of the tests is never among them. */
const PICTURES = Number(process.argv[3] ?? 120);
const CELLS_EACH = 60;
const PIXELS = 15;
const GRID = { columns: 66, rows: 32 };

function isA(scene: CombScene, x: number, y: number): PhotoClass {
  if (scene.bees.some((bee) => isUnderBee(bee, x, y))) return 'hidden';
  return scene.cells[nearestCell(x, y, scene.grid)]!;
}

/** A colour a little off, as a whole and in each part. */
function offColour([red, green, blue]: Colour, draw: () => number, by: number): Colour {
  const all = 1 + by * (2 * draw() - 1);
  const part = (value: number): number =>
    Math.min(255, value * all * (1 + 0.4 * by * (2 * draw() - 1)));
  return [part(red), part(green), part(blue)];
}

/** Pollen of one plant: from yellow over orange and brown to grey green. */
function pollenColour(draw: () => number): Colour {
  const bright = 90 + 150 * draw();
  return [bright, bright * (0.45 + 0.5 * draw()), bright * (0.12 + 0.5 * draw())];
}

/** Colours and relief of a comb that is no other's. */
function variedPigments(draw: () => number): Pigments {
  return {
    waxNew: offColour(PIGMENTS.waxNew, draw, 0.12),
    waxOld: offColour(PIGMENTS.waxOld, draw, 0.25),
    capNew: offColour(PIGMENTS.capNew, draw, 0.1),
    capOld: offColour(PIGMENTS.capOld, draw, 0.2),
    honeyLight: offColour(PIGMENTS.honeyLight, draw, 0.25),
    honeyDark: offColour(PIGMENTS.honeyDark, draw, 0.4),
    brood: offColour(PIGMENTS.brood, draw, 0.2),
    pit: offColour(PIGMENTS.pit, draw, 0.4),
    pollen: Array.from({ length: 4 }, () => pollenColour(draw)),
    pollenReach: 0.5 + 0.5 * draw(),
    pollenShadow: 0.3 + 0.5 * draw(),
    pollenGrain: 0.02 + 0.12 * draw(),
    capGrain: 0.02 + 0.08 * draw(),
    broodDome: 0.25 + draw(),
    walls: 0.7 + 0.4 * draw(),
  };
}

/** A scene with everything that the first drawer can vary, whatever its kind. */
function varied(seed: number): CombScene {
  const draw = seededRandom(seed);
  const kind = COMB_KINDS[seed % COMB_KINDS.length]!;
  const scene = combScene({ seed: 40_000 + seed, kind, share: draw(), grid: GRID });
  const { bees } = combScene({ seed, kind: 'bees', share: 0.5, grid: GRID });
  return {
    ...scene,
    tilt: 0,
    darkness: 0.85 * draw() ** 2.2,
    honeyDark: draw(),
    proud: 2 * draw() - 1,
    pigments: variedPigments(draw),
    bees: bees.slice(0, Math.floor(14 * draw())),
  };
}

function cellsOf(seed: number): KnownCell[] {
  const draw = seededRandom(seed ^ 0xce11);
  const scene = varied(seed);
  const raster = combPicture(scene, PIXELS);
  const lattice = latticeOf(greyOf(raster));
  if (!lattice) return [];
  const sheet = sheetOf(raster, lattice);
  const counts = new Map<PhotoClass, number>();
  const cells: KnownCell[] = [];
  for (let tried = 0; tried < 1500; tried += 1) {
    const { spot, figures } = cellFigures(sheet, draw() * raster.width, draw() * raster.height);
    const is = isA(scene, spot.x / PIXELS, spot.y / PIXELS);
    const many = counts.get(is) ?? 0;
    // the rare ones are not drowned by honey
    if (many >= CELLS_EACH) continue;
    counts.set(is, many + 1);
    cells.push({ figures, is });
  }
  return cells;
}

const cells = Array.from({ length: PICTURES }, (_, seed) => cellsOf(seed)).flat();
const columns = Array.from({ length: FEATURE_COUNT }, (_, at) =>
  cells.map(({ figures }) => figures[at]!),
);
const means = columns.map(
  (column) => column.reduce((sum, value) => sum + value, 0) / column.length,
);
const spreads = columns.map((column, at) =>
  Math.sqrt(column.reduce((sum, value) => sum + (value - means[at]!) ** 2, 0) / column.length),
);
const blank: CellModel = {
  means,
  spreads,
  weights: PHOTO_CLASSES.map(() => Array.from({ length: 2 * FEATURE_COUNT + 1 }, () => 0)),
};
const model = learned(blank, cells, { hold: Number(process.argv[4] ?? 30), rounds: 500 });

/** How often each is met on combs that are photographed. @source our choice, no source */
const MET: Readonly<Record<PhotoClass, number>> = {
  capped: 0.4,
  open: 0.33,
  empty: 0.08,
  brood: 0.08,
  pollen: 0.04,
  hidden: 0.06,
  undrawn: 0.01,
};
/** The rare ones were shown more often than they are met: that is taken off again. */
const weights = model.weights.map((own, at) => {
  const name = PHOTO_CLASSES[at]!;
  const shown = cells.filter(({ is }) => is === name).length / cells.length;
  return own.map((weight, of) =>
    of === own.length - 1 ? weight + Math.log(MET[name] / shown) : weight,
  );
});
const round = (value: number): number => Number(value.toPrecision(5));
const list = (values: readonly number[]): string => `[${values.map(round).join(', ')}]`;
writeFileSync(
  'src/core/photo/cellModel.ts',
  `import type { CellModel } from './cellClassifier';

/**
 * What was learned from ${cells.length} cells of ${PICTURES} drawn combs, by \`bench/trainCells.ts\`. No picture of a real
 * comb was among them.
 *
 * @source made by that script
 */
export const CELL_MODEL: CellModel = {
  means: ${list(model.means)},
  spreads: ${list(model.spreads)},
  weights: [
${weights.map((own) => `    ${list(own)},`).join('\n')}
  ],
};
`,
);
console.log(
  `${cells.length} cells:`,
  Object.fromEntries(
    PHOTO_CLASSES.map((name) => [name, cells.filter(({ is }) => is === name).length]),
  ),
);
