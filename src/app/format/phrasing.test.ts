import { describe, expect, test } from '@jest/globals';
import { ruleOnLot } from '../../core';
import { lotEvidence, readingsOf, ruleSet } from '../../core/test/lotEvidence';
import { DEFAULT_PREFERENCES } from '../../records';
import { answerFigure, headline, phrasingFor, ruleSentence } from './phrasing';

const measured = (...values: number[]) => ruleOnLot(lotEvidence({ readings: readingsOf(values) }));

describe('the answer in words', () => {
  test('headlines', () => {
    expect(headline(measured(15.9))).toBe('Accept');
    expect(headline(measured(17.6))).toBe('Accept, on conditions');
    expect(headline(measured(19.8, 19.8))).toBe('Dry first');
    expect(headline(measured(22))).toBe('Over the limit');
    expect(headline(ruleOnLot(lotEvidence()))).toBe('Measure more');
    expect(headline(ruleOnLot(lotEvidence({ signs: ['gas'] })))).toBe('Divert');
    const capped = lotEvidence({ comb: { cappedShare: 1, shake: 'nothing-fell' } });
    expect(headline(ruleOnLot(capped))).toBe('Accept by capping, moisture not measured');
  });

  test('one wet vessel in a dry lot is named as what it is', () => {
    const vessels = ['a', 'b', 'c'].map((id) => ({ id, label: id, massKg: 10 }));
    const dry = [...readingsOf([16.5, 16.5], 'a'), ...readingsOf([16.6, 16.6], 'b')];
    const one = lotEvidence({ vessels, readings: [...dry, ...readingsOf([21.5, 21.5], 'c')] });
    expect(headline(ruleOnLot(one))).toBe('Set one vessel apart, over the limit');
  });

  test('figures: measured with its ±, expected as a range', () => {
    expect(answerFigure(measured(17.2))).toMatch(/^17\.2 ± 0\.\d$/);
    expect(
      answerFigure(ruleOnLot(lotEvidence({ comb: { cappedShare: 0.8, shake: 'not-done' } }))),
    ).toBe('16–20');
  });

  test('the rule for those who cannot see it', () => {
    expect(ruleSentence(measured(17.2))).toMatch(
      /^Moisture rule from 13 to 25 % water: measured 17\.2 %, between 16\.\d and 17\.\d %, limit 20\.0 %\.$/,
    );
    const us = lotEvidence({ ruleSet: ruleSet('us-grade-a-b') });
    expect(ruleSentence(ruleOnLot(us))).toContain('expected 18.5 %');
  });

  test('temperatures in the unit of the keeper', () => {
    expect(phrasingFor({ ...DEFAULT_PREFERENCES, temperatureUnit: 'F' }).temperature(11)).toBe(
      '52 °F',
    );
    expect(phrasingFor(DEFAULT_PREFERENCES).temperature(11)).toBe('11 °C');
  });
});
