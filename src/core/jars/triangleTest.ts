import { requireInRange, requireWhole } from '../errors';

/** The odd of three glasses is found by chance once in three. */
const BY_CHANCE = 1 / 3;

/** Chance that must not be exceeded before two honeys count as different [1]. */
const LEVEL = 0.05;

/** What a tasting says. */
export interface TriangleTest {
  /** chance of so many right, or more, where nobody can tell them apart [1] */
  readonly chance: number;
  /** fewest right answers that tell them apart; null where even all right would not */
  readonly needed: number | null;
  readonly toldApart: boolean;
}

/** Chance of each number of right answers among so many tasters [1]. */
function binomial(tasters: number): number[] {
  let chances = [1];
  for (let taster = 0; taster < tasters; taster += 1) {
    chances = Array.from(
      { length: chances.length + 1 },
      (_, right) => (chances[right] ?? 0) * (1 - BY_CHANCE) + (chances[right - 1] ?? 0) * BY_CHANCE,
    );
  }
  return chances;
}

/**
 * Whether people can tell two honeys apart: each gets three glasses, two of them alike, and names the odd
 * one.
 *
 * @param tasters - glasses of three that were tasted, 1..200
 * @param right - how many named the odd one, 0..tasters
 * @throws DomainError `out-of-range`
 * @source binomial with a third; least numbers as in ISO 4120, recalled from memory
 * @example triangleTest(12, 8).chance // => 0.0188 ± 1e-4
 */
export function triangleTest(tasters: number, right: number): TriangleTest {
  const fn = 'triangleTest';
  requireWhole(tasters, [1, 200], { fn, param: 'tasters', unit: '1' });
  requireInRange(requireWhole(right, [0, 200], { fn, param: 'right', unit: '1' }), [0, tasters], {
    fn,
    param: 'right',
    unit: '1',
  });
  const chances = binomial(tasters);
  const atLeast = (least: number): number =>
    chances.slice(least).reduce((sum, chance) => sum + chance, 0);
  const needed = chances.findIndex((_, least) => atLeast(least) <= LEVEL);
  const chance = atLeast(right);
  return { chance, needed: needed < 0 ? null : needed, toldApart: chance <= LEVEL };
}
