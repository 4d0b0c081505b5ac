import { guessContentSchema, type GuessRecord, type Preferences } from '../../records';
import { FormReader, type Parsed } from './parsed';

/** A guess as it is typed. */
export interface GuessForm {
  who: string;
  mass: string;
}

export const FRESH_GUESS: GuessForm = { who: '', mass: '' };

export function readGuessForm(
  form: GuessForm,
  preferences: Preferences,
): Parsed<GuessRecord['content']> {
  const reader = new FormReader(preferences);
  const candidate = { who: form.who, kg: reader.quantity('mass', form.mass, 'mass') };
  return reader.finish(guessContentSchema, candidate, (path) => (path === 'kg' ? 'mass' : path));
}
