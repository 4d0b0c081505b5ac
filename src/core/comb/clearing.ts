import { requireFinite, requireInRange } from '../errors';

/** Ways to clear bees from the boxes. */
export const CLEARING_METHODS = [
  'none',
  'escape-board',
  'scent',
  'smoke',
  'brush',
  'blower',
] as const;
export type ClearingMethod = (typeof CLEARING_METHODS)[number];

/** What is done to clear bees, and what to mind on it. */
export type ClearingStep =
  | { readonly step: 'boards-on'; readonly days: number | null }
  | { readonly step: 'scent-on'; readonly minutes: number | null }
  | { readonly step: 'smoke' | 'queen' }
  | { readonly step: 'brush'; readonly frames: number; readonly minutes: number }
  | { readonly step: 'blower'; readonly frames: number };

/** What is against a way on a day. */
export const CLEARING_DOUBTS = [
  'scent-in-cold',
  'scent-in-heat',
  'boards-over-brood',
  'brush-in-cold',
  'blower-in-cold',
] as const;
export type ClearingDoubt = (typeof CLEARING_DOUBTS)[number];

/** What clearing follows from. */
export interface ClearingQuestion {
  readonly method: ClearingMethod;
  /** frames that are taken, or are in the boxes that come off */
  readonly frames: number;
  readonly leadDays: number | null;
  /** the agent stays on for so long by its label [h] */
  readonly contactHours: number | null;
  /** of the day [°C]; null where not known */
  readonly temperatureC: number | null;
  /** brood was seen in a box that comes off */
  readonly broodInBoxes: boolean;
}

/** A blower is for the last bees: so many frames at most. @source common practice, no source */
const BLOWN_FRAMES = 12;

/** Shaking and brushing a frame takes about [min]. @source common practice, no source */
const BRUSH_MINUTES = 0.75;

/** Scent hardly rises below the first and drives bees out of the hive above the second [°C]. @source common practice, no source */
const SCENT_RANGE_C = [18, 32] as const;

/** Brushed or blown into colder air than this, bees do not find back [°C]. @source common practice, no source */
const BEES_FLY_FROM_C = 12;

function doubtsOf({ method, temperatureC, broodInBoxes }: ClearingQuestion): ClearingDoubt[] {
  const doubts: ClearingDoubt[] = [];
  if (method === 'escape-board' && broodInBoxes) doubts.push('boards-over-brood');
  if (temperatureC === null) return doubts;
  const [low, high] = SCENT_RANGE_C;
  if (method === 'scent' && temperatureC < low) doubts.push('scent-in-cold');
  if (method === 'scent' && temperatureC > high) doubts.push('scent-in-heat');
  if (temperatureC < BEES_FLY_FROM_C) {
    doubts.push(method === 'blower' ? 'blower-in-cold' : 'brush-in-cold');
  }
  return doubts;
}

/**
 * How bees are cleared, in order: the slow way first, then brush or shake frame by frame, a blower for the
 * last dozen only; and what is against it on the day.
 *
 * @throws DomainError `out-of-range`
 * @source common practice, no source; contact times as on the label of the agent
 */
export function clearingPlan(question: ClearingQuestion): {
  readonly steps: readonly ClearingStep[];
  readonly doubts: readonly ClearingDoubt[];
} {
  requireFinite({ question }, 'clearingPlan');
  const { method, frames, leadDays, contactHours } = question;
  requireInRange(frames, [0, 100_000], { fn: 'clearingPlan', param: 'frames', unit: '1' });
  const blown = method === 'blower' ? Math.min(BLOWN_FRAMES, frames) : 0;
  const brushed = frames - blown;
  const minutes = contactHours === null ? null : Math.round(60 * contactHours);
  const steps: ClearingStep[] = [
    ...(method === 'escape-board' ? [{ step: 'boards-on' as const, days: leadDays }] : []),
    ...(method === 'scent' ? [{ step: 'scent-on' as const, minutes }] : []),
    { step: 'smoke' },
    { step: 'queen' },
    ...(brushed > 0
      ? [{ step: 'brush' as const, frames: brushed, minutes: Math.ceil(brushed * BRUSH_MINUTES) }]
      : []),
    ...(blown > 0 ? [{ step: 'blower' as const, frames: blown }] : []),
  ];
  return { steps, doubts: doubtsOf(question) };
}
