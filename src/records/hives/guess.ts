import { recordKind, type RevisionOf } from '../recordKind';
import { z } from '../zod';
import { between, requiredText } from '../fields';

/** A crop guessed before the weigh-in. */
export const guessContentSchema = z.object({
  who: requiredText(30, 'guesserMissing'),
  kg: between(0, 100_000),
});

export const guessKind = recordKind({
  kind: 'guess',
  table: 'guesses',
  since: 2,
  owner: 'harvest',
  part: null,
  content: guessContentSchema,
});
export type GuessRecord = RevisionOf<typeof guessKind>;
