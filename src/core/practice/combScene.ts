import type { CombGrid } from '../comb/hexLattice';
import { requireFinite, requireInRange } from '../errors';
import { normalDraws, seededRandom } from '../stats/seededRandom';
import { patternOf, type CappingPattern } from './cappingPattern';
import type { CombKind } from './drills';
import type { Pigments } from './pigments';

/** What a drawn cell truly holds. */
export const DRAWN_CELLS = ['capped', 'open', 'empty', 'undrawn', 'brood', 'pollen'] as const;
export type DrawnCell = (typeof DRAWN_CELLS)[number];

/** A bee on the comb, in cells. */
export interface DrawnBee {
  readonly x: number;
  readonly y: number;
  readonly angle: number;
}

/** A comb that was never built, cell by cell. */
export interface CombScene {
  readonly seed: number;
  readonly kind: CombKind;
  readonly grid: CombGrid;
  readonly cells: readonly DrawnCell[];
  /** 0: new white wax, 1: comb that held brood for years */
  readonly darkness: number;
  /** -1: caps lie on the honey, 1: they stand proud over air */
  readonly proud: number;
  /** colour of the honey, 0 light .. 1 dark */
  readonly honeyDark: number;
  /** where the light comes from [rad] */
  readonly light: number;
  readonly bees: readonly DrawnBee[];
  /** middle of the glare in cells, null where there is none */
  readonly glare: { readonly x: number; readonly y: number } | null;
  /** how far the frame is turned away from the eye, -1..1 */
  readonly tilt: number;
  /** what it is painted with, where not with the usual colours */
  readonly pigments?: Pigments;
}

/** Size of a drawn side, in cells: what an arm's length of a medium comb shows. @source our choice, no source */
export const DRAWN_GRID: CombGrid = { columns: 46, rows: 22 };

/** Cells along a side at most. @source our choice, no source */
const MOST_ALONG = 400;

/** What is asked of the generator. */
export interface SceneTask {
  readonly seed: number;
  readonly kind: CombKind;
  /** share of the cells with honey that are capped [1] */
  readonly share: number;
  readonly grid?: CombGrid;
}

const BEES = { few: 8, many: 24 } as const;

type Draw = () => number;

/** Cells without honey: brood low in the middle with pollen around it, gaps low at the sides. */
function emptied(cells: DrawnCell[], { columns, rows }: CombGrid, kind: CombKind, draw: Draw) {
  const depth = kind === 'brood' ? 0.35 + 0.25 * draw() : 0;
  const gaps = kind === 'gaps' ? 0.25 + 0.3 * draw() : 0.06 * draw();
  const lean = draw() - 0.5;
  const ragged = normalDraws(draw);
  cells.forEach((_, at) => {
    const x = (at % columns) / columns - 0.5 - 0.2 * lean;
    const up = 1 - Math.floor(at / columns) / rows;
    const fromBrood = Math.hypot(1.5 * x, up) + 0.03 * ragged();
    if (fromBrood < depth) cells[at] = draw() < 0.93 ? 'brood' : 'empty';
    else if (depth > 0 && fromBrood < depth + 0.1) cells[at] = draw() < 0.75 ? 'pollen' : 'empty';
    else if (up + 0.05 * ragged() < gaps * Math.abs(2 * x) ** 1.5)
      cells[at] = draw() < 0.6 ? 'empty' : 'undrawn';
  });
}

/** Caps the share that was asked for, to the cell, in the order of the pattern. */
function capped(cells: DrawnCell[], task: SceneTask, grid: CombGrid, pattern: CappingPattern) {
  const order = cells
    .map((cell, at) => ({
      cell,
      at,
      rank: pattern(at % grid.columns, Math.floor(at / grid.columns)),
    }))
    .filter(({ cell }) => cell === 'open')
    .sort((a, b) => a.rank - b.rank);
  const many = Math.round(task.share * order.length);
  order.slice(0, many).forEach(({ at }) => {
    cells[at] = 'capped';
  });
}

function beesOf({ columns, rows }: CombGrid, kind: CombKind, draw: Draw): DrawnBee[] {
  const many = kind === 'bees' ? BEES.few + Math.floor(draw() * BEES.many) : 0;
  return Array.from({ length: many }, () => ({
    x: draw() * columns,
    y: draw() * rows,
    angle: draw() * 2 * Math.PI,
  }));
}

/**
 * A made-up side of comb of known truth.
 *
 * @param task - seed (any whole number), kind, share 0..1, and how many cells
 * @throws DomainError `out-of-range`
 * @source invented; how bees store and cap: common practice, no source
 */
export function combScene(task: SceneTask): CombScene {
  const fn = 'combScene';
  requireFinite({ seed: task.seed }, fn);
  requireInRange(task.share, [0, 1], { fn, param: 'share', unit: '1' });
  const { seed, kind, grid = DRAWN_GRID } = task;
  requireInRange(grid.columns, [1, MOST_ALONG], { fn, param: 'columns', unit: 'cells' });
  requireInRange(grid.rows, [1, MOST_ALONG], { fn, param: 'rows', unit: 'cells' });
  const draw = seededRandom(seed);
  const cells = Array.from({ length: grid.columns * grid.rows }, (): DrawnCell => 'open');
  emptied(cells, grid, kind, draw);
  capped(cells, task, grid, patternOf(kind, grid, draw));
  const darkness = kind === 'dark' ? 0.75 + 0.25 * draw() : 0.45 * draw();
  return {
    seed,
    kind,
    grid,
    cells,
    darkness,
    proud: kind === 'dark' ? -draw() : 2 * draw() - 1,
    honeyDark: draw(),
    light: draw() * 2 * Math.PI,
    bees: beesOf(grid, kind, draw),
    glare: kind === 'glare' ? { x: draw() * grid.columns, y: draw() * grid.rows } : null,
    tilt: kind === 'plain' ? 0 : draw() - 0.5,
  };
}

/** Share of the cells with honey that are capped; 0 where there is no honey. @source a definition */
export function trueShare(scene: CombScene): number {
  requireFinite({ scene }, 'trueShare');
  const capped = scene.cells.filter((cell) => cell === 'capped').length;
  const open = scene.cells.filter((cell) => cell === 'open').length;
  return capped + open === 0 ? 0 : capped / (capped + open);
}
