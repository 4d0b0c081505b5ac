import { Hono } from 'hono';
import { LOGGER_EVERY_MIN, normalDraws, seededRandom, simulatedAir } from '../../core';
import type { EventStreams } from '../eventStreams';

/** Entries a second: an hour of the logger's clock passes in six. */
const RATE = 2;

/** A stream ends by itself after two days of the logger's clock. */
const MOST_ENTRIES = (2 * 1440) / LOGGER_EVERY_MIN;

/** Every so often the logger loses its senses for a line. */
const GARBAGE_EVERY = 25;

const lineOf = (minutes: number, draw: number): string => {
  const { temperatureC, relativeHumidity } = simulatedAir(minutes, draw);
  return `${temperatureC.toFixed(1)} C ${(100 * relativeHumidity).toFixed(1)} % ${minutes} min`;
};

/** The simulated logger: temperature and humidity of a made-up room over server-sent events. */
export function loggerRoutes(streams: EventStreams): Hono {
  const routes = new Hono();
  routes.get('/stream', (context) =>
    streams.answer(context, async (out) => {
      const draw = normalDraws(seededRandom(1611));
      for (let at = 0; at < MOST_ENTRIES && !out.aborted; at += 1) {
        if (at % GARBAGE_EVERY === GARBAGE_EVERY - 1) await out.write('data: --.- C --.- %\n\n');
        await out.write(`data: ${lineOf(at * LOGGER_EVERY_MIN, draw())}\n\n`);
        await out.sleep(1000 / RATE);
      }
    }),
  );
  return routes;
}
