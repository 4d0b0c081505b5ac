import type { DayWeather } from '../../core';
import type { Weather } from '../../records';
import { dayNumber } from '../days';

/**
 * Weather of a yard by day: of what was typed for it or for all yards, what was written last holds; days
 * in their order.
 */
export function weatherOf(weathers: readonly Weather[], yardId: string | null): DayWeather[] {
  const own = weathers.filter(
    ({ content }) => content.yardId === null || content.yardId === yardId,
  );
  const inTime = own.sort((a, b) => a.recordedAt.localeCompare(b.recordedAt));
  const byDay = new Map(
    inTime.flatMap(({ content }) =>
      content.days.map(({ day, highestC, lowestC, rainMm }) => {
        const number = dayNumber(day);
        return [number, { day: number, highestC, lowestC, rainMm }] as const;
      }),
    ),
  );
  return [...byDay.values()].sort((a, b) => a.day - b.day);
}
