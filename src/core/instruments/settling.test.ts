import { describe, expect, test } from '@jest/globals';
import { interpretReading } from '../moisture/interpretReading';
import { normalDraws, seededRandom } from '../stats/seededRandom';
import { SETTLING, settling, type MeterSample } from './settling';
import { simulatedSample, type SimulatedMeter } from './simulatedMeter';

const warm: SimulatedMeter = { moisturePercent: 17.6, honeyC: 32, roomC: 22, offsetIndex: 0 };

function stream(meter: SimulatedMeter, seconds: number, perSecond = 2, seed = 1): MeterSample[] {
  const draw = normalDraws(seededRandom(seed));
  return Array.from({ length: seconds * perSecond + 1 }, (_, at) =>
    simulatedSample(meter, at / perSecond, draw()),
  );
}

const moistureAt = (dialValue: number, temperatureC: number | null): number => {
  const read = interpretReading({ scale: 'brix', dialValue, temperatureC, atc: true });
  return read.status === 'read' ? read.moisturePercent : NaN;
};

describe('settling of a streaming meter', () => {
  test('the first value of warm honey is far too wet, the settled one right within 0.1', () => {
    const samples = stream(warm, 90);
    const first = samples[0]!;
    expect(moistureAt(first.dialValue, first.temperatureC)).toBeGreaterThan(18.2);
    const settled = settling(samples, 0.05);
    expect(settled.status).toBe('stable');
    if (settled.status !== 'stable') return;
    expect(Math.abs(moistureAt(settled.dialValue, settled.temperatureC) - 17.6)).toBeLessThan(0.1);
  });

  test('the value is never taken before 30 s, nor while it still creeps (seeded, 40 streams)', () => {
    for (let seed = 1; seed <= 40; seed += 1) {
      const meter = { ...warm, honeyC: 12 + seed, moisturePercent: 15 + (seed % 8) };
      const samples = stream(meter, 120, 2, seed);
      const at = samples.findIndex(
        (_, end) => settling(samples.slice(0, end + 1), 0.05).status === 'stable',
      );
      expect(samples[at]!.atS).toBeGreaterThanOrEqual(SETTLING.leastS);
      const taken = settling(samples.slice(0, at + 1), 0.05);
      if (taken.status !== 'stable') throw new Error('not stable');
      const moisture = moistureAt(taken.dialValue, taken.temperatureC);
      expect(Math.abs(moisture - meter.moisturePercent)).toBeLessThan(0.15);
    }
  });

  test('a silence starts the wait anew', () => {
    const samples = stream(warm, 60);
    const cut = [...samples.slice(0, 80), ...samples.slice(90)];
    expect(settling(samples, 0.05).status).toBe('stable');
    expect(settling(cut, 0.05)).toMatchObject({ status: 'waiting', secondsLeft: 15 });
  });

  test('a clock that runs backwards (a meter started anew) starts the wait anew', () => {
    const samples = [...stream(warm, 60), ...stream(warm, 5)];
    expect(settling(samples, 0.05)).toMatchObject({ status: 'waiting', secondsLeft: 25 });
  });

  test('a stuck sensor is never taken', () => {
    const stuck = Array.from({ length: 300 }, (_, at) => {
      return { atS: at / 2, dialValue: 81.2, temperatureC: 22 };
    });
    expect(settling(stuck, 0.05)).toEqual({ status: 'stuck' });
  });

  test('a noisy one is told from one that creeps', () => {
    const draw = normalDraws(seededRandom(3));
    const noisy = Array.from({ length: 120 }, (_, at) => {
      return { atS: at / 2, dialValue: 81 + 0.3 * draw(), temperatureC: 22 };
    });
    expect(settling(noisy, 0.05).status).toBe('noisy');
    const creeping = Array.from({ length: 120 }, (_, at) => {
      return { atS: at / 2, dialValue: 81 + 0.01 * at, temperatureC: 22 };
    });
    const found = settling(creeping, 0.05);
    expect(found.status).toBe('settling');
    if (found.status === 'settling') expect(found.trendPerMinute).toBeCloseTo(1.2, 6);
  });

  test('ten samples a second settle on the same value as two', () => {
    const slow = settling(stream(warm, 60), 0.05);
    const fast = settling(stream(warm, 60, 10), 0.05);
    if (slow.status !== 'stable' || fast.status !== 'stable') throw new Error('not stable');
    expect(fast.dialValue).toBeCloseTo(slow.dialValue, 1);
  });

  test('nothing at all waits; a tolerance of nothing is refused', () => {
    expect(settling([], 0.05)).toEqual({ status: 'waiting', secondsLeft: 30 });
    expect(() => settling([], 0)).toThrow('tolerance');
    expect(() => simulatedSample(warm, -1, 0)).toThrow('atS');
  });
});
