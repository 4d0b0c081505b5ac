import { Hono } from 'hono';
import { simulatedWeather } from '../../core';
import { firstDay, isoDay } from './days';

/** Days of a forecast. */
const DAYS_AHEAD = 10;

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
