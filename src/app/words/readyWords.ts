import { differenceInCalendarDays, format } from 'date-fns';
import { DAY_MS, type ReadyForecast } from '../../core';
import { todayWords } from './english/today';
import { formatLongDate, formatWeekday } from '../format/dates';

/** Bands narrower than this are reported by the hour; narrower than that, by the part of the day [d]. */
const BY_HOUR_BELOW = 0.3;
const BY_PART_BELOW = 2;

type Fineness = 'hour' | 'part' | 'day';

/** How fine a time may be given: never finer than the band. */
function finenessOf(width: number): Fineness {
  if (width < BY_HOUR_BELOW) return 'hour';
  return width < BY_PART_BELOW ? 'part' : 'day';
}

/** "Friday noon", "early Friday", "this evening" */
function partWords(day: string, hour: number): string {
  if (hour < 6) return todayWords.early({ day });
  const part =
    hour < 11
      ? todayWords.morning()
      : hour < 14
        ? todayWords.noon()
        : hour < 18
          ? todayWords.afternoon()
          : todayWords.evening();
  return day === 'today' && part !== 'noon' ? todayWords.this({ part }) : `${day} ${part}`;
}

/** "Thursday", with the date where it is more than six days off. */
function dayName(date: Date, now: Date): string {
  const away = differenceInCalendarDays(date, now);
  if (away === 0) return todayWords.todayInside();
  if (away === 1) return todayWords.tomorrow();
  return Math.abs(away) < 7 ? formatWeekday(date) : formatLongDate(date);
}

function timeWords(ms: number, nowMs: number, fineness: Fineness): string {
  const date = new Date(ms);
  const day = dayName(date, new Date(nowMs));
  switch (fineness) {
    case 'hour':
      return todayWords.oclock({ day, date: format(date, 'H') });
    case 'part':
      return partWords(day, date.getHours());
    case 'day':
      return day;
  }
}

interface ReadyContext {
  /** midnight from which days are counted [ms] */
  readonly zeroMs: number;
  readonly nowMs: number;
  /** how far the forecast looks [d from now] */
  readonly daysAhead: number;
}

/** When a batch is dry enough, given no finer than it is known. */
export function readyWords(ready: ReadyForecast, context: ReadyContext): string {
  const { zeroMs, nowMs, daysAhead } = context;
  const { within, earlyDay, likelyDay, lateDay } = ready;
  const at = (day: number): number => zeroMs + day * DAY_MS;
  const share = `${Math.round(100 * within)} %`;
  if (within < 0.05) return todayWords.notDryEnoughWithinDays({ daysAhead });
  if (Number.isFinite(lateDay) && at(lateDay) <= nowMs) return todayWords.dryEnoughNow();
  if (!Number.isFinite(lateDay)) {
    const from =
      at(earlyDay) <= nowMs
        ? todayWords.couldBeDryAlready()
        : todayWords.notBefore({ timeWords: timeWords(at(earlyDay), nowMs, 'day') });
    return todayWords.sureWithinDays({ from, daysAhead, share });
  }
  const fineness = finenessOf(lateDay - earlyDay);
  const late = timeWords(at(lateDay), nowMs, fineness);
  const likely = timeWords(Math.max(nowMs, at(likelyDay)), nowMs, fineness);
  if (at(earlyDay) <= nowMs) return todayWords.readyByPerhapsAlreadyMost({ late, likely });
  const early = timeWords(at(earlyDay), nowMs, fineness);
  return early === late
    ? todayWords.ready({ early })
    : todayWords.readyToMostLikely({ early, late, likely });
}
