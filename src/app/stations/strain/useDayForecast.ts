import type { LineDraw } from '../../../core';
import { LINE_DRAWS, forecastDay } from '../../../workers/lineClient';
import type { DayHelp, DayQuestion } from '../../../workers/protocol';
import { useWorkerForecast, type WorkerForecast } from '../../data/useWorkerForecast';

/** A forecast of a day: what would help first, then days that may come. */
export type DayForecast = WorkerForecast<DayHelp, LineDraw>;

/** Forecasts a day in workers whenever the question changes. */
export function useDayForecast(question: DayQuestion | null): DayForecast {
  return useWorkerForecast(question, forecastDay, LINE_DRAWS);
}
