import { requireFinite, requireInRange } from '../errors';
import { COMB_KINDS, EVENING_CODES } from './drills';
import { combLookOf } from './combLooks';
import { trueShare, type CombScene } from './combScene';

/** Sides that a club looks at together. @source our choice, no source */
export const EVENING_LOOKS = 10;

/**
 * One of the sides of an evening; the same code shows everybody the same sides.
 *
 * @param code - 1..9999
 * @param at - 0..9
 * @throws DomainError `out-of-range`
 * @source invented
 */
export function eveningScene(code: number, at: number): CombScene {
  const fn = 'eveningScene';
  requireInRange(code, EVENING_CODES, { fn, param: 'code', unit: '1' });
  requireInRange(at, [0, EVENING_LOOKS - 1], { fn, param: 'at', unit: '1' });
  const kind = COMB_KINDS[(code + 3 * at) % COMB_KINDS.length] ?? 'plain';
  return combLookOf(code * 1000 + 7 * at, kind);
}

/** What one person said, side by side; shares [1], null where nothing was said. */
export interface EveningGuesses {
  readonly name: string;
  readonly answers: readonly (number | null)[];
}

/** How one person did. */
export interface EveningResult {
  readonly name: string;
  readonly looks: number;
  /** mean of how far off [1] */
  readonly off: number;
  /** mean of answer less truth [1] */
  readonly bias: number;
}

/**
 * Who came nearest over all sides; who said most sides comes first, then who was least far off.
 *
 * @param code - 1..9999
 * @throws DomainError `out-of-range`
 * @source a definition
 */
export function eveningResults(code: number, guesses: readonly EveningGuesses[]): EveningResult[] {
  requireFinite({ guesses }, 'eveningResults');
  const truths = Array.from({ length: EVENING_LOOKS }, (_, at) =>
    trueShare(eveningScene(code, at)),
  );
  return guesses
    .map(({ name, answers }) => {
      const errors = truths.flatMap((truth, at) => {
        const answer = answers[at];
        return answer === null || answer === undefined ? [] : [answer - truth];
      });
      const mean = (values: readonly number[]): number =>
        values.reduce((sum, value) => sum + value, 0) / Math.max(1, values.length);
      return { name, looks: errors.length, off: mean(errors.map(Math.abs)), bias: mean(errors) };
    })
    .filter(({ looks }) => looks > 0)
    .sort((a, b) => b.looks - a.looks || a.off - b.off);
}
