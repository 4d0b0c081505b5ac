import { describe, expect, test } from '@jest/globals';
import { tankMoisture } from '../blending/blendTask';
import { lotMoisture } from '../moisture/lotMoisture';
import { SPREAD_PRIORS } from '../moisture/spreads';
import { bucketsOf, lotEvidence, readingsOf, said } from '../test/lotEvidence';
import { ruleOnLot } from './engine';
import type { LotEvidence } from './evidence';
import { flipsOf } from './flips/flips';
import { anyVesselOver, vesselEstimate } from './vesselMoistures';
import { inEnglish } from '../test/inEnglish';

describe('each vessel counts', () => {
  const each = (values: readonly number[], count = values.length): LotEvidence =>
    lotEvidence({
      vessels: bucketsOf(count),
      readings: values.flatMap((value, place) => readingsOf([value], `b${place + 1}`)),
    });

  test('16.2, 16.4 and 20.3 under 20: not accepted, Bucket 3 named, and without it accepted', () => {
    const evidence = each([16.2, 16.4, 20.3]);
    const ruling = ruleOnLot(evidence);
    expect(ruling.belief.mean).toBeCloseTo(17.63, 1);
    expect(['measure', 'over']).toContain(ruling.outcome);
    expect(said(evidence)).toMatch(/Bucket 3 \(20\.3 ± 0\.\d %\)/);
    const without = flipsOf(evidence, ruling).find((flip) => flip.id === 'without-vessels');
    expect(inEnglish(without?.sentence)).toBe('Without Bucket 3: accept.');
    expect(ruleOnLot(without!.evidence).outcome).toBe('accept');
  });

  test('nine at 19.2 and one at 20.1: that one is named, the others are not', () => {
    const evidence = each([...Array.from({ length: 9 }, () => 19.2), 20.1]);
    const found = ruleOnLot(evidence).findings.filter(
      (finding) => finding.ruleId === 'vessel-apart',
    );
    expect(found.map((finding) => inEnglish(finding.sentence)).join()).toMatch(
      /^Bucket 10 \(20\.1 ± /,
    );
    expect(found.map((finding) => inEnglish(finding.sentence)).join()).not.toContain('Bucket 9');
    expect(ruleOnLot(evidence).outcome).toBe('measure');
  });

  test('24 buckets, one read at 20.9 with a doubtful meter: it is named', () => {
    const [one] = readingsOf([20.9], 'b7');
    const doubtful = { ...one!, budget: { ...one!.budget, calibration: 0.5 } };
    const evidence = lotEvidence({ vessels: bucketsOf(24), readings: [doubtful] });
    expect(said(evidence)).toMatch(/Bucket 7 \(20\.9 ± 1\.\d %\)/);
  });

  test('the chance that any is over grows with their number and with the wettest', () => {
    const chance = (evidence: LotEvidence): number =>
      anyVesselOver(evidence, ruleOnLot(evidence).belief)!;
    expect(chance(each([19.4, 19.4]))).toBeGreaterThan(
      ruleOnLot(each([19.4, 19.4])).overProbability,
    );
    expect(chance(each([19.4, 19.4, 19.4, 19.4]))).toBeGreaterThan(chance(each([19.4, 19.4])));
    expect(chance(each([16, 16, 20.3]))).toBeGreaterThan(0.8);
    expect(chance(each([16, 16], 20))).toBeLessThan(0.01);
    expect(ruleOnLot(lotEvidence({ readings: readingsOf([17]) })).anyOverProbability).toBeNull();
  });

  test('with no common error it is what independence says', () => {
    const free = each([19.6, 19.7]);
    const readings = free.readings.map((reading) => ({
      ...reading,
      budget: { resolution: 0, temperature: 0, calibration: 0, relation: 0, sample: 0 },
    }));
    const evidence = { ...free, readings };
    const { belief } = ruleOnLot(evidence);
    const none = belief.measured!.vessels.reduce((product, vessel) => {
      const z = (20 - vessel.meanPercent) / vessel.uncertainty.standard;
      return product * (1 - upperTail(z));
    }, 1);
    expect(anyVesselOver(evidence, belief)).toBeCloseTo(1 - none, 4);
  });

  test('what keeps is the vessel: an unread one by the upper end of a single vessel', () => {
    const evidence = each([16.4], 20);
    const { belief } = ruleOnLot(evidence);
    const read = vesselEstimate(evidence, belief, 'b1');
    const unread = vesselEstimate(evidence, belief, 'b9');
    expect(unread.mean).toBeCloseTo(read.mean, 9);
    expect(unread.standardUncertainty).toBeGreaterThan(read.standardUncertainty + 0.1);
    const wet = each([16.4, 18.4]);
    expect(vesselEstimate(wet, ruleOnLot(wet).belief, 'b2').mean).toBeCloseTo(18.4, 6);
    expect(said(wet)).toContain('Bucket 2 may have up to');
  });
});

/** P(Z > z) by a series of the error function, apart from the one under test (Abramowitz & Stegun 7.1.26). */
function upperTail(z: number): number {
  const x = Math.abs(z) / Math.SQRT2;
  const t = 1 / (1 + 0.3275911 * x);
  const poly =
    t *
    (0.254829592 + t * (-0.284496736 + t * (1.421413741 + t * (-1.453152027 + t * 1.061405429))));
  const tail = 0.5 * poly * Math.exp(-x * x);
  return z >= 0 ? tail : 1 - tail;
}

describe('mass weighs, and blends carry what containers share', () => {
  test('vessels of 5, 5 and 200 kg with the small two read: U is twice that of vessels alike', () => {
    const vessels = [5, 5, 200].map((massKg, place) => ({ id: `b${place + 1}`, massKg }));
    const readings = [...readingsOf([17], 'b1'), ...readingsOf([17], 'b2')];
    const { uncertainty } = lotMoisture(readings, vessels);
    expect(uncertainty.expanded).toBeGreaterThan(1.2);
    const alike = lotMoisture(
      readings,
      vessels.map((vessel) => ({ ...vessel, massKg: 70 })),
    );
    expect(alike.uncertainty.expanded).toBeLessThan(uncertainty.expanded / 1.6);
  });

  test('the spread is s²·[Σ(wᵢ − Mᵢ)² over read + Σ Mⱼ² over unread], worked out by hand', () => {
    const vessels = [10, 30, 60].map((massKg, place) => ({ id: `b${place + 1}`, massKg }));
    const readings = [...readingsOf([17], 'b1'), ...readingsOf([17], 'b2')];
    const { components } = lotMoisture(readings, vessels);
    const between = components.find((component) => component.id === 'between-vessels')!.standard;
    // weights 0.25 and 0.75; shares 0.1, 0.3, 0.6; pooled spread with one more degree of freedom
    const { standardDeviation: s, degreesOfFreedom: n } = SPREAD_PRIORS.betweenVessels;
    const pooled = Math.sqrt((n * s ** 2) / (n + 1));
    expect(between).toBeCloseTo(pooled * Math.sqrt(0.15 ** 2 + 0.45 ** 2 + 0.6 ** 2), 9);
  });

  test('twenty buckets, one read: a blend of all has the doubt of the lot, not 0.17', () => {
    const vessels = bucketsOf(20);
    const evidence = lotEvidence({ vessels, readings: readingsOf([17], 'b1') });
    const { belief } = ruleOnLot(evidence);
    const { unread } = belief.measured!;
    const parts = vessels.map(({ id }, place) => ({
      massKg: 20,
      container: {
        id,
        massKg: 20,
        meanPercent: 17,
        randomPercent: place === 0 ? 0.18 : unread.own,
        ...(place > 0 && { shared: { id: 'lot', percent: unread.shared } }),
        flow: '',
        colour: '',
        barredBecause: null,
      },
    }));
    const blended = tankMoisture(parts, 0.14).standardUncertainty;
    expect(blended).toBeGreaterThan(0.95 * belief.standardUncertainty);
    expect(blended).toBeLessThan(1.6 * belief.standardUncertainty);
  });
});

test('a reading of the whole lot that lies apart from one of a bucket is named as such', () => {
  const whole = { ...readingsOf([16.4], 'w')[0]!, vesselId: null };
  const evidence = lotEvidence({ readings: [whole, ...readingsOf([18.2])] });
  expect(said(evidence)).toContain('Containers differ');
  expect(said(evidence)).toMatch(/lot.* 16\.4.*Bucket 1.* 18\.2/);
});
