import { describe, expect, test } from '@jest/globals';
import { normalDraws, seededRandom } from '../stats/seededRandom';
import { EYE, countedCapping, judgedCapping, type CappedEstimate } from './cappedShare';

/**
 * Does the interval hold the true share as often as it says? Combs are drawn cell by cell: a dome of
 * capped honey with a ragged edge, open honey around it, empty corners.
 */
// Jest's sandbox looks globals up slowly; these are called millions of times.
const { floor, sqrt } = Math;

const COLUMNS = 42;
const ROWS = 20;

interface Comb {
  /** 2 capped, 1 open, 0 empty */
  readonly cells: Uint8Array;
  readonly share: number;
}

function drawnComb(random: () => number): Comb {
  const [middleX, reach, ragged] = [random() * COLUMNS, 4 + random() * 36, random() * 6];
  const fill = ROWS * (0.5 + random() * 0.6);
  const cells = new Uint8Array(COLUMNS * ROWS);
  let [capped, honey] = [0, 0];
  for (let y = 0; y < ROWS; y += 1) {
    for (let x = 0; x < COLUMNS; x += 1) {
      if (ROWS - y > fill + (random() - 0.5) * ragged) continue;
      const away = sqrt((x - middleX) ** 2 + ((y - 2) * 1.6) ** 2) + (random() - 0.5) * 2 * ragged;
      const state = away < reach ? 2 : 1;
      cells[y * COLUMNS + x] = state;
      honey += 1;
      if (state === 2) capped += 1;
    }
  }
  return { cells, share: honey > 0 ? capped / honey : 0 };
}

function counted(comb: Comb, at: readonly number[]): CappedEstimate | null {
  const states = at.map((value) => comb.cells[value] ?? 0);
  const capped = states.filter((state) => state === 2).length;
  const open = states.filter((state) => state === 1).length;
  return capped + open >= 12 ? countedCapping(capped, open) : null;
}

/** A regular grid of points with a random start. */
function gridPoints(random: () => number, columns: number, rows: number): number[] {
  const [startX, startY] = [random(), random()];
  return Array.from({ length: columns * rows }, (_, at) => {
    const x = floor((((at % columns) + startX) * COLUMNS) / columns);
    const y = floor(((floor(at / columns) + startY) * ROWS) / rows);
    return y * COLUMNS + x;
  });
}

const randomPoints = (random: () => number, count: number): number[] =>
  Array.from({ length: count }, () => floor(random() * COLUMNS * ROWS));

/** How often the interval holds the true share over many combs. */
function coverage(
  combs: number,
  seed: number,
  look: (comb: Comb, random: () => number) => CappedEstimate | null,
): number {
  const random = seededRandom(seed);
  let [held, looked] = [0, 0];
  while (looked < combs) {
    const comb = drawnComb(random);
    const seen = look(comb, random);
    if (!seen) continue;
    looked += 1;
    if (comb.share >= seen.low - 1e-9 && comb.share <= seen.high + 1e-9) held += 1;
  }
  return held / looked;
}

describe('coverage over random combs, stated rate 95 in 100', () => {
  test('points thrown at random: within 1.5 of the stated rate over 3,000 combs', () => {
    const found = coverage(3000, 5, (comb, random) => counted(comb, randomPoints(random, 48)));
    expect(found).toBeGreaterThan(0.935);
    expect(found).toBeLessThan(0.965);
  });

  test.each([
    ['a first grid of 24 points', 6, 4],
    ['two grids, 48 points', 6, 8],
  ])('%s: never less often than stated over 2,000 combs', (_name, columns, rows) => {
    const found = coverage(2000, 7, (comb, random) =>
      counted(comb, gridPoints(random, columns, rows)),
    );
    expect(found).toBeGreaterThan(0.945);
  });

  test('an eye as good as it is taken to be, in steps of a tenth: 2,000 combs', () => {
    const draw = normalDraws(seededRandom(3));
    const found = coverage(2000, 9, ({ share }) => {
      const seen = share + Math.sqrt((share * (1 - share)) / EYE.worthPoints) * draw();
      return judgedCapping(Math.round(Math.min(1, Math.max(0, seen)) * 10) / 10, EYE);
    });
    expect(found).toBeGreaterThan(0.945);
    expect(found).toBeLessThan(0.995);
  });
});
