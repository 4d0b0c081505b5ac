import { softmax } from './cellClassifier';
import type { PhotoClass } from './photoClasses';

/**
 * How gladly one kind of cell lies beside another, in the order of the classes: alike by alike, honey by
 * honey, brood by pollen, brood seldom by caps over honey.
 *
 * @source how bees lay out a comb: common practice, no source; figures by trial on drawn combs
 */
const BESIDE: Readonly<Record<PhotoClass, readonly number[]>> = {
  capped: [1, 0.6, 0.3, -1, -1, 0, 0],
  open: [0.6, 1, 0.5, -1, -0.3, 0, 0.2],
  empty: [0.3, 0.5, 1, -0.2, 0, 0, 0.5],
  brood: [-1, -1, -0.2, 1, 0.9, 0, -1],
  pollen: [-1, -0.3, 0, 0.9, 1, 0, -0.5],
  hidden: [0, 0, 0, 0, 0, 0.3, 0],
  undrawn: [0, 0.2, 0.5, -1, -0.5, 0, 1],
};
const ROWS = Object.values(BESIDE);

/** What eight neighbours of one mind weigh against a cell's own look, and how often they are asked. @source by trial on drawn combs */
const TRUST = { weight: 4, rounds: 8 } as const;

const { log, max, min } = Math;

/** Chances of a cell by its own look, once its neighbours were heard. */
export function besideOthers(own: readonly number[], around: readonly number[]): number[] {
  const pull = own.map((_, of) =>
    around.reduce((sum, chance, other) => sum + chance * ROWS[other]![of]!, 0),
  );
  return softmax(own.map((chance, of) => log(chance + 1e-6) + TRUST.weight * pull[of]!));
}

/** Mean chances of the up to eight cells around one. */
export function meanAround(
  cells: readonly (readonly number[])[],
  columns: number,
  at: number,
): number[] {
  const [row, column] = [Math.floor(at / columns), at % columns];
  const lastRow = cells.length / columns - 1;
  const sum = ROWS.map(() => 0);
  let count = 0;
  for (let v = max(0, row - 1); v <= min(lastRow, row + 1); v += 1)
    for (let u = max(0, column - 1); u <= min(columns - 1, column + 1); u += 1) {
      if (u === column && v === row) continue;
      const chances = cells[v * columns + u]!;
      for (let of = 0; of < sum.length; of += 1) sum[of]! += chances[of]!;
      count += 1;
    }
  return sum.map((value) => value / max(1, count));
}

/**
 * Chances of the cells of a side, each heard beside its neighbours.
 *
 * @param looks - chances of each cell by its own look, row by row
 * @param columns - cells in a row
 * @returns chances in the same order
 * @source mean field of a Markov random field, recalled from memory
 */
export function heardTogether(
  looks: readonly (readonly number[])[],
  columns: number,
): readonly (readonly number[])[] {
  let now = looks;
  for (let round = 0; round < TRUST.rounds; round += 1) {
    const before = now;
    now = looks.map((own, at) => besideOthers(own, meanAround(before, columns, at)));
  }
  return now;
}
