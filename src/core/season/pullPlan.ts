import { requireFinite, requireInRange } from '../errors';
import { coldSnap, dayOutlook, type DayOutlook, type DayWeather } from './dayWeather';

/** By when boxes have to be off, and why. */
export const PULL_LIMITS = ['next-flow', 'treatment', 'winter', 'cold'] as const;
export type PullLimit = (typeof PULL_LIMITS)[number];

/** What a day to take honey off follows from; days are counted from 1970-01-01. */
export interface PullTask {
  readonly today: number;
  /** last day with nectar of the flow that is taken; null: no flow is waited for */
  readonly flowEnd: number | null;
  /** bees need so long after the flow to cap what they have [d] */
  readonly ripeningDays: number;
  /** days on which boxes have to be off at the latest, by what asks for it; null: nothing does */
  readonly latest: Readonly<Record<Exclude<PullLimit, 'cold'>, number | null>>;
  /** escape boards go on so many days ahead; 0: bees are cleared on the day [d] */
  readonly leadDays: number;
  /** days of the week on which somebody can go, 0 is Sunday; none: any day */
  readonly weekdays: readonly number[];
  /** the day on which help comes, null where none is expected */
  readonly helpDay: number | null;
  readonly forecast: readonly DayWeather[];
}

/** The day proposed for taking honey off. */
export interface PullPlan {
  readonly day: number;
  /** from when the honey is expected to be ripe */
  readonly ripeDay: number;
  /** the last day, and what sets it; null where nothing does */
  readonly last: { readonly day: number; readonly by: PullLimit } | null;
  /** when escape boards go on; null where none are wanted or there is no time for them */
  readonly escapesDay: number | null;
  readonly outlook: DayOutlook;
  /** taken before the bees are done, since it has to be off */
  readonly unripe: boolean;
  /** what asked for it is past already: the honey is late */
  readonly late: boolean;
  /** there is no time left for escape boards */
  readonly noTimeForEscapes: boolean;
}

/** Days looked at from the first on which honey is ripe [d]. @source our choice */
const OUTLOOK_DAYS = 14;

/** So many days unripe honey may go earlier than it has to, for better weather [d]. @source our choice */
const EARLIER_DAYS = 2;

/** 1970-01-01 was a Thursday. */
const FIRST_WEEKDAY = 4;

const WEATHER_RANK: Readonly<Record<DayOutlook, number>> = { good: 0, unknown: 1, cold: 4, wet: 4 };
const ALONE_RANK = 2;

/** Day of the week of a day since 1970-01-01; 0 is Sunday. */
export function weekdayOf(day: number): number {
  requireFinite({ day }, 'weekdayOf');
  return (((day + FIRST_WEEKDAY) % 7) + 7) % 7;
}

/** The earliest of what asks for boxes to be off. */
function lastDay({ latest, forecast, today }: PullTask): PullPlan['last'] {
  const snap = coldSnap(forecast, today + 1);
  const asked: readonly [PullLimit, number | null][] = [
    ['treatment', latest.treatment],
    ['next-flow', latest['next-flow']],
    ['winter', latest.winter],
    ['cold', snap === null ? null : snap - 1],
  ];
  return asked.reduce<PullPlan['last']>(
    (first, [by, day]) =>
      day !== null && (first === null || day < first.day) ? { day, by } : first,
    null,
  );
}

function check(task: PullTask): void {
  requireFinite({ task }, 'pullPlan');
  const fn = 'pullPlan';
  requireInRange(task.leadDays, [0, 14], { fn, param: 'leadDays', unit: 'd' });
  requireInRange(task.ripeningDays, [0, 60], { fn, param: 'ripeningDays', unit: 'd' });
}

/**
 * The day to take honey off.
 *
 * Ripe is what had its days after the flow. Boxes must be off before the next flow where flavours stay
 * apart, before a treatment goes in, before winter, before a cold snap: the earliest of these is the last
 * day. Between both the best day is chosen by weather and by who can go, the first of equals; where honey
 * has to be off unripe, the last day or up to two before it. Nothing is proposed before today, nor
 * before escape boards have done their work where there is time for them.
 *
 * @throws DomainError `out-of-range`
 * @source common practice, no source
 */
export function pullPlan(task: PullTask): PullPlan {
  check(task);
  const { today, leadDays, helpDay, weekdays } = task;
  const isAnyDay = weekdays.length === 0 && (helpDay === null || helpDay < today);
  const weather = new Map(task.forecast.map((item) => [item.day, item]));
  const outlookOf = (day: number): DayOutlook => dayOutlook(weather.get(day));
  const rank = (day: number): number => {
    const canGo = isAnyDay || day === helpDay || weekdays.includes(weekdayOf(day));
    return WEATHER_RANK[outlookOf(day)] + (canGo ? 0 : ALONE_RANK);
  };
  const ripeDay = task.flowEnd === null ? today : task.flowEnd + task.ripeningDays;
  const last = lastDay(task);
  const late = last !== null && last.day < today;
  const limit = last === null || late ? null : last.day;
  const noTimeForEscapes = leadDays > 0 && last !== null && last.day < today + leadDays;
  const first = noTimeForEscapes ? today : today + leadDays;
  const wanted = late ? today : ripeDay;
  const from = Math.max(first, limit === null ? wanted : Math.min(wanted, limit - EARLIER_DAYS));
  const to = Math.min(limit ?? Infinity, Math.max(wanted, first) + OUTLOOK_DAYS - 1);
  const days = Array.from({ length: to - from + 1 }, (_, at) => from + at);
  const best = Math.min(...days.map(rank));
  const equal = days.filter((each) => rank(each) === best);
  const day = equal.find((each) => each >= wanted) ?? equal.at(-1) ?? from;
  return {
    day,
    ripeDay,
    last,
    escapesDay: leadDays > 0 && !noTimeForEscapes ? day - leadDays : null,
    outlook: outlookOf(day),
    unripe: day < ripeDay,
    late,
    noTimeForEscapes,
  };
}
