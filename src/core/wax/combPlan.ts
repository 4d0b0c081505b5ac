import { requireFinite, requireInRange } from '../errors';
import { COMB_STATES, type CombState } from './waxForms';

/** Honey that bees eat to build wax [kg/kg]. @source recalled from memory, disputed: six to eight */
const HONEY_PER_WAX: readonly [number, number] = [6, 8];

/** Wax in a drawn comb [kg/dm² of both sides]. @source common practice, no source: a deep comb holds about 0.1 kg */
const COMB_WAX_KG_PER_DM2 = 0.012;

/**
 * Honey that bees will need to build comb anew.
 *
 * @param combs - that are missing, half-drawn ones as halves, 0..1e5
 * @param areaDm2 - of one side of a comb [dm²], 1..30
 * @returns least and most [kg]
 * @throws DomainError `out-of-range`
 */
export function buildingHoneyKg(combs: number, areaDm2: number): readonly [number, number] {
  const fn = 'buildingHoneyKg';
  const count = requireInRange(combs, [0, 1e5], { fn, param: 'combs', unit: '1' });
  const area = requireInRange(areaDm2, [1, 30], { fn, param: 'areaDm2', unit: 'dm²' });
  const waxKg = count * area * COMB_WAX_KG_PER_DM2;
  return [waxKg * HONEY_PER_WAX[0], waxKg * HONEY_PER_WAX[1]];
}

/** What frames need before the next season. */
export interface CombPlan {
  /** combs that stand ready */
  readonly ready: number;
  /** frames that get new foundation: bare ones, and those whose comb is melted */
  readonly sheets: number;
  /** honey that the bees will need to build what is not drawn [kg] */
  readonly honeyKg: readonly [number, number];
}

/**
 * What counted frames need before the next season.
 *
 * @throws DomainError `out-of-range`
 */
export function combPlan(counts: Readonly<Record<CombState, number>>, areaDm2: number): CombPlan {
  requireFinite({ counts, areaDm2 }, 'combPlan');
  for (const state of COMB_STATES) {
    requireInRange(counts[state], [0, 1e5], { fn: 'combPlan', param: state, unit: '1' });
  }
  const sheets = counts.bare + counts['to-melt'];
  return {
    ready: counts.drawn,
    sheets,
    honeyKg: buildingHoneyKg(sheets + counts['half-drawn'] / 2, areaDm2),
  };
}
