import { firstRevision, type AirLog, type AirLogContent } from '../../../records';
import type { AirEntry } from '../../../instruments';
import { perform, type ActOptions, type RecordAct } from '../../../store';
import { removeRecord } from '../../acts/removeRecord';
import { roomWords } from '../../words/english/room';

const MINUTE_MS = 60_000;

/** Lines of a log, whichever parts they were cut into. */
export const linesIn = (parts: readonly AirLogContent[]): number =>
  parts.reduce((sum, part) => sum + part.minutes.length, 0);

/** The log of a room, part by part. */
export const saveLog = (
  parts: readonly AirLogContent[],
  roomId: string,
  options: ActOptions = {},
): RecordAct =>
  perform(
    roomWords.logOfEntriesKept({ linesIn: linesIn(parts) }),
    (scribe) => parts.map((part) => firstRevision(scribe, 'air-log', part, roomId)),
    options,
  );

/** What a logger was heard to say, as a log that ends now. */
export const saveHeard = (entries: readonly AirEntry[], roomId: string): RecordAct =>
  perform(roomWords.entriesOfSampleDataSaved({ entries: entries.length }), (scribe) => {
    const last = entries.at(-1)?.minutes ?? 0;
    const content: AirLogContent = {
      place: 'inside',
      source: 'stand-in',
      startedAt: new Date(Date.parse(scribe.now()) - last * MINUTE_MS).toISOString(),
      minutes: entries.map((entry) => entry.minutes),
      temperatureC: entries.map((entry) => entry.temperatureC),
      relativeHumidity: entries.map((entry) => entry.relativeHumidity),
      remark: '',
    };
    return [firstRevision(scribe, 'air-log', content, roomId)];
  });

export const removeLog = (log: AirLog): RecordAct => removeRecord(roomWords.logRemoved(), log);
