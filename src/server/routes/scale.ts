import { Hono } from 'hono';
import { simulatedWeights } from '../../core';
import { firstDay, isoDay } from './days';

/** The simulated hive scale: made-up weights up to the day asked for. */
export function scaleRoutes(): Hono {
  const routes = new Hono();
  routes.get('/weights', (context) => {
    const until = firstDay(context.req.query('until'));
    if (until === null) {
      const message = 'Ask for a day such as 2026-08-21.';
      return context.json({ error: { code: 'bad-day', message } }, 400);
    }
    const days = simulatedWeights(until).map((each) => ({ ...each, day: isoDay(each.day) }));
    return context.json({ days });
  });
  return routes;
}
