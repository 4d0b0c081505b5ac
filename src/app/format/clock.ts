import { formatsWords } from '../words/english/formats';

const MINUTES_PER_DAY = 1440;

/** "9:05" of minutes after midnight; "1:30 next day" beyond midnight. */
export function clockText(minutes: number): string {
  const whole = Math.round(minutes);
  const within = ((whole % MINUTES_PER_DAY) + MINUTES_PER_DAY) % MINUTES_PER_DAY;
  const text = `${Math.floor(within / 60)}:${String(within % 60).padStart(2, '0')}`;
  const days = Math.floor(whole / MINUTES_PER_DAY);
  if (days <= 0) return text;
  return days === 1 ? formatsWords.nextDay({ text }) : formatsWords.daysLater({ text, days });
}

const NAMED_TIMES: Readonly<Record<string, number>> = { noon: 720, midday: 720, midnight: 0 };

/** Hours of a day from those of a half: 12 am is midnight, 12 pm noon; null where there is no such hour. */
function hoursIn(hours: number, half: string | undefined): number | null {
  if (half === undefined) return hours <= 24 ? hours : null;
  if (hours < 1 || hours > 12) return null;
  return (hours % 12) + (half === 'p' ? 12 : 0);
}

/**
 * Minutes after midnight of a time as people type it: 9, 9:05, 9.05, 0905, 21h30, 6pm, 6:30 p.m.,
 * noon; null where it is none.
 */
export function readClock(text: string): number | null {
  const plain = text.trim().toLowerCase();
  const named = NAMED_TIMES[plain];
  if (named !== undefined) return named;
  const found = /^(\d{1,2})(?:[:.h ]?(\d{2})|h)?\s*(?:([ap])\.?m?\.?|o’clock|o'clock)?$/.exec(
    plain,
  );
  if (!found) return null;
  const minutes = Number(found[2] ?? 0);
  const hours = hoursIn(Number(found[1]), found[3]);
  if (hours === null || minutes > 59 || (hours === 24 && minutes > 0)) return null;
  return hours * 60 + minutes;
}

/** "2 h 40 min", "35 min" */
export function durationText(minutes: number): string {
  const whole = Math.round(minutes);
  if (whole < 60) return formatsWords.min({ whole });
  const [hours, rest] = [Math.floor(whole / 60), whole % 60];
  return rest === 0 ? `${hours} h` : formatsWords.hMin({ hours, rest });
}

/** "3 days", "14 hours", "40 min": no finer than worth it. */
export function spanText(hours: number): string {
  if (!Number.isFinite(hours)) return formatsWords.halfAYearOrMore();
  if (hours < 2) return durationText(hours * 60);
  if (hours < 48) return formatsWords.hours({ hours: Math.round(hours) });
  return formatsWords.days({ hours: Math.round(hours / 24) });
}
