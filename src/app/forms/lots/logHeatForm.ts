import { DAY_MS } from '../../../core';
import { spellsOfLog, type RoomFile } from '../../../model';
import { heatSpellContentSchema, type HeatSpellContent, type Preferences } from '../../../records';
import type { FormOf } from '../../entry/codec';
import { choice, moment, oneOf, words } from '../../entry/codecs';
import { finish, formOf } from '../../entry/entry';
import { Reader, type Parsed } from '../../entry/reader';
import { OCCASION_NAMES } from '../../words/strainWords';
import { commonWords } from '../../words/english/common';
import { settlingWords } from '../../words/english/settling';

/** A spell that a room's logger wrote down. */
export const logHeatForm = formOf({
  roomId: oneOf(settlingWords.loggerOfTheRoom(), '', {
    hint: settlingWords.theHoneyIsTakenTo(),
  }),
  occasion: choice(settlingWords.whatFor(), OCCASION_NAMES, { as: 'select' }),
  startedAt: moment(commonWords.from()),
  until: moment(commonWords.to()),
  remark: words(commonWords.remark()),
});
type LogHeatForm = FormOf<typeof logHeatForm.fields>;

/** The last two days in the first room. */
export const freshLogHeat = (
  rooms: readonly RoomFile[],
  now: string,
  preferences: Preferences,
): LogHeatForm =>
  logHeatForm.fill(
    {
      roomId: rooms[0]?.room.entityId,
      occasion: 'warming',
      startedAt: new Date(Date.parse(now) - 2 * DAY_MS).toISOString(),
      until: now,
    },
    preferences,
  );

/** The spell that a room's log tells between two times, or what is wrong in which field. */
export function readLogHeatForm(
  form: LogHeatForm,
  preferences: Preferences,
  rooms: readonly RoomFile[],
): Parsed<HeatSpellContent> {
  const reader = new Reader(preferences);
  const { roomId, occasion, startedAt, until, remark } = logHeatForm.values(form, reader);
  const room = rooms.find((roomFile) => roomFile.room.entityId === roomId);
  if (startedAt !== '' && until !== '' && until <= startedAt) {
    reader.at('until').fail(settlingWords.itCannotEndBeforeIt());
  }
  const spells =
    room && until > startedAt && startedAt !== ''
      ? spellsOfLog(room, Date.parse(startedAt), Date.parse(until))
      : [];
  if (spells.length === 0) reader.at('roomId').fail(settlingWords.theLoggerOfThisRoom());
  const said = remark || (room?.room.content.name ?? '');
  const candidate = { occasion, source: 'log', startedAt, spells, remark: said };
  return finish(reader, heatSpellContentSchema, candidate, {
    at: (path) => (path.startsWith('spells') ? 'roomId' : path),
  });
}
