import { describe, expect, test } from '@jest/globals';
import { boxes, inRoom } from '../test/dryingRuns';
import { predictedReadings } from './predictedReadings';
import { simulateDrying } from './solver/simulateDrying';

const run = inRoom([boxes(6, { temperatureC: 25 })], { reportDays: [0, 1, 2, 3] });
const { moments } = simulateDrying(run);
const readings = (apart: number) =>
  [1, 2, 3].map((day) => ({
    batch: 0,
    day,
    of: 'all' as const,
    percent: moments[day]!.batches.get('a')!.meanPercent + apart,
    standardUncertainty: 0.2,
  }));
const episode = (apart: number) => ({ run, startSpreads: [0.3], observations: readings(apart) });

describe('readings against what was forecast of them', () => {
  test('as forecast: in the middle; much wetter: at the far end, until it was learned', () => {
    for (const predictedReading of predictedReadings([], episode(0))) {
      expect(predictedReading).toBeGreaterThan(0.3);
      expect(predictedReading).toBeLessThan(0.7);
    }
    const [first, , third] = predictedReadings([], episode(1.2));
    expect(first).toBeGreaterThan(0.95);
    expect(third).toBeLessThan(first!);
    const last = episode(1.2).observations.slice(2);
    const [untaught] = predictedReadings([], { ...episode(1.2), observations: last });
    expect(third).toBeLessThan(untaught! - 0.05);
  });

  test('earlier stretches of the room teach the first reading of the next', () => {
    const [alone] = predictedReadings([], episode(0.5));
    const [taught] = predictedReadings([episode(0.5), episode(0.5)], episode(0.5));
    expect(taught).toBeLessThan(alone!);
  });
});
