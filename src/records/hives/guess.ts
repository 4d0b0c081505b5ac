import { recordKind, type RevisionOf } from '../recordKind';
import { z } from '../zod';

const KG_SENTENCE = 'Guess between 0 and 100000 kg.';

/** A crop guessed before the weigh-in. */
export const guessContentSchema = z.object({
  who: z.string().trim().min(1, 'Say who guesses.').max(30, 'Keep the name under 30 letters.'),
  kg: z.number().min(0, KG_SENTENCE).max(100_000, KG_SENTENCE),
});

export const guessKind = recordKind({
  kind: 'guess',
  name: 'Guesses',
  table: 'guesses',
  since: 2,
  owner: 'harvest',
  part: null,
  content: guessContentSchema,
});
export type GuessRecord = RevisionOf<typeof guessKind>;
