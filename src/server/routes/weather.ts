import { Hono } from 'hono';
import { DAY_MS, simulatedWeather } from '../../core';

/** Days of a forecast. */
const DAYS_AHEAD = 10;

const isoDay = (day: number): string => new Date(day * DAY_MS).toISOString().slice(0, 10);

/** The first day asked for, since 1970-01-01; null where it is none. */
function firstDay(text: string | undefined): number | null {
  if (text === undefined || !/^\d{4}-\d{2}-\d{2}$/.test(text)) return null;
  const day = Date.parse(text) / DAY_MS;
  return day >= 0 && day < 50_000 ? day : null;
}

/** The simulated weather station: made-up days from the day asked for on. */
export function weatherRoutes(): Hono {
  const routes = new Hono();
  routes.get('/forecast', (context) => {
    const from = firstDay(context.req.query('from'));
    if (from === null) {
      const message = 'Ask for a day such as 2026-08-21.';
      return context.json({ error: { code: 'bad-day', message } }, 400);
    }
    const days = Array.from({ length: DAYS_AHEAD }, (_, at) => simulatedWeather(from + at));
    return context.json({ days: days.map((each) => ({ ...each, day: isoDay(each.day) })) });
  });
  return routes;
}
