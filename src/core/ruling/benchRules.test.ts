import { describe, expect, test } from '@jest/globals';
import type { Spot } from '../moisture/sampleState';
import { lotEvidence, readingsOf } from '../test/lotEvidence';
import { ruleOnLot } from './engine';
import type { LotEvidence, ReadingEvidence } from './evidence';
import { inEnglish } from '../test/inEnglish';
import { say } from '../message/message';

const vessels = (count: number) =>
  Array.from({ length: count }, (_, at) => ({
    id: `v${at}`,
    label: `Bucket ${at + 1}`,
    massKg: 12,
  }));

const each = (values: readonly number[]): ReadingEvidence[] =>
  values.flatMap((value, at) => readingsOf([value], `v${at}`));

function findings(evidence: LotEvidence, ruleId: string) {
  return ruleOnLot(evidence).findings.filter((finding) => finding.ruleId === ruleId);
}

describe('suspicious vessels are judged by themselves', () => {
  const suspect = { suspectBecause: say('rules.drainedFromCappings') };
  const some = vessels(3).map((vessel, at) => (at === 2 ? { ...vessel, ...suspect } : vessel));

  test('a wet one does not move the lot’s mean and does not condemn it', () => {
    const with3 = ruleOnLot(lotEvidence({ vessels: some, readings: each([16.6, 16.8, 22]) }));
    const only2 = ruleOnLot(lotEvidence({ vessels: vessels(2), readings: each([16.6, 16.8]) }));
    expect(with3.belief.mean).toBeCloseTo(only2.belief.mean, 9);
    expect(with3.outcome).toBe('conditions');
    const found = with3.findings.find((finding) => finding.ruleId === 'suspect-vessels');
    expect(found?.bearing).toBe('condition');
    expect(inEnglish(found?.sentence)).toContain('Bucket 3, judged by itself, measures 22.0');
  });

  test('one that was not tested is to be kept apart; a dry one is fine', () => {
    const untested = findings(
      lotEvidence({ vessels: some, readings: each([16.6, 16.8]) }),
      'suspect-vessels',
    );
    expect(inEnglish(untested[0]?.sentence)).toContain(
      'kept apart (drained from cappings) and was not tested',
    );
    const dry = findings(
      lotEvidence({ vessels: some, readings: each([16.6, 16.8, 16.9]) }),
      'suspect-vessels',
    );
    expect(dry[0]?.bearing).toBe('note');
    const near = findings(
      lotEvidence({ vessels: some, readings: each([16.6, 16.8, 20]) }),
      'suspect-vessels',
    );
    expect(inEnglish(near[0]?.sentence)).toContain('not settled');
  });

  test('where every vessel is suspicious they are the lot', () => {
    const all = vessels(2).map((vessel) => ({ ...vessel, ...suspect }));
    expect(
      ruleOnLot(lotEvidence({ vessels: all, readings: each([16.6, 16.8]) })).belief.basis,
    ).toBe('readings');
  });
});

describe('samples and meters in doubt', () => {
  test('crystals and unstirred gel decide nothing, however dry they read', () => {
    const readings = readingsOf([16, 16]).map((reading) => ({
      ...reading,
      marks: ['crystals' as const],
    }));
    const ruling = ruleOnLot(lotEvidence({ readings }));
    expect(ruling.outcome).toBe('measure');
    expect(inEnglish(ruling.findings[0]?.sentence)).toContain('liquefy it in a closed jar');
    const crystals = readings.map((reading) => ({
      ...reading,
      id: `${reading.id}c`,
      moisturePercent: 21,
    }));
    const after = ruleOnLot(lotEvidence({ readings: [...crystals, ...readingsOf([16.3, 16.3])] }));
    expect(after.outcome).toBe('accept');
    expect(after.belief.mean).toBeCloseTo(16.3, 9);
    expect(
      after.findings.some((finding) =>
        inEnglish(finding.sentence).startsWith('Left out of the figure'),
      ),
    ).toBe(true);
    const gel = readingsOf([21]).map((reading) => ({ ...reading, marks: ['gel' as const] }));
    expect(
      inEnglish(
        findings(lotEvidence({ readings: gel, honeyKind: 'heather' }), 'unreliable-samples')[0]
          ?.sentence,
      ),
    ).toContain('stir it to a liquid');
  });

  test('a jump of the zero that decides otherwise asks for new readings; one that does not is a condition', () => {
    const doubted = (value: number, wouldBePercent: number) =>
      lotEvidence({
        targetPercent: 20,
        readings: readingsOf([value, value]).map((reading) => ({ ...reading, wouldBePercent })),
      });
    const changing = doubted(19, 20.6);
    expect(ruleOnLot(changing).outcome).toBe('measure');
    expect(findings(changing, 'zero-jumped')[0]).toMatchObject({ bearing: 'measure' });
    const harmless = findings(doubted(16.5, 16.9), 'zero-jumped')[0];
    expect(harmless?.bearing).toBe('condition');
    expect(inEnglish(harmless?.sentence)).toContain('16.9 % instead of 16.5 %');
  });

  test('top and bottom that differ are named', () => {
    const [top, bottom] = readingsOf([18.2, 16.8]);
    const readings = [
      { ...top!, spot: 'top' as const },
      { ...bottom!, spot: 'bottom' as const },
    ];
    expect(inEnglish(findings(lotEvidence({ readings }), 'layered-vessel')[0]?.sentence)).toContain(
      '18.2 % at the top, 16.8 % at the bottom',
    );
  });
});

describe('a sampling plan', () => {
  const plan = {
    method: 'mean-and-spread',
    content: 0.95,
    confidence: 0.95,
    looks: 1,
    plannedIds: [['v0', 'v1', 'v2', 'v3', 'v4']],
  } as const;
  const lot = (values: readonly number[]) =>
    lotEvidence({ vessels: vessels(20), readings: each(values), plan });

  test('says nothing until every planned vessel is read', () => {
    expect(inEnglish(findings(lot([17, 17.1, 17]), 'sampling-plan')[0]?.sentence)).toContain(
      '2 containers still to be read',
    );
  });

  test('holds or does not hold, with its sum', () => {
    const ids = Array.from({ length: 16 }, (_, place) => `v${place}`);
    const values = ids.map((_, place) => 17 + ((place * 7) % 16) / 40 - 0.1875);
    const evidence = lotEvidence({
      vessels: vessels(20),
      readings: each(values),
      plan: { ...plan, plannedIds: [ids] },
    });
    const [good] = findings(evidence, 'sampling-plan');
    expect(good).toMatchObject({ bearing: 'note' });
    expect(inEnglish(good?.sentence)).toMatch(
      /The plan holds: at least 95 % .* 17\.0 % \+ 2\.52 ×/,
    );
    const quickTake = findings(lot([17, 17.1, 17, 16.9, 17]), 'sampling-plan')[0];
    expect(quickTake?.bearing).toBe('condition');
    expect(inEnglish(quickTake?.sentence)).toContain('too few tested to have met a wetter group');
    const bad = findings(lot([17, 19.5, 17, 18, 16]), 'sampling-plan')[0];
    expect(bad?.bearing).toBe('condition');
    expect(inEnglish(bad?.sentence)).toContain('reading on until it passes proves nothing');
  });

  test('a vessel counts once it was read at every spot of the plan', () => {
    const at = (spot: Spot) =>
      each([17, 17.1, 17, 16.9, 17]).map((reading) => ({
        ...reading,
        id: reading.id + spot,
        spot,
      }));
    const said = (readings: ReadingEvidence[], spots: readonly Spot[]) =>
      inEnglish(
        findings(
          lotEvidence({ vessels: vessels(20), readings, plan: { ...plan, spots } }),
          'sampling-plan',
        )[0]?.sentence,
      );
    const both: Spot[] = ['top', 'bottom'];
    expect(said(at('top'), both)).toContain('5 containers still to be read');
    expect(said([...at('top'), ...at('bottom')], both)).not.toContain('still to be read');
    // where nobody said where, it counts as stirred
    expect(said(at('not-said'), ['stirred'])).not.toContain('still to be read');
    expect(said(at('not-said'), ['top'])).toContain('5 containers still to be read');
  });

  test('readings of the lot as a whole do not count for it', () => {
    const readings = each([17, 17.1, 17, 16.9]).concat(
      readingsOf([17]).map((reading) => ({ ...reading, vesselId: null })),
    );
    const evidence = lotEvidence({ vessels: vessels(20), readings, plan });
    expect(inEnglish(findings(evidence, 'sampling-plan')[0]?.sentence)).toContain(
      '1 container still',
    );
  });
});

describe('laboratory, senses and the flower’s name', () => {
  const dry = readingsOf([16.5, 16.6]);
  const laboratory = (values: NonNullable<LotEvidence['laboratory']>['values']) =>
    lotEvidence({ readings: dry, laboratory: { values, from: 'report 7' } });
  const value = (of: number) => ({ value: of, expanded: null });

  test('HMF over 40 diverts, within is noted', () => {
    expect(ruleOnLot(laboratory({ hmfMgPerKg: value(55) })).outcome).toBe('divert');
    expect(ruleOnLot(laboratory({ hmfMgPerKg: value(12) })).outcome).toBe('accept');
  });

  test('a counted yeast outranks the fear of it', () => {
    const readings = readingsOf([17.2, 17.3, 17.2]);
    const counted = (yeast: number) =>
      findings(
        lotEvidence({ readings, laboratory: { values: { yeastPerG: value(yeast) }, from: 'r' } }),
        'fermentation-class',
      )[0];
    expect(counted(100)).toMatchObject({ bearing: 'note' });
    expect(inEnglish(counted(100)?.sentence)).toContain('and 100 were counted');
    expect(counted(50_000)?.bearing).toBe('condition');
  });

  test('Karl Fischer beside the meter: some tenths are usual, a whole point is not', () => {
    const at = (percent: number) =>
      findings(laboratory({ karlFischerPercent: value(percent) }), 'laboratory-water')[0];
    expect(at(16.9)?.bearing).toBe('note');
    expect(at(18.4)).toMatchObject({ bearing: 'measure', step: 'check-zero' });
  });

  test('a sour smell at the bench is a sign of fermentation, a repellent blocks every use', () => {
    const senses = { faults: [], foam: 'none', impurities: [] } as const;
    const sour = lotEvidence({ readings: dry, senses: { ...senses, faults: ['sour'] } });
    expect(ruleOnLot(sour).outcome).toBe('divert');
    expect(inEnglish(findings(sour, 'signs-of-fermentation')[0]?.sentence)).toContain(
      'a sour, yeasty or boozy smell',
    );
    const foaming = lotEvidence({ readings: dry, senses: { ...senses, foam: 'comes-back' } });
    expect(ruleOnLot(foaming).outcome).toBe('divert');
    const tainted = lotEvidence({ readings: dry, senses: { ...senses, faults: ['repellent'] } });
    expect(ruleOnLot(tainted).outcome).toBe('reject');
    expect(inEnglish(findings(tainted, 'blocked')[0]?.sentence)).toContain('blocked for every use');
    const waxy = lotEvidence({
      readings: dry,
      senses: { ...senses, foam: 'thick', impurities: ['wax'] },
    });
    expect(ruleOnLot(waxy).outcome).toBe('conditions');
    expect(findings(waxy, 'senses-and-purity').map((finding) => finding.bearing)).toEqual([
      'condition',
      'condition',
    ]);
  });

  test('the flower’s name is supported, open or not supported, with what is missing', () => {
    const flower = {
      plant: 'ling',
      pollenPercent: 40,
      conductivityMsPerCm: 0.7,
      colour: 'amber',
      tastesTypical: true,
    } as const;
    const said = (change: object) =>
      inEnglish(
        findings(lotEvidence({ readings: dry, flower: { ...flower, ...change } }), 'flower-name')[0]
          ?.sentence,
      );
    expect(said({})).toContain('is supported by pollen, conductivity and senses');
    expect(said({ pollenPercent: null })).toContain('pollen not known yet');
    expect(said({ pollenPercent: 1, conductivityMsPerCm: 0.1 })).toContain(
      'pollen and conductivity speak against it',
    );
    expect(said({ plant: '' })).toBe('');
  });
});
