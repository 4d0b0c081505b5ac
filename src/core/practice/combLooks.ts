import { requireFinite } from '../errors';
import { mean, squaredDeviations } from '../moisture/spreads';
import { seededRandom } from '../stats/seededRandom';
import { combScene, type CombScene } from './combScene';
import { COMB_KINDS, type CombKind } from './drills';

/** How one look at a drawn comb went [1]. */
export interface CombLook {
  readonly kind: CombKind;
  readonly answered: number;
  readonly truth: number;
}

/** Off by more than this, a look counts as missed [1]. @source our choice, no source */
export const HIT_WITHIN = 0.1;

const isHit = ({ answered, truth }: CombLook): boolean =>
  Math.abs(answered - truth) <= HIT_WITHIN + 1e-9;

/** A kind that was hit so often in a row comes again after so many looks. @source Leitner's boxes, recalled from memory */
function waitAfter(hits: number): number {
  return 2 ** Math.min(4, hits);
}

interface Standing {
  readonly kind: CombKind;
  readonly hits: number;
  /** looks since it came last; a kind never seen is due at once */
  readonly since: number;
}

function standingOf(kind: CombKind, looks: readonly CombLook[]): Standing {
  const own = looks.filter((look) => look.kind === kind);
  const missed = own.map(isHit).lastIndexOf(false);
  const last = looks.map((look) => look.kind).lastIndexOf(kind);
  return {
    kind,
    hits: own.length - 1 - missed,
    since: last < 0 ? Infinity : looks.length - 1 - last,
  };
}

/**
 * The kind of comb to show next: what was missed comes again soon, what was hit in a row later.
 *
 * @param looks - oldest first
 * @param seed - any whole number; breaks ties
 * @source spaced repetition with Leitner's boxes, recalled from memory
 */
export function nextCombKind(looks: readonly CombLook[], seed: number): CombKind {
  requireFinite({ looks, seed }, 'nextCombKind');
  const draw = seededRandom(seed ^ 0x1e17);
  const ranked = COMB_KINDS.map((kind) => {
    const { hits, since } = standingOf(kind, looks);
    return { kind, rank: Math.min(since, 99) / waitAfter(hits) + 0.2 * draw() };
  }).sort((a, b) => b.rank - a.rank);
  return ranked[0]?.kind ?? 'plain';
}

/**
 * A side to look at; the same seed and kind are the same side, its two halves of a frame alike.
 *
 * @param seed - any whole number
 * @source invented; shares evenly from none to all
 */
export function combLookOf(seed: number, kind: CombKind): CombScene {
  requireFinite({ seed }, 'combLookOf');
  const frame = seededRandom(Math.floor(seed / 2) ^ 0x0fa3)();
  const side = seededRandom(seed ^ 0x77)();
  const share = Math.min(1, Math.max(0, 1.16 * frame - 0.08 + 0.2 * (side - 0.5)));
  return combScene({ seed, kind, share });
}

/** Mean and scatter of answers less truth [1]; null of fewer than two looks. @source a definition */
export function errorsOfEye(
  looks: readonly CombLook[],
): { readonly mean: number; readonly scatter: number } | null {
  requireFinite({ looks }, 'errorsOfEye');
  if (looks.length < 2) return null;
  const errors = looks.map((look) => look.answered - look.truth);
  return {
    mean: mean(errors),
    scatter: Math.sqrt(squaredDeviations(errors) / (errors.length - 1)),
  };
}

/** How an eye does at one kind of comb. */
export interface KindSkill {
  readonly kind: CombKind;
  readonly looks: number;
  /** mean of answer less truth [1] */
  readonly bias: number;
  /** root of the mean square of the same [1] */
  readonly off: number;
}

function skillAt(kind: CombKind, looks: readonly CombLook[]): KindSkill {
  const errors = looks
    .filter((look) => look.kind === kind)
    .map((look) => look.answered - look.truth);
  return {
    kind,
    looks: errors.length,
    bias: mean(errors),
    off: Math.sqrt(mean(errors.map((error) => error * error))),
  };
}

/** How an eye does at each kind of comb that it saw. @source a definition */
export function skillByKind(looks: readonly CombLook[]): KindSkill[] {
  requireFinite({ looks }, 'skillByKind');
  return COMB_KINDS.filter((kind) => looks.some((look) => look.kind === kind)).map((kind) =>
    skillAt(kind, looks),
  );
}

/** Looks that one step of the course sums up. @source our choice, no source */
export const COURSE_STEP = 10;

/** How far off an eye was, ten looks at a time, oldest first [1]. @source a definition */
export function courseOfPractice(looks: readonly CombLook[]): number[] {
  requireFinite({ looks }, 'courseOfPractice');
  return Array.from({ length: Math.floor(looks.length / COURSE_STEP) }, (_, step) => {
    const some = looks.slice(step * COURSE_STEP, (step + 1) * COURSE_STEP);
    return Math.sqrt(mean(some.map((look) => (look.answered - look.truth) ** 2)));
  });
}
