import { requireInRange, requireFinite } from '../errors';
import {
  clearedFromUm,
  clearedShare,
  fluidity,
  settlingC,
  type SettlingVessel,
} from './clearedShare';
import { HONEY_KG_PER_M3, MATTER, MATTER_KINDS, sizeClasses, type MatterKind } from './matter';

/** Honey that stands to clear. */
export interface SettlingTask {
  readonly vessel: SettlingVessel;
  /** finest mesh it went through [µm]; Infinity where it was not strained */
  readonly strainedUm: number;
}

/** How far one kind of matter has cleared. */
export interface Cleared {
  /** of its mass [1] */
  readonly share: number;
  /** all that is larger is gone [µm] */
  readonly fromUm: number;
}

/** How far all matter has cleared after a time. */
export interface SettlingMoment {
  readonly hours: number;
  readonly temperatureC: number;
  readonly matter: Readonly<Record<MatterKind, Cleared>>;
}

/** Sizes of all matter; once for a course. */
function classesOf({ strainedUm }: SettlingTask) {
  return MATTER_KINDS.map((kind) => ({
    kind,
    density: MATTER[kind].densityKgPerM3,
    // air is no longer held by the mesh: bubbles form behind it
    classes: sizeClasses(MATTER[kind], kind === 'bubbles' ? Infinity : strainedUm),
  }));
}

/**
 * How far a vessel has cleared at some times.
 *
 * @param hours - since it was filled [h], none negative
 * @throws DomainError `out-of-range`
 * @source Stokes with a distribution of sizes; sizes are assumptions, see `MATTER`
 */
export function settlingCourse(task: SettlingTask, hours: readonly number[]): SettlingMoment[] {
  requireFinite({ task, hours }, 'settlingCourse');
  const kinds = classesOf(task);
  const { vessel } = task;
  return hours.map((at) => {
    const dose = fluidity(vessel, at);
    const matter = Object.fromEntries(
      kinds.map(({ kind, density, classes }) => [
        kind,
        {
          share: clearedShare(classes, density, vessel.heightCm, dose),
          fromUm: clearedFromUm(density, vessel.heightCm, dose),
        },
      ]),
    ) as Record<MatterKind, Cleared>;
    return { hours: at, temperatureC: settlingC(vessel, at), matter };
  });
}

/** Longest that is looked ahead [h]: half a year. */
export const LONGEST_HOURS = 4380;

/**
 * When a share of one kind of matter has cleared.
 *
 * @param share - [1], 0.01..0.999
 * @returns [h]; Infinity where not within half a year
 * @throws DomainError `out-of-range`
 * @source bisection: what has cleared never falls
 */
export function hoursToClear(task: SettlingTask, kind: MatterKind, share: number): number {
  requireInRange(share, [0.01, 0.999], { fn: 'hoursToClear', param: 'share', unit: '1' });
  const { vessel } = task;
  const one = classesOf(task).find((each) => each.kind === kind)!;
  const cleared = (hours: number): boolean =>
    clearedShare(one.classes, one.density, vessel.heightCm, fluidity(vessel, hours)) >= share;
  if (!cleared(LONGEST_HOURS)) return Infinity;
  let [low, high] = [0, LONGEST_HOURS];
  while (high - low > 0.01 + 1e-4 * high) {
    const middle = (low + high) / 2;
    if (cleared(middle)) high = middle;
    else low = middle;
  }
  return high;
}

/**
 * The first skim is due once most of the foam is up, the second once another day brings up little
 * more wax [1].
 *
 * @source our choice, no source
 */
export const SKIM_AT = { foam: 0.8, waxPerDay: 0.05 } as const;

/** When to skim [h after filling]; Infinity where it does not come to that within half a year. */
export interface SkimPlan {
  readonly firstHours: number;
  readonly secondHours: number;
}

/**
 * When to skim: first by the foam, then by the wax.
 *
 * @throws DomainError `out-of-range`
 * @source bisection; while honey stands, a day brings up ever less wax once it is as the room
 */
export function skimPlan(task: SettlingTask): SkimPlan {
  requireFinite({ task }, 'skimPlan');
  const firstHours = hoursToClear(task, 'bubbles', SKIM_AT.foam);
  if (!Number.isFinite(firstHours)) return { firstHours, secondHours: firstHours };
  const brings = (hours: number): number => {
    const [now, later] = settlingCourse(task, [hours, hours + 24]);
    return later!.matter.wax.share - now!.matter.wax.share;
  };
  let [low, high] = [firstHours, LONGEST_HOURS];
  if (brings(low) < SKIM_AT.waxPerDay) return { firstHours, secondHours: low };
  while (high - low > 0.25) {
    const middle = (low + high) / 2;
    if (brings(middle) < SKIM_AT.waxPerDay) high = middle;
    else low = middle;
  }
  return { firstHours, secondHours: high };
}

/** Heat that honey takes up [J/(kg·K)], and how it passes from a pail into still air [W/(m²·K)]. @source recalled from memory, rounded */
const HONEY_J_PER_KG_K = 2400;
const PAIL_W_PER_M2_K = 6;

/**
 * How slowly a round vessel follows the air about it.
 *
 * @param heightCm - of the honey [cm], 1..400
 * @param diameterCm - [cm], 1..400
 * @returns time in which the difference falls to 37 % [h]; its middle lags more
 * @throws DomainError `out-of-range`
 * @source heat of the honey by exchange over the whole surface; one temperature throughout
 */
export function vesselLagHours(heightCm: number, diameterCm: number): number {
  const fn = 'vesselLagHours';
  const height = requireInRange(heightCm, [1, 400], { fn, param: 'heightCm', unit: 'cm' }) / 100;
  const across =
    requireInRange(diameterCm, [1, 400], { fn, param: 'diameterCm', unit: 'cm' }) / 100;
  const volume = (Math.PI * across ** 2 * height) / 4;
  const surface = Math.PI * across * height + (Math.PI * across ** 2) / 2;
  return (HONEY_KG_PER_M3 * volume * HONEY_J_PER_KG_K) / (PAIL_W_PER_M2_K * surface) / 3600;
}
