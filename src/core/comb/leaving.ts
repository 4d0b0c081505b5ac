import { requireFinite, requireInRange } from '../errors';

/** What is left to a hive, and what else is known of it. */
export interface LeftHive {
  readonly id: string;
  /** honey in frames that stay [kg] */
  readonly leftKg: number;
  /** the keeper's own target [kg]; null where none is set */
  readonly targetKg: number | null;
  /** frames that stay; of those the ones that are only part-filled */
  readonly frames: number;
  readonly partFilled: number;
  /** honey boxes on it, and the places of one */
  readonly boxes: number;
  readonly slots: number;
  /** all frames of its honey boxes were judged: what stays is all that there is */
  readonly allJudged: boolean;
  /** frames with brood in a honey box */
  readonly broodFrames: number;
  readonly health: 'sound' | 'unknown' | 'suspect';
}

/** Names of what is done with what stays. */
export const LEAVING_STEPS = [
  'short',
  'take-from',
  'none-may-give',
  'box-down',
  'divider',
  'scratch',
  'guard-on',
  'late-brood',
] as const;

/** What is done with what stays. */
export type LeavingStep =
  | { readonly step: 'short'; readonly kg: number }
  | { readonly step: 'take-from'; readonly from: string }
  | { readonly step: 'none-may-give' }
  | { readonly step: 'box-down'; readonly boxes: number }
  | { readonly step: 'divider'; readonly frames: number }
  | { readonly step: 'scratch'; readonly frames: number }
  | { readonly step: 'guard-on' }
  | { readonly step: 'late-brood'; readonly frames: number };

/** Honey above the target from which a hive has a frame to give [kg]. @source our choice */
const SPARE_KG = 1.5;

function fromOthers(hive: LeftHive, others: readonly LeftHive[]): LeavingStep[] {
  const lacking = (hive.targetKg ?? 0) - hive.leftKg;
  if (hive.targetKg === null || lacking <= 0) return [];
  const short: LeavingStep = { step: 'short', kg: lacking };
  const spare = others.filter(
    (other) =>
      other.id !== hive.id && other.targetKg !== null && other.leftKg - other.targetKg >= SPARE_KG,
  );
  const giver = spare
    .filter(({ health }) => health === 'sound')
    .sort((a, b) => b.leftKg - (b.targetKg ?? 0) - (a.leftKg - (a.targetKg ?? 0)))[0];
  if (giver) return [short, { step: 'take-from', from: giver.id }];
  return spare.length > 0 ? [short, { step: 'none-may-give' }] : [short];
}

/**
 * What is done with what stays on a hive, in its order: what it still lacks and who may give it; once all
 * frames were judged, boxes down to those that the frames need, a divider beside the frames that stay, part-filled frames scratched
 * and set outside it so that bees carry their honey in, the guard on; late brood is left alone. Honey of
 * a hive whose health is in doubt, or not known, is given to no other.
 *
 * @param hive - frames and masses 0 or more
 * @param others - of the same yard
 * @param closing - the last visit before winter
 * @throws DomainError `out-of-range`
 * @source common practice, no source
 */
export function leavingSteps(
  hive: LeftHive,
  others: readonly LeftHive[],
  closing: boolean,
): LeavingStep[] {
  requireFinite({ hive, others }, 'leavingSteps');
  const fn = 'leavingSteps';
  requireInRange(hive.slots, [1, 40], { fn, param: 'slots', unit: '1' });
  requireInRange(hive.frames, [0, 1000], { fn, param: 'frames', unit: '1' });
  const needed = Math.ceil(hive.frames / hive.slots);
  const whole = hive.frames - hive.partFilled;
  const steps: LeavingStep[] = fromOthers(hive, others);
  if (hive.allJudged && needed < hive.boxes) steps.push({ step: 'box-down', boxes: needed });
  if (hive.allJudged && hive.frames % hive.slots !== 0) {
    steps.push({ step: 'divider', frames: hive.frames });
  }
  if (hive.partFilled > 0 && whole > 0) steps.push({ step: 'scratch', frames: hive.partFilled });
  if (closing) steps.push({ step: 'guard-on' });
  if (hive.broodFrames > 0) steps.push({ step: 'late-brood', frames: hive.broodFrames });
  return steps;
}

/** A kilogram of sucrose becomes so much invert sugar: 360.3 g of 342.3 g. @source molar masses */
const INVERT_PER_SUGAR = 360.3 / 342.3;

/**
 * Sugar that would have to be fed in place of honey that stays.
 *
 * @param honeyKg - [kg], 0 or more
 * @param moisturePercent - of the honey, 12..30
 * @returns [kg] of dry sugar
 * @throws DomainError `out-of-range`
 * @source dry matter of honey, as sucrose before it is inverted
 * @example sugarInsteadKg(10, 18) // => 7.790 ± 0.001
 */
export function sugarInsteadKg(honeyKg: number, moisturePercent: number): number {
  const fn = 'sugarInsteadKg';
  requireInRange(honeyKg, [0, 1e6], { fn, param: 'honeyKg', unit: 'kg' });
  requireInRange(moisturePercent, [12, 30], { fn, param: 'moisturePercent', unit: '%' });
  return (honeyKg * (1 - moisturePercent / 100)) / INVERT_PER_SUGAR;
}
