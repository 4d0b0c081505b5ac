import type { ReactElement } from 'react';
import { dayOutlook, type DayWeather } from '../../../../../core';
import { isoDayOf } from '../../../../../model';
import { formatShortDay } from '../../../../format/dates';
import { whenWords } from '../../../../words/english/when';
import { inUnits } from '../../../../words/keepersUnits';

/** Days of the forecast that are shown. */
const SHOWN_DAYS = 14;

/** A day of the forecast: highest and lowest, rain, and whether hives are opened on it. */
function Day({ weather }: { weather: DayWeather }): ReactElement {
  const { day, highestC, lowestC, rainMm } = weather;
  const outlook = dayOutlook(weather);
  return (
    <li className="min-w-24 border-l-4 border-thread pl-3 text-base">
      <span className="block font-bold">{formatShortDay(isoDayOf(day))}</span>
      <span className="block text-xl leading-tight font-bold tabular-nums">
        {inUnits(highestC, 'temperature', 0)}
      </span>
      <span className="block tabular-nums">{inUnits(lowestC, 'temperature', 0)}</span>
      {rainMm !== null && (
        <span className="block tabular-nums">{whenWords.rainOfDay({ rain: rainMm })}</span>
      )}
      {outlook !== 'good' && <span className="block font-semibold">{whenWords.notForHives()}</span>}
    </li>
  );
}

/** The forecast in force: of each yard that has one of its own, else of all. */
export function WeatherDays({ days }: { days: readonly DayWeather[] }): ReactElement {
  return (
    <ul className="flex flex-wrap gap-x-4 gap-y-3">
      {days.slice(0, SHOWN_DAYS).map((weather) => (
        <Day key={weather.day} weather={weather} />
      ))}
    </ul>
  );
}
