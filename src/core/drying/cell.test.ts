import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { honeyDensityKgPerL } from '../mass/density';
import { layersOf } from './layers';
import {
  activityOfRatio,
  activitySlope,
  moistureOfRatio,
  norrishActivity,
  waterRatioOf,
} from './norrish';
import { diffusivityFactor, perDay } from './rates';

const moisture = fc.double({ min: 6, max: 40, noNaN: true });

describe('water by dry matter', () => {
  test('there and back', () => {
    fc.assert(
      fc.property(moisture, (percent) => {
        expect(moistureOfRatio(waterRatioOf(percent))).toBeCloseTo(percent, 9);
      }),
    );
  });

  test('the quick activity is Norrish’s, and its slope that of a difference', () => {
    fc.assert(
      fc.property(moisture, (percent) => {
        const ratio = waterRatioOf(percent);
        const activity = activityOfRatio(ratio);
        expect(activity).toBeCloseTo(norrishActivity(percent), 3);
        const [low, high] = [activityOfRatio(ratio - 1e-6), activityOfRatio(ratio + 1e-6)];
        expect(activitySlope(ratio, activity)).toBeCloseTo((high - low) / 2e-6, 4);
        expect(activitySlope(ratio, activity)).toBeGreaterThan(0);
      }),
    );
  });
});

describe('layers of a cell', () => {
  test('hold the dry matter of the honey between them, whatever their number', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.001, max: 0.1, noNaN: true }),
        fc.double({ min: 13, max: 25, noNaN: true }),
        fc.integer({ min: 4, max: 80 }),
        (depthM, percent, nodes) => {
          const layers = layersOf(depthM, percent, nodes);
          const dry = honeyDensityKgPerL(percent) * 1000 * (1 - percent / 100) * depthM;
          const sum = layers.dryKgPerM2.reduce((total, value) => total + value, 0);
          expect(sum / dry).toBeCloseTo(1, 9);
          expect(layers.totalDryKgPerM2 / dry).toBeCloseTo(1, 9);
          expect(layers.conductance).toHaveLength(nodes - 1);
        },
      ),
    );
  });

  test('crowd at the surface', () => {
    const { dryKgPerM2 } = layersOf(0.0109, 18, 12);
    expect(dryKgPerM2[11]!).toBeLessThan(dryKgPerM2[1]! / 10);
  });

  test.each([
    [0, 18, 8, 'depthM'],
    [0.01, 50, 8, 'moisturePercent'],
    [0.01, 18, 2, 'nodes'],
  ])('%d m, %d %%, %d layers: refused by name', (depth, percent, nodes, name) => {
    expect(() => layersOf(depth, percent, nodes)).toThrow(name);
  });
});

describe('diffusion', () => {
  test('50 kJ/mol: half as fast at about 22 °C as at 33 °C', () => {
    expect(diffusivityFactor(33)).toBeCloseTo(1, 12);
    expect(diffusivityFactor(22.3)).toBeCloseTo(0.5, 1);
    expect(perDay(5e-11)).toBeCloseTo(4.32e-6, 12);
  });
});
