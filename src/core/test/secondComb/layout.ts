import { normalDraws, seededRandom } from '../../stats/seededRandom';

// Jest's sandbox looks globals up slowly; a picture has half a million points.
const { exp, floor, hypot, max, min, round, sin } = Math;

/** What a cell of the second drawer holds. */
export type SecondCell = 'capped' | 'open' | 'empty' | 'brood' | 'pollen';

/** How bad a picture is. */
export const SECOND_GRADES = ['clean', 'hard', 'very-hard'] as const;
export type SecondGrade = (typeof SECOND_GRADES)[number];

/** A side as the second drawer lays it out: jittered middles on a slightly bent lattice. */
export interface SecondLayout {
  readonly columns: number;
  readonly rows: number;
  readonly x: Float64Array;
  readonly y: Float64Array;
  readonly cells: readonly SecondCell[];
  /** width and height in cells */
  readonly width: number;
  readonly height: number;
}

type Draw = () => number;

/** Smooth hills, added up: where they are high, bees finished first. */
function hills(draw: Draw, width: number, height: number) {
  const tops = Array.from({ length: 3 + floor(6 * draw()) }, () => ({
    x: draw() * width,
    y: draw() * height * 0.8,
    reach: (0.08 + 0.22 * draw()) * width,
    high: 0.4 + draw(),
  }));
  return (x: number, y: number): number =>
    tops.reduce(
      (sum, top) => sum + top.high * exp(-(((x - top.x) ** 2 + (y - top.y) ** 2) / top.reach ** 2)),
      0,
    );
}

/** The same seed is the same side; the share of capped among honey is drawn, too. */
export function secondLayout(seed: number): SecondLayout {
  const draw = seededRandom(seed ^ 0x2b0b);
  const normal = normalDraws(draw);
  const [columns, rows] = [62, 30];
  const [width, height] = [columns + 0.5, 1 + (rows - 1) * 0.866];
  const bend = 0.25 * normal();
  const x = new Float64Array(columns * rows);
  const y = new Float64Array(columns * rows);
  for (let at = 0; at < x.length; at += 1) {
    const row = floor(at / columns);
    x[at] = 0.5 + (at % columns) + (row % 2) / 2 + 0.045 * normal();
    y[at] = 0.55 + row * 0.866 + bend * sin((3 * x[at]!) / width) + 0.045 * normal();
  }
  const finish = hills(draw, width, height);
  const cells: SecondCell[] = Array.from(x, () => 'open');
  const nest = draw() < 0.35 ? 0.2 + 0.25 * draw() : 0;
  const nestX = width * (0.3 + 0.4 * draw());
  const bare = draw() < 0.5 ? 0.25 * draw() : 0.02;
  cells.forEach((_, at) => {
    const away =
      hypot((x[at]! - nestX) / width, (0.6 * (height - y[at]!)) / height) + 0.02 * normal();
    if (away < nest) cells[at] = draw() < 0.95 ? 'brood' : 'empty';
    else if (nest > 0 && away < nest + 0.07) cells[at] = draw() < 0.8 ? 'pollen' : 'open';
    else if (height - y[at]! < bare * height * (0.6 + 0.8 * draw())) cells[at] = 'empty';
  });
  const honey = cells.flatMap((cell, at) => (cell === 'open' ? [at] : []));
  const rank = new Map(honey.map((at) => [at, finish(x[at]!, y[at]!) + 0.08 * normal()]));
  honey.sort((a, b) => rank.get(b)! - rank.get(a)!);
  honey.slice(0, round(draw() * honey.length)).forEach((at) => {
    cells[at] = 'capped';
  });
  return { columns, rows, x, y, cells, width, height };
}

/** The cell whose middle is nearest. */
export function secondCellAt(
  { columns, rows, x, y }: SecondLayout,
  px: number,
  py: number,
): number {
  const near = round((py - 0.55) / 0.866);
  let [best, least] = [0, Infinity];
  for (let row = max(0, near - 1); row <= min(rows - 1, near + 1); row += 1) {
    const middle = round(px - 0.5 - (row % 2) / 2);
    for (let column = max(0, middle - 1); column <= min(columns - 1, middle + 1); column += 1) {
      const at = row * columns + column;
      const away = (x[at]! - px) ** 2 + (y[at]! - py) ** 2;
      if (away < least) [best, least] = [at, away];
    }
  }
  return best;
}

/** Share of capped among the cells with honey. */
export function secondShare({ cells }: SecondLayout): number {
  const capped = cells.filter((cell) => cell === 'capped').length;
  return capped / (capped + cells.filter((cell) => cell === 'open').length);
}
