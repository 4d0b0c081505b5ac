import { ownFormatContentSchema } from '../../../records';
import { number, quantity, words } from '../../entry/codecs';
import { entryOf } from '../../entry/entry';

/** A frame of one's own. */
export const formatEntry = entryOf(ownFormatContentSchema, {
  name: words('Name'),
  areaDm2: number('Comb of one side', { unit: 'dm²' }),
  frameTareKg: quantity('mass', 'Empty frame'),
  boxTareKg: quantity('mass', 'Empty box'),
});
