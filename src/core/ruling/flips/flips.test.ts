import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { lotEvidence, readingsOf, ruleSet } from '../../test/lotEvidence';
import { anyEvidence } from '../../test/anyEvidence';
import { draws } from '../../test/draws';
import { beliefOf } from '../belief';
import { ruleOnLot } from '../engine';
import type { LotEvidence } from '../evidence';
import { flipsOf, isStuck } from './flips';
import { whatOneReadingSettles } from '../oneReading';
import { inEnglish } from '../../test/inEnglish';

const flips = (evidence: LotEvidence) => flipsOf(evidence, ruleOnLot(evidence));

describe('what would change the ruling', () => {
  test('every flip is true: applied, it gives the outcome it promises, and another than before', () => {
    fc.assert(
      fc.property(anyEvidence, (evidence) => {
        const before = ruleOnLot(evidence);
        for (const flip of flipsOf(evidence, before)) {
          expect(ruleOnLot(flip.evidence).outcome).toBe(flip.outcome);
          expect(flip.outcome).not.toBe(before.outcome);
        }
      }),
      { numRuns: draws(200, 1000), seed: 1107 },
    );
  });

  test('honey over the limit learns how dry it must get', () => {
    const found = flips(lotEvidence({ readings: readingsOf([21.4]) }));
    expect(found.map((flip) => flip.id)).toEqual(['drier-conditions', 'drier-dry']);
    expect(inEnglish(found[0]?.sentence)).toBe(
      'At a mean of 18.0 % or drier, measured the same way: accept, with conditions.',
    );
    expect(inEnglish(found[1]?.sentence)).toMatch(
      /^At a mean of 2\d\.\d % or drier.*: dry first\.$/,
    );
  });

  test('days of drying are named while honey is in the comb, never for honey in vessels', () => {
    const inComb = lotEvidence({
      comb: { cappedShare: 0.6, shake: 'not-done' },
      vessels: [],
      readings: readingsOf([21.4]).map((reading) => ({ ...reading, vesselId: null })),
    });
    const idsOf = (evidence: LotEvidence) => flips(evidence).map((flip) => flip.id);
    expect(idsOf(inComb)).toContain('days-of-drying');
    const { vessels } = lotEvidence();
    const inVessels = { ...inComb, vessels, readings: readingsOf([21.4]) };
    expect(idsOf(inVessels).some((id) => id.startsWith('drier-'))).toBe(true);
    expect(idsOf(inVessels)).not.toContain('days-of-drying');
  });

  test('a borderline lot learns how many readings settle it', () => {
    const evidence = lotEvidence({
      ruleSet: ruleSet('us-grade-a-b'),
      targetPercent: 18.6,
      readings: readingsOf([17.95]),
    });
    expect(flips(evidence).find((flip) => flip.id === 'more-readings')?.outcome).toBe('conditions');
  });

  test('on the limit itself no number of readings helps', () => {
    const evidence = lotEvidence({ targetPercent: 20, readings: readingsOf([20, 20, 20]) });
    expect(isStuck(ruleOnLot(evidence), flips(evidence))).toBe(true);
  });

  test('untested vessels are offered where they would settle it', () => {
    const vessels = ['a', 'b', 'c'].map((id) => ({ id, label: `Bucket ${id}`, massKg: 10 }));
    const evidence = lotEvidence({
      ruleSet: ruleSet('us-grade-a-b'),
      targetPercent: 18.6,
      vessels,
      readings: readingsOf([17.7, 17.7]),
    });
    expect(
      inEnglish(flips(evidence).find((flip) => flip.id === 'untested-vessels')?.sentence),
    ).toContain('each of the 2');
  });

  test('without a meter: the shake test and the capped share', () => {
    const evidence = lotEvidence({ comb: { cappedShare: 0.6, shake: 'not-done' } });
    expect(flips(evidence).map((flip) => [flip.id, flip.outcome])).toEqual([
      ['shake-nothing-fell', 'by-comb'],
      ['capped-share', 'by-comb'],
    ]);
    expect(flips(lotEvidence())).toEqual([]);
  });
});

describe('what one reading would settle', () => {
  test('edges lie a guard band to both sides of the limit', () => {
    const evidence = lotEvidence({ comb: { cappedShare: 0.9, shake: 'not-done' } });
    const one = whatOneReadingSettles(evidence, beliefOf(evidence));
    expect((one.conformsUpToPercent + one.overFromPercent) / 2).toBeCloseTo(20, 9);
    expect(one.settlesWith).toBeGreaterThan(0.9);
    expect(one.settlesWith).toBeLessThanOrEqual(1);
  });

  test('the ruling on a reading at the edge is as promised', () => {
    const evidence = lotEvidence({
      targetPercent: 20,
      comb: { cappedShare: 0.9, shake: 'not-done' },
    });
    const one = whatOneReadingSettles(evidence, beliefOf(evidence));
    const after = (value: number) =>
      ruleOnLot({ ...evidence, readings: readingsOf([value]) }).outcome;
    expect(after(one.conformsUpToPercent - 0.01)).toBe('conditions');
    expect(after(one.conformsUpToPercent + 0.05)).toBe('measure');
    expect(after(one.overFromPercent + 0.01)).toBe('over');
  });

  test('a lot in the middle of the doubt is settled least often', () => {
    const chance = (cappedShare: number) => {
      const evidence = lotEvidence({
        comb: { cappedShare, shake: 'not-done' },
        ruleSet: ruleSet('us-grade-a-b'),
      });
      return whatOneReadingSettles(evidence, beliefOf(evidence)).settlesWith;
    };
    expect(chance(0.6)).toBeLessThan(chance(1));
  });
});
