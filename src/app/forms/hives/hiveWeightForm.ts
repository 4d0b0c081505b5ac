import { hiveWeightContentSchema } from '../../../records';
import { day, oneOf, quantity } from '../../entry/codecs';
import { entryOf } from '../../entry/entry';
import { whenWords } from '../../words/english/when';

/** A whole hive weighed. */
export const hiveWeightEntry = entryOf(hiveWeightContentSchema, {
  colonyId: oneOf(whenWords.weighedHive(), ''),
  massKg: quantity('mass', whenWords.wholeWeight()),
  day: day(whenWords.weighedOn()),
});
