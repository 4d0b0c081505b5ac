import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { RULE_SETS } from '../limits/ruleSets';
import { lotEvidence, readingsOf } from '../test/lotEvidence';
import { ruleOnLot } from './engine';
import type { LotEvidence } from './evidence';
import { OUTCOMES } from './outcome';
import { inEnglish } from '../test/inEnglish';
import { chance, percent, say, withDoubt } from '../message/message';
import { sourceWords } from '../../app/words/tell';

const lots: fc.Arbitrary<LotEvidence> = fc
  .record({
    ruleSet: fc.constantFrom(...RULE_SETS),
    honeyKind: fc.constantFrom('ordinary' as const, 'heather' as const),
    values: fc.array(fc.double({ min: 13, max: 27, noNaN: true }), { maxLength: 4 }),
    cappedTenths: fc.option(fc.integer({ min: 0, max: 10 })),
    storageTemperatureC: fc.option(fc.integer({ min: -20, max: 40 })),
    signs: fc.subarray(['foam-returns', 'gas', 'sour-smell', 'bulging-lid'] as const),
  })
  .map(({ values, cappedTenths, ...rest }) =>
    lotEvidence({
      ...rest,
      comb: cappedTenths === null ? null : { cappedShare: cappedTenths / 10, shake: 'not-done' },
      readings: readingsOf(values),
    }),
  );

describe('what rules say', () => {
  test('figures are said the same way everywhere', () => {
    expect(inEnglish(percent(17.44))).toBe('17.4 %');
    expect(inEnglish(withDoubt(17.44, 0.36))).toBe('17.4 ± 0.4 %');
    expect([1, 0.996, 0.5, 0.004, 0].map((value) => inEnglish(chance(value)))).toEqual([
      'more than 99 in 100',
      'more than 99 in 100',
      '50 in 100',
      'less than 1 in 100',
      'less than 1 in 100',
    ]);
    expect(sourceWords({ name: say('rules.samplingPlan'), standing: 'choice' })).toBe(
      'Sampling plan (our choice)',
    );
  });

  test('every finding is one finished sentence with a source, whatever the evidence', () => {
    fc.assert(
      fc.property(lots, (evidence) => {
        const { findings } = ruleOnLot(evidence);
        expect(findings.length).toBeGreaterThan(0);
        for (const { sentence, source, title } of findings) {
          expect(inEnglish(sentence)).toMatch(/^[A-Z0-9].*\.$/);
          expect(inEnglish(sentence)).not.toMatch(/NaN|undefined|null|Infinity|\.\./);
          expect(sourceWords(source)).toContain('(');
          expect(inEnglish(title)).not.toBe('');
        }
      }),
      { numRuns: 300 },
    );
  });

  test('the headline is the most severe finding, and findings come in order of severity', () => {
    const order = [...OUTCOMES, 'condition', 'note'];
    fc.assert(
      fc.property(lots, (evidence) => {
        const { outcome, findings } = ruleOnLot(evidence);
        const ranks = findings.map((finding) => order.indexOf(finding.bearing));
        expect([...ranks].sort((a, b) => a - b)).toEqual(ranks);
        const outcomes = findings.filter(
          (finding) => !['condition', 'note'].includes(finding.bearing),
        );
        const headline = outcomes[0]?.bearing ?? 'measure';
        const conditional = findings.some((finding) => finding.bearing === 'condition');
        expect(headline === 'accept' && conditional ? 'conditions' : headline).toBe(outcome);
      }),
    );
  });

  test('no lot is ever called safe until some day, and a probability stays a probability', () => {
    fc.assert(
      fc.property(lots, (evidence) => {
        const { findings, overProbability, checkAgainMonths } = ruleOnLot(evidence);
        expect(findings.map((finding) => inEnglish(finding.sentence)).join(' ')).not.toMatch(
          /safe until|guarantee/i,
        );
        expect(overProbability).toBeGreaterThanOrEqual(0);
        expect(overProbability).toBeLessThanOrEqual(1);
        expect(checkAgainMonths).toBeGreaterThan(0);
      }),
    );
  });

  test('a sign of fermentation is never outweighed', () => {
    fc.assert(
      fc.property(lots, (evidence) => {
        const { outcome } = ruleOnLot({ ...evidence, signs: ['gas'] });
        expect(outcome).toBe('divert');
      }),
    );
  });
});
