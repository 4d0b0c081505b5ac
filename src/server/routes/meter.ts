import { Hono } from 'hono';
import {
  STAND_IN_SAMPLES,
  normalDraws,
  seededRandom,
  simulatedSample,
  standInMeter,
  type MeterSample,
} from '../../core';
import { z } from '../../records';
import type { EventStreams } from '../eventStreams';

/** What can go wrong with the simulated meter, on purpose. */
const FAULTS = ['none', 'cut', 'garbage', 'stuck', 'flood'] as const;

const querySchema = z.object({
  sample: z.coerce.number().int().min(STAND_IN_SAMPLES[0]).max(STAND_IN_SAMPLES[1]).default(1),
  fault: z.enum(FAULTS).default('none'),
  /** seconds of the meter's clock for each second that passes */
  pace: z.coerce.number().min(1).max(50).default(1),
});
type Query = z.infer<typeof querySchema>;

/** Samples a second, usually and in a flood. */
const RATE = { usual: 2, flood: 10 } as const;

/** A stream that is cut breaks off after so many samples. */
const CUT_AFTER = 12;

/** A stream ends by itself after so many seconds of the meter's clock. */
const LONGEST_S = 600;

/** Lines that no meter should send, one after each third sample. */
const GARBAGE = ['ERR 07', '81.', '\u0007\u0000???', '81.2 Bx 22.1 C 79.0 Bx', 'x'.repeat(3000)];

const lineOf = ({ dialValue, temperatureC, atS }: MeterSample): string =>
  `${dialValue.toFixed(2)} Bx ${(temperatureC ?? 20).toFixed(1)} C ${atS.toFixed(2)} s`;

const eventOf = (line: string): string => `data: ${line}\n\n`;

/** The events that belong to one moment of the meter. */
function eventsAt(query: Query, at: number, atS: number, draw: number): string[] {
  const sample = simulatedSample(standInMeter(query.sample), atS, draw);
  const stuck = { atS, dialValue: 81.2, temperatureC: 22 };
  const events = [eventOf(lineOf(query.fault === 'stuck' ? stuck : sample))];
  const garbage = GARBAGE[Math.floor(at / 3) % GARBAGE.length];
  if (query.fault === 'garbage' && at % 3 === 2) events.push(eventOf(garbage ?? ''));
  return events;
}

function badQuery(issues: readonly { path: readonly PropertyKey[]; message: string }[]) {
  const [first] = issues;
  const message = first ? `${first.path.join('.')}: ${first.message}` : 'not understood';
  return { error: { code: 'bad-request', message } };
}

/**
 * The simulated digital meter: it streams a made-up honey in °Brix with ATC over server-sent events,
 * one line an event, and creeps until honey and prism have the same temperature.
 */
export function meterRoutes(streams: EventStreams): Hono {
  const routes = new Hono();
  routes.get('/stream', (context) => {
    const parsed = querySchema.safeParse(context.req.query());
    if (!parsed.success) return context.json(badQuery(parsed.error.issues), 400);
    const query = parsed.data;
    return streams.answer(context, async (out) => {
      const perSecond = query.fault === 'flood' ? RATE.flood : RATE.usual;
      const draw = normalDraws(seededRandom(query.sample));
      for (let at = 0; at / perSecond <= LONGEST_S && !out.aborted; at += 1) {
        if (query.fault === 'cut' && at === CUT_AFTER) {
          await out.write('data: 81.1');
          return;
        }
        for (const event of eventsAt(query, at, at / perSecond, draw())) await out.write(event);
        await out.sleep(1000 / perSecond / query.pace);
      }
    });
  });
  routes.get('/truth', (context) => {
    const parsed = querySchema.safeParse(context.req.query());
    if (!parsed.success) return context.json(badQuery(parsed.error.issues), 400);
    return context.json({ moisturePercent: standInMeter(parsed.data.sample).moisturePercent });
  });
  return routes;
}
