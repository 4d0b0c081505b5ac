import { ownFormatContentSchema } from '../../../records';
import { number, quantity, words } from '../../entry/codecs';
import { entryOf } from '../../entry/entry';
import { commonWords } from '../../words/english/common';
import { hiveFormWords } from '../../words/english/hiveForm';

/** A frame of one's own. */
export const formatEntry = entryOf(ownFormatContentSchema, {
  name: words(commonWords.name()),
  areaDm2: number(hiveFormWords.combOfOneSide(), { unit: 'dm²' }),
  frameTareKg: quantity('mass', hiveFormWords.emptyFrame()),
  boxTareKg: quantity('mass', hiveFormWords.emptyBox()),
});
