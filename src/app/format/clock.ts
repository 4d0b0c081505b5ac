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

/** Minutes after midnight of a time as people type it: 9, 9:05, 9.05, 0905; null where it is none. */
export function readClock(text: string): number | null {
  const found = /^(\d{1,2})(?:[:.h ]?(\d{2}))?$/.exec(text.trim());
  if (!found) return null;
  const [hours, minutes] = [Number(found[1]), Number(found[2] ?? 0)];
  return hours > 24 || minutes > 59 ? null : hours * 60 + minutes;
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
