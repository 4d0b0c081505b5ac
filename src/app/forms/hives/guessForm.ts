import { guessContentSchema } from '../../../records';
import { quantity, words } from '../../entry/codecs';
import { entryOf } from '../../entry/entry';
import { hiveFormWords } from '../../words/english/hiveForm';

export const guessEntry = entryOf(guessContentSchema, {
  who: words(hiveFormWords.whoGuesses()),
  kg: quantity('mass', hiveFormWords.honeyOfThisDay()),
});
