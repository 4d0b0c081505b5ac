import { format, intervalToDuration, formatDuration } from 'date-fns';
import { DAY_MS, type LogGap, type LogSpike } from '../../../core';

const SHORT = 'd MMM, HH:mm';

/** "2 hours 15 minutes" */
function spanWords(days: number): string {
  const duration = intervalToDuration({ start: 0, end: Math.round(days * 1440) * 60_000 });
  return formatDuration(duration, { format: ['days', 'hours', 'minutes'] });
}

/** A time without entries. */
export function gapWords({ fromDay, toDay }: LogGap, zeroMs: number): string {
  return `No entry for ${spanWords(toDay - fromDay)} from ${format(zeroMs + fromDay * DAY_MS, SHORT)} on; drawn straight across.`;
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
    doors === '' ? '' : `Like an open door: ${doors}.`,
    slips === '' ? '' : `Like a slip of the logger, left out of the forecast: ${slips}.`,
  ];
  return parts.filter((one) => one !== '').join(' ');
}
