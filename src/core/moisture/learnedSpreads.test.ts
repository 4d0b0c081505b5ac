import { describe, expect, test } from '@jest/globals';
import { DomainError } from '../errors';
import { lotReading } from '../test/lotReading';
import { learnedBetweenVessels, vesselScatter } from './learnedSpreads';
import { SPREAD_PRIORS } from './spreads';
import { groupByVessel, massShares, vesselWeights } from './vesselGroups';

const READER = SPREAD_PRIORS.repeatability.standardDeviation ** 2;

describe('what the vessels of a lot differed by', () => {
  test('means of vessels less the reader’s own scatter, by hand', () => {
    const readings = [
      lotReading('a', 17),
      lotReading('a', 17.4),
      lotReading('b', 18.4),
      lotReading('c', 19),
    ];
    // means 17.2, 18.4, 19.0 about 18.2: 1 + 0.04 + 0.64
    const ofReader = (READER / 2 + READER + READER) / 3;
    expect(vesselScatter(readings)).toEqual({
      squares: expect.closeTo(1.68 - 2 * ofReader, 9),
      degreesOfFreedom: 2,
    });
  });

  test('is never less than none', () => {
    const alike = vesselScatter([lotReading('a', 17), lotReading('b', 17.1)]);
    expect(alike).toEqual({ squares: 0, degreesOfFreedom: 1 });
  });

  test('needs two vessels; readings of none say nothing', () => {
    expect(vesselScatter([lotReading('a', 17), lotReading('a', 18)])).toBeNull();
    expect(vesselScatter([lotReading('a', 17), lotReading(null, 21)])).toBeNull();
    expect(vesselScatter([lotReading('a', 17), lotReading('b', 18)])).not.toBeNull();
  });

  test('what is no number is refused', () => {
    expect(() => vesselScatter([lotReading('a', NaN), lotReading('b', 18)])).toThrow(DomainError);
  });
});

describe('what vessels differ by, learned', () => {
  const { standardDeviation, degreesOfFreedom } = SPREAD_PRIORS.betweenVessels;

  test('of no lot it is the guess itself', () => {
    expect(learnedBetweenVessels([])).toEqual({
      standardDeviation: expect.closeTo(standardDeviation, 12),
      degreesOfFreedom,
      from: 0,
    });
  });

  test('squares and degrees of freedom of all lots are pooled with the guess', () => {
    const found = learnedBetweenVessels([
      { squares: 1.2, degreesOfFreedom: 2 },
      { squares: 0.3, degreesOfFreedom: 4 },
    ]);
    const dof = degreesOfFreedom + 6;
    expect(found.degreesOfFreedom).toBe(dof);
    expect(found.from).toBe(2);
    expect(found.standardDeviation).toBeCloseTo(
      Math.sqrt((degreesOfFreedom * standardDeviation ** 2 + 1.5) / dof),
      12,
    );
  });

  test.each([
    [{ squares: -1, degreesOfFreedom: 2 }, 'squares', '%²'],
    [{ squares: 1, degreesOfFreedom: -2 }, 'degreesOfFreedom', '1'],
    [{ squares: 2e6, degreesOfFreedom: 2 }, 'squares', '%²'],
  ])('%j is refused', (scatter, param, unit) => {
    let error: unknown;
    try {
      learnedBetweenVessels([scatter]);
    } catch (thrown) {
      error = thrown;
    }
    expect(error).toMatchObject({ fn: 'learnedBetweenVessels', param, unit });
  });
});

describe('shares of vessels', () => {
  const vessel = (id: string, massKg: number | null) => ({ id, massKg });

  test('by mass; one of unknown mass counts as the mean of the others', () => {
    const shares = massShares([
      vessel('a', 10),
      vessel('b', 30),
      vessel('c', null),
      vessel('d', 0),
    ]);
    expect(Object.fromEntries(shares)).toEqual({
      a: expect.closeTo(10 / 80, 12),
      b: expect.closeTo(30 / 80, 12),
      c: expect.closeTo(20 / 80, 12),
      d: expect.closeTo(20 / 80, 12),
    });
  });

  test('alike where no mass is known', () => {
    const shares = massShares([vessel('a', null), vessel('b', 0)]);
    expect([...shares.values()]).toEqual([0.5, 0.5]);
  });

  test('tested vessels weigh by their mass only where all masses are known', () => {
    const groups = groupByVessel([lotReading('a', 17), lotReading('b', 18)]);
    expect(vesselWeights(groups, [vessel('a', 10), vessel('b', 30)])).toEqual([0.25, 0.75]);
    expect(vesselWeights(groups, [vessel('a', 10), vessel('b', null)])).toEqual([0.5, 0.5]);
    expect(vesselWeights(groups, [vessel('a', 10), vessel('b', 0)])).toEqual([0.5, 0.5]);
    expect(vesselWeights(groups, [vessel('a', 10)])).toEqual([0.5, 0.5]);
  });

  test('a vessel’s mean is that of its spots, not of its readings', () => {
    const [group] = groupByVessel([
      lotReading('a', 17, 'top'),
      lotReading('a', 17.2, 'top'),
      lotReading('a', 18.1, 'bottom'),
    ]);
    expect(group?.mean).toBeCloseTo((17.1 + 18.1) / 2, 12);
    expect(group?.spots.map((spot) => spot.spot)).toEqual(['top', 'bottom']);
  });
});
