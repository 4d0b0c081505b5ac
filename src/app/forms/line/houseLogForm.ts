import { HOUSE_EVENTS, type HouseEvent } from '../../../core';
import { houseLogContentSchema, type HouseLogContent } from '../../../records';
import { moment, oneOf, several, words } from '../../entry/codecs';
import { entryOf } from '../../entry/entry';
import { houseWords } from '../../words/english/house';

/** One line of the log of the house; lots are asked only where glass broke. */
export const houseLogEntry = entryOf(
  houseLogContentSchema,
  {
    what: oneOf<HouseEvent>(houseWords.what(), HOUSE_EVENTS[0]),
    text: words(houseWords.inWords(), { hint: houseWords.inWordsHint() }),
    at: moment(houseWords.when()),
    lotIds: several(houseWords.openHoney()),
    remark: words(houseWords.remark()),
  },
  { unasked: ({ what }) => (what === 'glass' ? {} : { lotIds: [] }) },
);

export const freshHouseLog = (nowIso: string): Partial<HouseLogContent> => ({
  what: 'cleaned',
  at: nowIso,
});
