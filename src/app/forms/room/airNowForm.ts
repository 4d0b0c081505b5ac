import { airLogContentSchema, type AirLogContent } from '../../../records';
import type { Codec } from '../../entry/codec';
import { choice, moment, percent, quantity } from '../../entry/codecs';
import { entryOf } from '../../entry/entry';

/** The first of a series; one look has no more. */
const first = (codec: Codec<number, string>): Codec<number[], string> => ({
  ...codec,
  fill: ([value = NaN], preferences) => codec.fill(value, preferences),
  read: (typed, at) => [codec.read(typed, at)],
});

const PLACES = { inside: 'In the room', outside: 'Outside' } as const;

/** One look at thermometer and hygrometer. */
export const airNowEntry = entryOf(airLogContentSchema, {
  place: choice<AirLogContent['place']>('Where', PLACES),
  temperatureC: first(quantity('temperature', 'Temperature')),
  relativeHumidity: first(percent('Humidity', { unit: '% RH' })),
  startedAt: moment('When'),
});
