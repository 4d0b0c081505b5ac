import type { DayWeather } from '../../core';
import type { Weather } from '../../records';
import { dayNumber } from '../days';

/** Of several forecasts for a day, what was written last; days in their order. */
function byDay(weathers: Weather[]): DayWeather[] {
  const inTime = weathers.sort((a, b) => a.recordedAt.localeCompare(b.recordedAt));
  const days = new Map(
    inTime.flatMap(({ content }) =>
      content.days.map(({ day, highestC, lowestC, rainMm }) => {
        const number = dayNumber(day);
        return [number, { day: number, highestC, lowestC, rainMm }] as const;
      }),
    ),
  );
  return [...days.values()].sort((a, b) => a.day - b.day);
}

/** Weather by day wherever it was typed for, for a house that has no yard: what was written last holds. */
export const weatherOfAll = (weathers: readonly Weather[]): DayWeather[] => byDay([...weathers]);

/**
 * Weather of a yard by day: of what was typed for it or for all yards, what was written last holds; days
 * in their order.
 */
export function weatherOf(weathers: readonly Weather[], yardId: string | null): DayWeather[] {
  const own = weathers.filter(
    ({ content }) => content.yardId === null || content.yardId === yardId,
  );
  return byDay(own);
}
