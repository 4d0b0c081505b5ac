import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { normalDraws, seededRandom } from '../stats/seededRandom';
import { criticalRange } from './criticalRange';
import { furtherReadings } from './furtherReadings';
import { interpretReading, prismGapC } from './interpretReading';
import type { LotReading } from './vesselGroups';
import { lotMoisture } from './lotMoisture';
import { readingBudget } from './readingBudget';
import type { SAMPLE_STATES, Spot } from './sampleState';
import { DIAL_RANGES, SCALES, dialFromIndex, indexFromDial, indexPerDial } from './scales';
import { SPREAD_PRIORS, readerRepeatability } from './spreads';

const dial = { scale: 'water', dialValue: 18, temperatureC: 22, atc: false } as const;
const budget = readingBudget(dial, { resolution: 0.2, zeroCheck: 'checked' });

let count = 0;
function reading(moisturePercent: number, change: Partial<LotReading> = {}): LotReading {
  count += 1;
  return { id: `r${count}`, vesselId: 'a', moisturePercent, budget, ...change };
}

describe('conversions between scales', () => {
  test('there and back through the index, on every scale', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...SCALES),
        fc.double({ min: 0.001, max: 0.999, noNaN: true }),
        (scale, share) => {
          const [low, high] = DIAL_RANGES[scale];
          const value = low + share * (high - low);
          expect(dialFromIndex(scale, indexFromDial(scale, value))).toBeCloseTo(value, 7);
        },
      ),
    );
  });

  test('more water is fewer Brix and a lower index, strictly', () => {
    fc.assert(
      fc.property(fc.double({ min: 13, max: 24, noNaN: true }), (percent) => {
        const [drier, wetter] = [percent, percent + 0.05].map((value) =>
          indexFromDial('water', value),
        );
        expect(wetter!).toBeLessThan(drier!);
        expect(dialFromIndex('brix', wetter!)).toBeLessThan(dialFromIndex('brix', drier!));
      }),
    );
  });

  test('one unit of each dial as an index', () => {
    expect(indexPerDial('nD', 1.49)).toBe(1);
    expect(indexPerDial('water', 17)).toBeCloseTo(1 / 391.9, 5);
    expect(indexPerDial('brix', 80)).toBeCloseTo(0.00261, 4);
    expect(indexPerDial('brix', 86)).toBeGreaterThan(indexPerDial('brix', 80));
  });
});

describe('what a reading is worth', () => {
  test('honey and prism apart are marked and cost certainty', () => {
    const apart = { ...dial, honeyTemperatureC: 30 };
    expect(prismGapC(apart)).toBe(8);
    const read = interpretReading(apart);
    expect(read.status === 'read' && read.marks).toContain('prism-not-settled');
    const doubtful = readingBudget(apart, { resolution: 0.2, zeroCheck: 'checked' });
    expect(doubtful.temperature).toBeCloseTo(5 * budget.temperature, 6);
  });

  test('the range in which the meter compensates is its own where it says one', () => {
    const wide = { ...dial, atc: true, temperatureC: 36, atcRangeC: [5, 40] } as const;
    const usual = { ...dial, atc: true, temperatureC: 36 };
    const marks = (item: typeof usual) => {
      const read = interpretReading(item);
      return read.status === 'read' ? read.marks : [];
    };
    expect(marks(wide as never)).not.toContain('outside-atc-range');
    expect(marks(usual)).toContain('outside-atc-range');
  });

  test('a clear or liquefied sample costs nothing', () => {
    const cost = (sample: (typeof SAMPLE_STATES)[number]) =>
      readingBudget({ ...dial, sample }, { resolution: 0.2, zeroCheck: 'checked' }).sample;
    expect(cost('clear')).toBe(0);
    expect(cost('liquefied')).toBe(0);
    expect(cost('crystals')).toBeGreaterThan(cost('cloudy'));
  });

  test('a meter with a history brings its own calibration', () => {
    const known = readingBudget(dial, {
      resolution: 0.2,
      zeroCheck: 'unchecked',
      calibrationPercent: 0.07,
    });
    expect(known.calibration).toBe(0.07);
  });
});

describe('parts of a lot’s uncertainty', () => {
  const standard = (readings: readonly LotReading[], id: string): number =>
    lotMoisture(readings, []).components.find((component) => component.id === id)?.standard ?? NaN;

  test('the error of one meter is never averaged away; that of two meters is, by √2', () => {
    const one = [reading(18, { meterId: 'm' }), reading(18, { meterId: 'm' })];
    const two = [reading(18, { meterId: 'm' }), reading(18, { meterId: 'n' })];
    expect(standard(one, 'calibration')).toBeCloseTo(0.13, 9);
    expect(standard(two, 'calibration')).toBeCloseTo(0.13 / Math.SQRT2, 9);
    expect(standard(two, 'relation')).toBeCloseTo(0.05, 9);
  });

  test('spots of one vessel count alike, however many readings each has', () => {
    const at = (spot: Spot, value: number) => reading(value, { spot });
    const { meanPercent, vessels } = lotMoisture(
      [at('top', 19), at('top', 19), at('top', 19), at('bottom', 17)],
      [],
    );
    expect(meanPercent).toBeCloseTo(18, 9);
    expect(vessels[0]?.spots.map((spot) => spot.spot)).toEqual(['top', 'bottom']);
  });

  test('one spot of an unstirred vessel leaves half a point open, top and bottom what they differ by', () => {
    expect(standard([reading(18, { spot: 'stirred' })], 'spot')).toBeCloseTo(0.1, 9);
    const layers = 0.5 / Math.sqrt(3);
    expect(standard([reading(18, { spot: 'top' })], 'spot')).toBeCloseTo(
      Math.hypot(layers, 0.1),
      9,
    );
    expect(standard([reading(18, { spot: 'gate' })], 'spot')).toBeCloseTo(
      Math.hypot(layers, 0.1),
      9,
    );
    const layered = [reading(19, { spot: 'top' }), reading(17, { spot: 'bottom' })];
    expect(standard(layered, 'spot')).toBeCloseTo(1 / Math.sqrt(3), 9);
  });

  test('the spread between vessels is told from two vessels on', () => {
    const two = [reading(17, { vesselId: 'a' }), reading(18, { vesselId: 'b' })];
    expect(lotMoisture(two, []).betweenVessels).toBeCloseTo(Math.SQRT1_2, 9);
    expect(lotMoisture([reading(17)], []).betweenVessels).toBeNull();
  });

  test('a steady reader is believed: own repeatability narrows the interval', () => {
    const readings = [reading(18), reading(18.2)];
    const steady = { standardDeviation: 0.06, degreesOfFreedom: 30 };
    expect(lotMoisture(readings, [], steady).uncertainty.expanded).toBeLessThan(
      lotMoisture(readings, []).uncertainty.expanded,
    );
  });
});

describe('repeatability of a reader', () => {
  test('none of their own: assumed; else pooled with the guess, which counts ever less', () => {
    expect(readerRepeatability([[17.2], [18]])).toEqual({
      ...SPREAD_PRIORS.repeatability,
      from: 'assumed',
    });
    const quickTake = readerRepeatability([[17.2, 17.4, 17.2]]);
    expect(quickTake).toMatchObject({ from: 'mixed', degreesOfFreedom: 7 });
    const many = readerRepeatability(Array.from({ length: 10 }, () => [17.2, 17.4]));
    expect(many).toMatchObject({ from: 'own', degreesOfFreedom: 15 });
    expect(many.standardDeviation).toBeCloseTo(Math.sqrt((5 * 0.18 ** 2 + 0.2) / 15), 9);
  });
});

describe('how many more readings', () => {
  const ask = (moisture: number, limitPercent: number, times = 1) => {
    const vessels = [{ id: 'a', massKg: null }];
    const readings = Array.from({ length: times }, () => reading(moisture));
    return furtherReadings({ readings, vessels, limitPercent });
  };

  test('far from the limit: none', () => {
    expect(ask(17, 20)).toEqual({ status: 'settled', decision: 'conforms' });
    expect(ask(21.5, 20)).toEqual({ status: 'settled', decision: 'over' });
  });

  test('nearer: the least number that settles it, and one fewer does not', () => {
    const found = ask(17.95, 18.6);
    if (found.status !== 'more') throw new Error(found.status);
    expect(found.decision).toBe('conforms');
    expect(ask(17.95, 18.6, 1 + found.readings).status).toBe('settled');
    expect(ask(17.95, 18.6, found.readings).status).toBe('more');
  });

  test('inside what the meter itself may be off by: no number', () => {
    expect(ask(18.55, 18.6)).toEqual({ status: 'no-number' });
  });

  test('a limit that is none is refused, and so is no reading', () => {
    expect(() => ask(18, NaN)).toThrow('limitPercent');
    expect(() => ask(18, 20, 0)).toThrow('readings');
  });
});

describe('critical range of replicates', () => {
  test('2.8, 3.3, 3.6 standard deviations for 2, 3, 4 replicates (ISO 5725-6, recalled from memory)', () => {
    expect(criticalRange(2, 0.1, 0)).toBeCloseTo(0.28, 9);
    expect(criticalRange(3, 0.1, 0)).toBeCloseTo(0.33, 9);
    expect(criticalRange(4, 0.1, 0)).toBeCloseTo(0.36, 9);
    expect(criticalRange(40, 0.1, 0)).toBe(criticalRange(10, 0.1, 0));
  });

  test('it is exceeded about once in twenty (seeded, 10,000 pairs and triples)', () => {
    const draw = normalDraws(seededRandom(9));
    for (const count of [2, 3, 5]) {
      let beyond = 0;
      for (let one = 0; one < 10_000; one += 1) {
        const values = Array.from({ length: count }, () => 0.1 * draw());
        if (Math.max(...values) - Math.min(...values) > criticalRange(count, 0.1, 0)) beyond += 1;
      }
      expect(beyond / 10_000).toBeGreaterThan(0.04);
      expect(beyond / 10_000).toBeLessThan(0.06);
    }
  });

  test('a coarse division widens it; nonsense is refused', () => {
    expect(criticalRange(2, 0.05, 0.5)).toBeGreaterThan(criticalRange(2, 0.05, 0));
    expect(() => criticalRange(1, 0.1, 0)).toThrow('count');
    expect(() => criticalRange(2, -1, 0)).toThrow('standardDeviation');
    expect(() => criticalRange(2, 0.1, NaN)).toThrow('divisionPercent');
  });
});
