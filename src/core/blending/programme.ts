/** What a solver found. */
export interface ProgrammeSolution {
  readonly status: 'optimal' | 'stopped' | 'infeasible';
  readonly values: Readonly<Record<string, number>>;
  /** no solution is worth more [kg] */
  readonly boundKg: number;
}

/** Solves a mixed-integer programme in LP format within some seconds, to within a share of its worth. */
export type ProgrammeSolver = (
  model: string,
  limits: { readonly seconds: number; readonly gapShare: number },
) => ProgrammeSolution;

/** How long pouring lists are looked for [s], and by which clock. */
export interface BlendLimits {
  readonly seconds: number;
  readonly nowMs: () => number;
}

/** Value of a variable, never below 0; 0 for one that is not there. */
export const valueOf = ({ values }: ProgrammeSolution, name: string): number =>
  Math.max(0, values[name] ?? 0);

/** By how much a tank may pass its target with guard band [%]: less than any figure tells. */
export const GUARD_TOLERANCE_PERCENT = 5e-4;

/** Least that is poured [kg]. @source our choice, no source */
export const LEAST_POUR_KG = 0.005;

/** Most rounds of cuts. */
export const MOST_ROUNDS = 40;

/** Seconds that are left. */
export type Seconds = () => number;
