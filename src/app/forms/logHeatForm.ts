import { DAY_MS } from '../../core';
import {
  heatSpellContentSchema,
  spellsOfLog,
  type HeatOccasion,
  type HeatSpellContent,
  type Preferences,
  type RoomFile,
} from '../../records';
import { localText } from '../format/localMoment';
import { FormReader, type Parsed } from './parsed';

/** The fields of a spell that a room's logger wrote down, as they are typed. */
export interface LogHeatForm {
  roomId: string;
  occasion: HeatOccasion;
  from: string;
  to: string;
  remark: string;
}

/** The last two days in the first room. */
export function freshLogHeat(rooms: readonly RoomFile[], now: string): LogHeatForm {
  const twoDaysAgo = new Date(Date.parse(now) - 2 * DAY_MS).toISOString();
  return {
    roomId: rooms[0]?.room.entityId ?? '',
    occasion: 'warming',
    from: localText(twoDaysAgo),
    to: localText(now),
    remark: '',
  };
}

/** The spell that a room's log tells between two times, or what is wrong in which field. */
export function readLogHeatForm(
  form: LogHeatForm,
  preferences: Preferences,
  rooms: readonly RoomFile[],
): Parsed<HeatSpellContent> {
  const reader = new FormReader(preferences);
  const startedAt = reader.moment('from', form.from);
  const until = reader.moment('to', form.to);
  const room = rooms.find((one) => one.room.entityId === form.roomId);
  if (startedAt !== '' && until !== '' && until <= startedAt) {
    reader.fail('to', 'It ends after it began.');
  }
  const spells =
    room && until > startedAt && startedAt !== ''
      ? spellsOfLog(room, Date.parse(startedAt), Date.parse(until))
      : [];
  if (spells.length === 0) reader.fail('roomId', 'The logger of this room wrote nothing then.');
  const remark = form.remark || (room?.room.content.name ?? '');
  const candidate = { occasion: form.occasion, source: 'log', startedAt, spells, remark };
  return reader.finish(heatSpellContentSchema, candidate, (path) =>
    path.startsWith('spells') ? 'roomId' : path === 'startedAt' ? 'from' : path,
  );
}
