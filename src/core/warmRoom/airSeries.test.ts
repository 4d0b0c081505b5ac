import { describe, expect, test } from '@jest/globals';
import { logGaps, logSpikes, withoutSlips } from './airSeries';

const every = (minutes: number, count: number) => ({
  days: Array.from({ length: count }, (_, at) => (at * minutes) / 1440),
  temperatureC: Array.from({ length: count }, (_, at) => 33 + 0.1 * (at % 3)),
  relativeHumidity: Array.from({ length: count }, (_, at) => 0.31 + 0.002 * (at % 2)),
});

const changed = (values: readonly number[], at: number, value: number): number[] =>
  values.map((figure, index) => (index === at ? value : figure));

describe('gaps of a log', () => {
  test('none in an even one, of whatever pace', () => {
    for (const minutes of [1, 15, 60, 240]) expect(logGaps(every(minutes, 30))).toEqual([]);
    expect(logGaps({ days: [1], temperatureC: [20], relativeHumidity: [0.5] })).toEqual([]);
  });

  test('one longer than three usual intervals', () => {
    const log = every(10, 40);
    const days = log.days.map((day, at) => (at < 20 ? day : day + 35 / 1440));
    expect(logGaps({ ...log, days })).toEqual([{ fromDay: days[19], toDay: days[20] }]);
    const short = log.days.map((day, at) => (at < 20 ? day : day + 15 / 1440));
    expect(logGaps({ ...log, days: short })).toEqual([]);
  });
});

describe('spikes of a log', () => {
  const log = every(10, 40);

  test('noise is none', () => {
    expect(logSpikes(log)).toEqual([]);
  });

  test('cool damp air for a moment is the door; it stays in', () => {
    const door = {
      ...log,
      temperatureC: changed(log.temperatureC, 12, 28),
      relativeHumidity: changed(log.relativeHumidity, 12, 0.46),
    };
    expect(logSpikes(door)).toMatchObject([{ day: log.days[12], like: 'door' }]);
    expect(withoutSlips(door)).toEqual(door);
  });

  test.each([
    ['far too cold', -5, 0.31],
    ['hotter for a moment than a room becomes', 41, 0.31],
    ['wet through', 33, 0.99],
  ])('%s is a slip; it is left out', (_, temperature, humidity) => {
    const slipped = {
      ...log,
      temperatureC: changed(log.temperatureC, 20, temperature),
      relativeHumidity: changed(log.relativeHumidity, 20, humidity),
    };
    expect(logSpikes(slipped)).toMatchObject([{ like: 'slip' }]);
    expect(withoutSlips(slipped).days).toHaveLength(39);
    expect(withoutSlips(slipped).days).not.toContain(log.days[20]);
  });

  test('a room that warms up steadily has no spikes', () => {
    const rising = log.days.map((_, at) => 20 + 0.3 * at);
    expect(logSpikes({ ...log, temperatureC: rising })).toEqual([]);
  });
});
