import { describe, expect, test } from '@jest/globals';
import { DRYING_RATES, RATE_SPREADS } from '../drying/rates';
import { boxes, inRoom } from '../test/dryingRuns';
import {
  FACTORS,
  beliefDraw,
  factorBelief,
  priorBelief,
  runUnder,
  triangleOf,
  type DryingBelief,
} from './dryingBelief';

describe('what is believed before anything was measured', () => {
  const prior = priorBelief([0.4, 0]);

  test('each rate by its spread, each start by its own, nothing hangs together', () => {
    expect(prior.mean).toEqual([0, 0, 0, 0, 0, 0, 0]);
    expect(prior.covariance[0]![0]).toBeCloseTo(RATE_SPREADS.diffusivityM2PerS ** 2, 12);
    expect(prior.covariance[5]![5]).toBeCloseTo(0.16, 12);
    expect(prior.covariance.flatMap((row, at) => row.filter((_, to) => to !== at))).toEqual(
      Array.from({ length: 42 }, () => 0),
    );
  });

  test('no start is known better than a twentieth of a point', () => {
    expect(prior.covariance[6]![6]).toBeCloseTo(0.05 ** 2, 12);
  });

  test('a handbook factor of 1.8 is one standard deviation of the logarithm of diffusion', () => {
    expect(Math.exp(Math.sqrt(prior.covariance[0]![0]!))).toBeCloseTo(1.8, 9);
  });
});

describe('draws', () => {
  const belief: DryingBelief = {
    mean: [0.3, -0.2],
    covariance: [
      [0.25, 0.15],
      [0.15, 0.16],
    ],
  };

  test('the triangle gives the covariance back', () => {
    const triangle = triangleOf(belief);
    const product = triangle.map((row) =>
      triangle.map((other) => row.reduce((sum, value, at) => sum + value * other[at]!, 0)),
    );
    product.forEach((row, at) =>
      row.forEach((value, to) => expect(value).toBeCloseTo(belief.covariance[at]![to]!, 12)),
    );
  });

  test('4,000 of them have the mean and covariance they were drawn from', () => {
    const triangle = triangleOf(belief);
    const draws = Array.from({ length: 4000 }, (_, at) => beliefDraw(belief, triangle, at).values);
    const mean = [0, 1].map((at) => draws.reduce((sum, draw) => sum + draw[at]!, 0) / draws.length);
    mean.forEach((value, at) => expect(Math.abs(value - belief.mean[at]!)).toBeLessThan(0.03));
    const together =
      draws.reduce((sum, draw) => sum + (draw[0]! - mean[0]!) * (draw[1]! - mean[1]!), 0) /
      draws.length;
    expect(Math.abs(together - 0.15)).toBeLessThan(0.02);
  });

  test('with few degrees of freedom draws lie far out now and then, starts do not', () => {
    const prior = priorBelief([0.4]);
    const triangle = triangleOf(prior);
    const draws = Array.from({ length: 4000 }, (_, at) => beliefDraw(prior, triangle, at).values);
    const far = (place: number): number => {
      const limit = 3 * Math.sqrt(prior.covariance[place]![place]!);
      return draws.filter((draw) => Math.abs(draw[place]!) > limit).length / draws.length;
    };
    // of Student's t with three degrees of freedom 5.8 in 100 lie beyond 3, of the normal 0.27
    expect(far(0)).toBeGreaterThan(0.045);
    expect(far(0)).toBeLessThan(0.072);
    expect(far(FACTORS.length)).toBeLessThan(0.006);
  });

  test('a covariance that is none is refused', () => {
    const broken = {
      mean: [0, 0],
      covariance: [
        [1, 2],
        [2, 1],
      ],
    };
    expect(() => triangleOf(broken)).toThrow('covariance');
  });
});

describe('a run under a draw', () => {
  const run = inRoom([boxes(4), boxes(2, { id: 'b' })]);
  const values = [Math.log(2), Math.log(0.5), 0, Math.log(1.1), Math.log(3), 0.7, -0.4];
  const under = runUnder(run, { values });

  test('rates, machine and leakage by their factors', () => {
    expect(FACTORS).toHaveLength(5);
    expect(under.rates?.diffusivityM2PerS).toBeCloseTo(2 * DRYING_RATES.diffusivityM2PerS, 18);
    expect(under.rates?.filmKgPerM2DayKPa).toBeCloseTo(0.5 * DRYING_RATES.filmKgPerM2DayKPa, 9);
    expect(under.room?.room.dehumidifier?.ratedLPerDay).toBeCloseTo(22, 9);
    expect(under.room?.room.airChangesPerHour).toBeCloseTo(0.6, 9);
  });

  test('each batch starts by its own wetter or drier, within what honey can have', () => {
    const moistures = under.batches.map((batch) => batch.parts.map((part) => part.moisturePercent));
    expect(moistures[0]).toEqual([expect.closeTo(20.7, 9), expect.closeTo(18.2, 9)]);
    expect(moistures[1]).toEqual([expect.closeTo(19.6, 9), expect.closeTo(17.1, 9)]);
    const wild = runUnder(run, { values: [0, 0, 0, 0, 0, 50, -50] });
    expect(wild.batches[0]!.parts[0]!.moisturePercent).toBe(30);
    expect(wild.batches[1]!.parts[0]!.moisturePercent).toBe(12);
  });

  test('a room without machine, and air that is known, stay so', () => {
    expect(runUnder({ ...run, room: null }, { values }).room).toBeNull();
  });

  test('what is kept of the factors has no batch in it', () => {
    const prior = priorBelief([0.3, 0.3]);
    expect(factorBelief(prior).mean).toHaveLength(FACTORS.length);
    expect(factorBelief(prior).covariance.every((row) => row.length === FACTORS.length)).toBe(true);
  });
});
