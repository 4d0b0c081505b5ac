import { requireFinite, requireInRange } from '../errors';
import { WAX_FORMS, type WaxAct, type WaxForm } from './waxForms';

/** Forms that come off the hive, to be melted for the first time. */
export const RAW_FORMS = ['cappings', 'burr-comb', 'old-comb'] as const;
export type RawForm = (typeof RAW_FORMS)[number];

/** Wax in a kilogram of each, honey and cocoons taken off [kg/kg]. @source common practice, no source */
export const USUAL_YIELD: Readonly<Record<RawForm, readonly [number, number]>> = {
  cappings: [0.4, 0.75],
  'burr-comb': [0.6, 0.9],
  'old-comb': [0.15, 0.35],
};

/** One line of the ledger. */
export interface WaxEntry {
  readonly act: WaxAct;
  readonly from: WaxForm | null;
  readonly fromKg: number | null;
  readonly into: WaxForm | null;
  readonly intoKg: number | null;
}

/** What of a form came in and went out [kg]. */
export interface WaxStock {
  readonly form: WaxForm;
  readonly leftKg: number;
  /** more was taken than ever came in [kg]; 0 where the ledger adds up */
  readonly missingKg: number;
}

/** What of each form is there. Never below nothing: what does not add up stands beside it. */
export function waxOnHand(entries: readonly WaxEntry[]): WaxStock[] {
  requireFinite({ entries }, 'waxOnHand');
  return WAX_FORMS.map((form) => {
    const kg = entries.reduce(
      (sum, { from, fromKg, into, intoKg }) =>
        sum + (into === form ? (intoKg ?? 0) : 0) - (from === form ? (fromKg ?? 0) : 0),
      0,
    );
    return { form, leftKg: Math.max(0, kg), missingKg: Math.max(0, -kg) };
  });
}

/** What melting a form gave. */
export interface MeltYield {
  readonly form: RawForm;
  readonly meltedKg: number;
  readonly waxKg: number;
  /** [kg/kg] */
  readonly share: number;
  readonly verdict: 'low' | 'usual' | 'high';
}

/** What melting gave, form by form; none for what was not melted. */
export function meltYields(entries: readonly WaxEntry[]): MeltYield[] {
  requireFinite({ entries }, 'meltYields');
  return RAW_FORMS.flatMap((form): MeltYield[] => {
    const own = entries.filter(({ act, from }) => act === 'melted' && from === form);
    const meltedKg = own.reduce((sum, { fromKg }) => sum + (fromKg ?? 0), 0);
    const waxKg = own.reduce((sum, { intoKg }) => sum + (intoKg ?? 0), 0);
    if (meltedKg <= 0) return [];
    const share = waxKg / meltedKg;
    const [low, high] = USUAL_YIELD[form];
    const verdict = share < low ? 'low' : share > high ? 'high' : 'usual';
    return [{ form, meltedKg, waxKg, share, verdict }];
  });
}

/** Wax in the cappings of honey that was uncapped [kg/kg]. @source common practice, no source: one to two kilograms of a hundred */
export const CAPPING_WAX: readonly [number, number] = [0.01, 0.02];

/**
 * Wax to expect from the cappings of extracted honey.
 *
 * @param honeyKg - [kg], 0..1e6
 * @returns least and most [kg]
 * @throws DomainError `out-of-range`
 */
export function cappingWaxKg(honeyKg: number): readonly [number, number] {
  const place = { fn: 'cappingWaxKg', param: 'honeyKg', unit: 'kg' };
  const kg = requireInRange(honeyKg, [0, 1e6], place);
  return [kg * CAPPING_WAX[0], kg * CAPPING_WAX[1]];
}

/** Foundation of usual thickness [kg/dm²]. @source recalled from memory: seven deep sheets to the pound */
const SHEET_KG_PER_DM2 = 0.0077;

/**
 * Sheets of foundation that wax is enough for.
 *
 * @param waxKg - clean wax [kg], 0..1e4
 * @param areaDm2 - of one sheet [dm²], 1..30
 * @throws DomainError `out-of-range`
 * @example sheetsFrom(1, 8.5) // => 15
 */
export function sheetsFrom(waxKg: number, areaDm2: number): number {
  const fn = 'sheetsFrom';
  const kg = requireInRange(waxKg, [0, 1e4], { fn, param: 'waxKg', unit: 'kg' });
  const area = requireInRange(areaDm2, [1, 30], { fn, param: 'areaDm2', unit: 'dm²' });
  return Math.floor(kg / (SHEET_KG_PER_DM2 * area) + 1e-9);
}
