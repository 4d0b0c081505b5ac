import { airLogContentSchema, type AirLogContent } from '../../../records';
import type { Codec } from '../../entry/codec';
import { choice, moment, percent, quantity } from '../../entry/codecs';
import { entryOf } from '../../entry/entry';
import { commonWords } from '../../words/english/common';
import { roomFormWords } from '../../words/english/roomForm';

/** The first of a series; one look has no more. */
const first = (codec: Codec<number, string>): Codec<number[], string> => ({
  ...codec,
  fill: ([value = NaN], preferences) => codec.fill(value, preferences),
  read: (typed, at) => [codec.read(typed, at)],
  part: codec,
});

const PLACES = { inside: roomFormWords.inTheRoom(), outside: roomFormWords.outside() } as const;

/** One look at thermometer and hygrometer. */
export const airNowEntry = entryOf(airLogContentSchema, {
  place: choice<AirLogContent['place']>(roomFormWords.where(), PLACES),
  temperatureC: first(quantity('temperature', commonWords.temperature())),
  relativeHumidity: first(percent(roomFormWords.humidity(), { unit: '% RH' })),
  startedAt: moment(roomFormWords.when()),
});
