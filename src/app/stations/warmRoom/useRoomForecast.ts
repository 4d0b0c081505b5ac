import type { ForecastDraw } from '../../../core';
import { FORECAST_DRAWS, forecastRoom } from '../../../workers/dryingClient';
import type { RoomFirst, RoomQuestion } from '../../../workers/protocol';
import { useWorkerForecast, type WorkerForecast } from '../../data/useWorkerForecast';

/** A forecast of a room: what was learned and the most likely course first, then courses. */
export type RoomForecast = WorkerForecast<RoomFirst, ForecastDraw>;

/** Forecasts a room in workers whenever the question changes. */
export function useRoomForecast(question: RoomQuestion | null): RoomForecast {
  return useWorkerForecast(question, forecastRoom, FORECAST_DRAWS);
}
