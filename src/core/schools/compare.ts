import { requireFinite } from '../errors';
import { expectedMixture, type Expectation } from '../capping/expectation';
import { conformityProbability, type Estimate } from '../conformity/conformity';
import { coarseDrying, ORDINARY_ROOM, type RoomAir } from '../drying/coarseDrying';
import type { MassEstimate } from '../mass/amountMass';
import { EXTRACTED_ACTS, NO_CONTEXT, decideFrames, type DecideContext } from './decide';
import { frameCount, pooledStates, type FrameEvidence } from './frameEvidence';
import { honeyOf } from './ripeness';
import type { School } from './school';

/** What drying a school's harvest takes. */
export type DryingNeed =
  | { readonly status: 'dry-enough' }
  | { readonly status: 'days'; readonly days: number }
  | { readonly status: 'in-the-tank' }
  | { readonly status: 'no-way' };

/** What a school would have done with the same frames. */
export interface SchoolOutcome {
  readonly school: School;
  readonly takenFrames: number;
  /** of these, frames that go to the warm room first */
  readonly toDryFrames: number;
  readonly leftFrames: number;
  readonly taken: MassEstimate;
  readonly left: MassEstimate;
  /** share of the honey taken that is open [1], null where nothing is taken */
  readonly openShare: number | null;
  /** before any reading and drying [% by mass], null where nothing is taken */
  readonly expected: Estimate | null;
  /** chance to be over the limit [1] */
  readonly overProbability: number | null;
  readonly drying: DryingNeed;
}

/** What the comparison rests on besides the frames. */
export interface CompareContext extends DecideContext {
  readonly expectation: Expectation;
  /** moisture that drying is to reach [% by mass] */
  readonly targetPercent: number;
  readonly room?: RoomAir;
}

function dryingNeed(
  school: School,
  expected: Estimate | null,
  openShare: number,
  { targetPercent, room = ORDINARY_ROOM }: CompareContext,
): DryingNeed {
  if (!expected || expected.mean <= targetPercent) return { status: 'dry-enough' };
  if (school.drying === 'none') return { status: 'no-way' };
  if (school.drying === 'after-extraction') return { status: 'in-the-tank' };
  const task = { fromPercent: expected.mean, toPercent: targetPercent, cappedShare: 1 - openShare };
  const dried = coarseDrying(task, room);
  return dried.status === 'reached' ? { status: 'days', days: dried.days } : { status: 'no-way' };
}

function outcomeOf(
  frames: readonly FrameEvidence[],
  school: School,
  context: CompareContext,
): SchoolOutcome {
  const decisions = decideFrames(frames, school, context);
  const isTaken = (at: number): boolean => EXTRACTED_ACTS.includes(decisions[at]?.act ?? 'leave');
  const takenFrames = frames.filter((_, at) => isTaken(at));
  const leftFrames = frames.filter((_, at) => !isTaken(at));
  const states = pooledStates(takenFrames);
  const openShare = states ? 1 - states.capped : null;
  const expected = states ? expectedMixture(states, context.expectation) : null;
  return {
    school,
    takenFrames: frameCount(takenFrames),
    toDryFrames: frameCount(frames.filter((_, at) => decisions[at]?.act === 'take-to-dry')),
    leftFrames: frameCount(leftFrames),
    taken: honeyOf(takenFrames),
    left: honeyOf(leftFrames),
    openShare,
    expected,
    overProbability: expected ? 1 - conformityProbability(expected, context.limitPercent) : null,
    drying: dryingNeed(school, expected, openShare ?? 0, context),
  };
}

/**
 * The schools side by side on the very same frames.
 *
 * @param frames - judged frames
 * @param schools - shipped and own
 * @param context - expectation, limit, target, flow and stores
 * @returns one outcome a school, in their order
 * @throws DomainError as the parts
 * @source common practice, no source
 */
export function compareSchools(
  frames: readonly FrameEvidence[],
  schools: readonly School[],
  context: CompareContext,
): SchoolOutcome[] {
  requireFinite({ frames, schools, context }, 'compareSchools');
  return schools.map((school) => outcomeOf(frames, school, context));
}

/** Context of a comparison with nothing known of flow and stores. */
export function plainComparison(
  expectation: Expectation,
  limitPercent: number,
  targetPercent: number,
): CompareContext {
  return { ...NO_CONTEXT, limitPercent, targetPercent, expectation };
}
