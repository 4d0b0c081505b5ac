import { describe, expect, test } from '@jest/globals';
import { guardOf } from '../conformity/conformity';
import { ruleOnLot } from '../ruling/engine';
import { bucketsOf, lotEvidence, ruleSet } from '../test/lotEvidence';
import {
  COVERAGE_ROWS,
  KEEPER,
  WATCHED_WORLDS,
  acceptedWatching,
  coverageIn,
  lotsOf,
} from '../test/wrongWorlds';
import { estimateOf, lotMoisture } from './lotMoisture';

/** Lots a cell; `npm run coverage:table` draws more. Two standard errors at 92 % are a point. */
const LOTS = 1500;
const LEEWAY = 0.015;

describe('the stated 95 % covers, all right and one assumption wrong (seeded simulation)', () => {
  test.each(COVERAGE_ROWS.map((row) => [row.world.name, row] as const))('%s', (_, row) => {
    const { covered } = coverageIn(row.world, LOTS, 20261127);
    const [least, most] = row.wanted;
    expect(covered).toBeGreaterThanOrEqual(least / 100 - LEEWAY);
    expect(covered).toBeLessThanOrEqual(most / 100 + LEEWAY);
  });

  test.each(WATCHED_WORLDS.map((world) => [world.name, world] as const))(
    'watched after each of 20 readings, right at the limit: %s',
    (_, world) => {
      expect(acceptedWatching(world, 300, 3)).toBeLessThanOrEqual(0.07);
    },
  );
});

describe('a keeper with a checked meter, two readings in each of three buckets, ten own lots', () => {
  test('gets ± 0.6 or less, and is accepted at 17.0 under 18.6', () => {
    const { readings, vessels } = lotsOf(KEEPER, 4)();
    const { repeatability, learned } = KEEPER;
    const found = lotMoisture(readings, vessels, repeatability, learned);
    expect(found.uncertainty.expanded).toBeLessThanOrEqual(0.6);
    expect(guardOf(estimateOf(found))).toBeLessThan(0.7);
    const evidence = lotEvidence({
      ruleSet: ruleSet('us-grade-a-b'),
      targetPercent: 18.6,
      vessels: bucketsOf(3),
      readings: readings.map((reading, at) => ({
        ...reading,
        vesselId: `b${1 + Math.floor(at / 2)}`,
        moisturePercent: 17 + (at % 2 === 0 ? 0.1 : -0.1),
        marks: [],
        zeroCheck: 'checked' as const,
      })),
      ...(repeatability && { repeatability }),
      ...(learned && { learned }),
    });
    expect(['accept', 'conditions']).toContain(ruleOnLot(evidence).outcome);
  });
});
