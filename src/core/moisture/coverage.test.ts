import { describe, expect, test } from '@jest/globals';
import { normalDraws, seededRandom } from '../stats/seededRandom';
import type { LotReading, LotVessel } from './vesselGroups';
import { lotMoisture } from './lotMoisture';
import { readingBudget } from './readingBudget';
import { SPREAD_PRIORS } from './spreads';

const LOTS = 1000;

describe('what nobody noted', () => {
  test('an unnoted temperature: readings anywhere from 10 to 30 °C are still covered', () => {
    const random = seededRandom(7);
    const unnoted = readingBudget(
      { scale: 'water', dialValue: 18, temperatureC: null, atc: false },
      { resolution: 0.2, zeroCheck: 'checked' },
    );
    let covered = 0;
    for (let one = 0; one < LOTS; one += 1) {
      const off = 0.0905 * (random() * 20 - 10);
      const reading = { id: 'a', vesselId: null, moisturePercent: 18 + off, budget: unnoted };
      const { meanPercent, uncertainty } = lotMoisture([reading], []);
      if (Math.abs(meanPercent - 18) <= uncertainty.expanded) covered += 1;
    }
    expect(covered / LOTS).toBeGreaterThanOrEqual(0.95);
  });
});

describe('two meters, layered vessels and a suspicious one (seeded simulation)', () => {
  const checked = readingBudget(
    { scale: 'water', dialValue: 18, temperatureC: 22, atc: false },
    { resolution: 0.2, zeroCheck: 'checked' },
  );
  const own = (draw: () => number): number =>
    SPREAD_PRIORS.repeatability.standardDeviation * draw();

  /** What is common to the readings of one meter; the relation is common to all. */
  const ofMeter = (draw: () => number): number =>
    (['resolution', 'temperature', 'calibration'] as const).reduce(
      (sum, part) => sum + draw() * checked[part],
      0,
    );

  test('errors of two meters are independent: the interval covers, and is narrower than with one', () => {
    const draw = normalDraws(seededRandom(31));
    const vessels: LotVessel[] = ['a', 'b'].map((id) => ({ id, massKg: 10 }));
    let covered = 0;
    let widths: [number, number] = [0, 0];
    for (let lot = 0; lot < LOTS; lot += 1) {
      const truth = [18, 18].map((value) => value + 0.3 * draw());
      const relation = checked.relation * draw();
      const readings = truth.map((value, at): LotReading => {
        const spot = SPREAD_PRIORS.spot.standardDeviation * draw();
        const moisturePercent = value + relation + ofMeter(draw) + spot + own(draw);
        const vesselId = at === 0 ? 'a' : 'b';
        return { id: vesselId, vesselId, moisturePercent, budget: checked, meterId: `m${at}` };
      });
      const { meanPercent, uncertainty } = lotMoisture(readings, vessels);
      const single = readings.map((reading) => ({ ...reading, meterId: 'm' }));
      widths = [
        widths[0] + uncertainty.expanded,
        widths[1] + lotMoisture(single, vessels).uncertainty.expanded,
      ];
      const mean = (truth[0]! + truth[1]!) / 2;
      if (Math.abs(meanPercent - mean) <= uncertainty.expanded) covered += 1;
    }
    expect(covered / LOTS).toBeGreaterThanOrEqual(0.94);
    expect(widths[0]).toBeLessThan(0.93 * widths[1]);
  });

  test('top and bottom of an unstirred vessel: the whole lies between them, and is covered', () => {
    const random = seededRandom(32);
    const draw = normalDraws(random);
    let covered = 0;
    for (let lot = 0; lot < LOTS; lot += 1) {
      const [top, bottom] = [18.6 + random(), 17.4 - random()];
      const share = random();
      const truth = share * top + (1 - share) * bottom;
      const shared = ofMeter(draw) + checked.relation * draw();
      const at = (spot: 'top' | 'bottom', value: number): LotReading => {
        const moisturePercent = value + shared + own(draw);
        return { id: spot, vesselId: 'a', moisturePercent, budget: checked, spot };
      };
      const { meanPercent, uncertainty } = lotMoisture(
        [at('top', top), at('bottom', bottom)],
        [{ id: 'a', massKg: 10 }],
      );
      if (Math.abs(meanPercent - truth) <= uncertainty.expanded) covered += 1;
    }
    expect(covered / LOTS).toBeGreaterThanOrEqual(0.95);
  });
});
