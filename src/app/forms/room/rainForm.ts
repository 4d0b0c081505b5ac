import { rainSchema } from '../../../records';
import { day } from '../../entry/codecs';
import { entryOf } from '../../entry/entry';
import { commonWords } from '../../words/english/common';

/** Days of rain, the first and the last. */
export const rainEntry = entryOf(rainSchema, {
  fromDay: day(commonWords.from()),
  toDay: day(commonWords.to()),
});
