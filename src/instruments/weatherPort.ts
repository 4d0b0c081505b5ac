import { DAY_MS, type DayWeather } from '../core';
import { weatherContentSchema } from '../records/hives/weather';

/** A service that says how the weather will be, simulated or real, behind one face. */
export interface WeatherPort {
  /** days from an ISO day on; null where it does not answer, or says what no weather is */
  forecast(fromDay: string): Promise<readonly DayWeather[] | null>;
}

/** The weather station of the server, asked over HTTP. */
export function createWeatherPort(ask: (path: string) => Promise<Response>): WeatherPort {
  return {
    async forecast(fromDay) {
      try {
        const answer = await ask(`/api/weather/forecast?from=${fromDay}`);
        const said: unknown = answer.ok ? await answer.json() : null;
        const read = weatherContentSchema.safeParse({
          ...(said as object | null),
          yardId: null,
          source: 'stand-in',
        });
        if (!read.success) return null;
        return read.data.days.map(({ day, ...rest }) => ({
          ...rest,
          day: Math.round(Date.parse(day) / DAY_MS),
        }));
      } catch {
        return null;
      }
    },
  };
}
