import { DAY_MS, type LogGap, type LogSpike } from '../../../core';
import { roomWords } from '../../words/english/room';
import { formatDayTime } from '../../format/dates';
import { formatsWords } from '../../words/english/formats';

/** "2 hours 15 minutes" */
function spanWords(days: number): string {
  const minutes = Math.round(days * 1440);
  const parts = [
    { count: Math.floor(minutes / 1440), words: formatsWords.countDays },
    { count: Math.floor(minutes / 60) % 24, words: formatsWords.countHours },
    { count: minutes % 60, words: formatsWords.countMinutes },
  ];
  return parts
    .filter((part) => part.count > 0)
    .map((part) => part.words({ count: part.count }))
    .join(' ');
}

/** A time without entries. */
export function gapWords({ fromDay, toDay }: LogGap, zeroMs: number): string {
  return roomWords.noEntriesForFromDrawn({
    spanWords: spanWords(toDay - fromDay),
    zeroMs: formatDayTime(zeroMs + fromDay * DAY_MS),
  });
}

/** Entries that stand out, doors and slips counted apart. */
export function spikeWords(spikes: readonly LogSpike[], zeroMs: number): string {
  const times = (like: LogSpike['like']): string =>
    spikes
      .filter((spike) => spike.like === like)
      .slice(0, 6)
      .map((spike) => formatDayTime(zeroMs + spike.day * DAY_MS))
      .join('; ');
  const [doors, slips] = [times('door'), times('slip')];
  const parts = [
    doors === '' ? '' : roomWords.looksLikeAnOpenDoor({ doors }),
    slips === '' ? '' : roomWords.looksLikeALoggerFault({ slips }),
  ];
  return parts.filter((part) => part !== '').join(' ');
}
