import { format, intervalToDuration, formatDuration } from 'date-fns';
import { DAY_MS, type LogGap, type LogSpike } from '../../../core';
import { roomWords } from '../../words/english/room';

const SHORT = 'd MMM, HH:mm';

/** "2 hours 15 minutes" */
function spanWords(days: number): string {
  const duration = intervalToDuration({ start: 0, end: Math.round(days * 1440) * 60_000 });
  return formatDuration(duration, { format: ['days', 'hours', 'minutes'] });
}

/** A time without entries. */
export function gapWords({ fromDay, toDay }: LogGap, zeroMs: number): string {
  return roomWords.noEntryForFromOn({
    spanWords: spanWords(toDay - fromDay),
    zeroMs: format(zeroMs + fromDay * DAY_MS, SHORT),
  });
}

/** Entries that stand out, doors and slips counted apart. */
export function spikeWords(spikes: readonly LogSpike[], zeroMs: number): string {
  const times = (like: LogSpike['like']): string =>
    spikes
      .filter((one) => one.like === like)
      .slice(0, 6)
      .map((one) => format(zeroMs + one.day * DAY_MS, SHORT))
      .join('; ');
  const [doors, slips] = [times('door'), times('slip')];
  const parts = [
    doors === '' ? '' : roomWords.likeAnOpenDoor({ doors }),
    slips === '' ? '' : roomWords.likeASlipOfThe({ slips }),
  ];
  return parts.filter((one) => one !== '').join(' ');
}
