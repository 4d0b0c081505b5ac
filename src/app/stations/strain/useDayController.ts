import { useMemo, useState } from 'react';
import { clockMin } from '../../../model';
import { useNow } from '../../data/useNow';
import { askedDay } from './dayQuestion';
import type { DayOfHouse } from './parts/DayGate';
import { useDayForecast } from './useDayForecast';

const MINUTE_MS = 60_000;

/** A day as it stands at this minute: its plan from now on, and the forecast of it. */
export function useDayController({ file, house }: DayOfHouse) {
  const nowMs = useNow(MINUTE_MS);
  const [changing, setChanging] = useState(false);
  const { content } = file.extraction;
  const isOver = content.doneAt !== null;
  const isRunning = content.startedAt !== null && !isOver;
  const minute = isRunning ? Math.floor(nowMs / MINUTE_MS) * MINUTE_MS : 0;
  const asked = useMemo(() => askedDay(file, minute, house.days), [file, minute, house.days]);
  const forecast = useDayForecast(asked.question);
  return {
    file,
    house,
    asked,
    forecast,
    isRunning,
    isOver,
    /** on the clock of the day; null where it does not run */
    nowMin: isRunning ? clockMin(content.day, minute) : null,
    changing,
    change: () => setChanging(true),
    close: () => setChanging(false),
  };
}
