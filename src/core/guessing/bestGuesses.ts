import { requireInRange } from '../errors';

/** A crop guessed before it was weighed. */
export interface Guess {
  readonly id: string;
  readonly kg: number;
}

/** Who came nearest; several where they tie, none where nobody guessed or all went over. */
export interface BestGuesses {
  readonly closest: readonly string[];
  readonly closestWithoutGoingOver: readonly string[];
}

function nearest(guesses: readonly Guess[], weighedKg: number): string[] {
  const least = Math.min(...guesses.map((guess) => Math.abs(guess.kg - weighedKg)));
  return guesses
    .filter((guess) => Math.abs(guess.kg - weighedKg) <= least + 1e-9)
    .map((guess) => guess.id);
}

/**
 * The guesses nearest to what was weighed, and the nearest among those not above it.
 *
 * @param guesses - masses >= 0 kg
 * @param weighedKg - >= 0 kg
 * @throws DomainError `out-of-range`
 * @source a definition
 */
export function bestGuesses(guesses: readonly Guess[], weighedKg: number): BestGuesses {
  const fn = 'bestGuesses';
  requireInRange(weighedKg, [0, 1e6], { fn, param: 'weighedKg', unit: 'kg' });
  guesses.forEach(({ kg }) => requireInRange(kg, [0, 1e6], { fn, param: 'kg', unit: 'kg' }));
  return {
    closest: nearest(guesses, weighedKg),
    closestWithoutGoingOver: nearest(
      guesses.filter((guess) => guess.kg <= weighedKg),
      weighedKg,
    ),
  };
}
