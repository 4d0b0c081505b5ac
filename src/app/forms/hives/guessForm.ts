import { guessContentSchema } from '../../../records';
import { quantity, words } from '../../entry/codecs';
import { entryOf } from '../../entry/entry';

export const guessEntry = entryOf(guessContentSchema, {
  who: words('Who guesses'),
  kg: quantity('mass', 'Honey of this day'),
});
