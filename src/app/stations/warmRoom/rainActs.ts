import { entryRevision, type Rain, type WarmRoomRecord } from '../../../records';
import { perform, type ActOptions, type RecordAct } from '../../../store';
import { roomWords } from '../../words/english/room';

const withRain = (
  room: WarmRoomRecord,
  { label, rain }: { readonly label: string; readonly rain: Rain[] },
  options: ActOptions = {},
): RecordAct =>
  perform(
    label,
    (scribe) => [
      entryRevision(scribe, { kind: 'warm-room', former: room }, { ...room.content, rain }),
    ],
    options,
  );

/** Days of rain about a room, in order. */
export const addRain = (room: WarmRoomRecord, spell: Rain, options: ActOptions = {}): RecordAct => {
  const rain = [...(room.content.rain ?? []), spell];
  rain.sort((a, b) => a.fromDay.localeCompare(b.fromDay));
  return withRain(room, { label: roomWords.rainAdded(), rain }, options);
};

export const removeRain = (room: WarmRoomRecord, spell: Rain): RecordAct => {
  const rain = (room.content.rain ?? []).filter(
    ({ fromDay, toDay }) => fromDay !== spell.fromDay || toDay !== spell.toDay,
  );
  return withRain(room, { label: roomWords.rainRemoved(), rain });
};
