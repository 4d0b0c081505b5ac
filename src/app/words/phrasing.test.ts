import { describe, expect, test } from '@jest/globals';
import { ruleOnLot } from '../../core';
import { lotEvidence, readingsOf, ruleSet } from '../../core/test/lotEvidence';
import { DEFAULT_PREFERENCES } from '../../records';
import { answerFigure, headline, ruleSentence } from './phrasing';
import { tell } from './tell';

const measured = (...values: number[]) => ruleOnLot(lotEvidence({ readings: readingsOf(values) }));

describe('the answer in words', () => {
  test('headlines', () => {
    expect(headline(measured(15.9))).toBe('Accept');
    expect(headline(measured(17.3))).toMatch(/^Accept, but look again by \d+ \w+ \d{4}$/);
    expect(headline(measured(19.2, 19.2))).toBe('Legal, but above your target');
    expect(headline(measured(22))).toBe('Over the limit');
    expect(headline(ruleOnLot(lotEvidence()))).toBe('Look at the comb, or take a reading');
    expect(headline(ruleOnLot(lotEvidence({ signs: ['gas'] })))).toBe(
      'Do not jar or sell: it is fermenting',
    );
    const capped = lotEvidence({ comb: { cappedShare: 1, shake: 'nothing-fell' } });
    expect(headline(ruleOnLot(capped))).toMatch(/^Accept on its capping, but look again by \d/);
  });

  test('one wet vessel in a dry lot is named as what it is', () => {
    const vessels = ['a', 'b', 'c'].map((id) => ({ id, label: id, massKg: 10 }));
    const dry = [...readingsOf([16.5, 16.5], 'a'), ...readingsOf([16.6, 16.6], 'b')];
    const one = lotEvidence({ vessels, readings: [...dry, ...readingsOf([21.5, 21.5], 'c')] });
    expect(headline(ruleOnLot(one))).toBe('Set one vessel aside: over the limit');
  });

  test('figures: measured with its ±, expected as a range', () => {
    expect(answerFigure(measured(17.2))).toMatch(/^17\.2 ± 0\.\d$/);
    expect(
      answerFigure(ruleOnLot(lotEvidence({ comb: { cappedShare: 0.8, shake: 'not-done' } }))),
    ).toBe('16–21');
  });

  test('the rule for those who cannot see it', () => {
    expect(ruleSentence(measured(17.2))).toMatch(
      /^Moisture rule from 13 to 25 % water: measured 17\.2 %, between 16\.\d and 17\.\d %, limit 20\.0 %\.$/,
    );
    const us = lotEvidence({ ruleSet: ruleSet('us-grade-a-b') });
    expect(ruleSentence(ruleOnLot(us))).toContain('expected 18.5 %');
  });

  test('a condition stands in the headline with its day', () => {
    const evidence = lotEvidence({ readings: readingsOf([17.6]) });
    expect(headline(ruleOnLot(evidence))).toMatch(
      /^Accept, but look again by \w+ \d+ \w+|^Accept, but look again by \d+ \w+/,
    );
  });

  test('temperatures in the unit of the keeper, and never in none', () => {
    const eleven = { as: 'temperature', celsius: 11 } as const;
    expect(tell(eleven, { ...DEFAULT_PREFERENCES, temperatureUnit: 'F' })).toBe('52 °F');
    expect(tell(eleven, DEFAULT_PREFERENCES)).toBe('11 °C');
    expect(() => tell(eleven)).toThrow('needs the keeper');
  });
});
