import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { HONEY_KINDS, RULE_SETS } from '../limits/ruleSets';
import { lotEvidence, readingsOf, ruleSet } from '../test/lotEvidence';
import { RULES, ruleOnLot } from './engine';
import { limitPercent, type LotEvidence } from './evidence';
import { OUTCOMES, isAccepted, mostSevere } from './outcome';
import { inEnglish } from '../test/inEnglish';

const found = (evidence: LotEvidence, ruleId: string) =>
  ruleOnLot(evidence).findings.filter((finding) => finding.ruleId === ruleId);

describe('rules as objects', () => {
  test('each has its own id, a title, a source and says what it needs', () => {
    expect(new Set(RULES.map((item) => item.id)).size).toBe(RULES.length);
    for (const rule of RULES) {
      expect(inEnglish(rule.title).length).toBeGreaterThan(5);
      expect(inEnglish(rule.source.name).length).toBeGreaterThan(5);
      expect(Array.isArray(rule.needs)).toBe(true);
    }
  });

  test('order of severity: a sign outranks a number, acceptance comes last', () => {
    expect(OUTCOMES).toEqual([
      'reject',
      'divert',
      'over',
      'dry',
      'blend',
      'measure',
      'above-target',
      'conditions',
      'by-comb',
      'accept',
    ]);
    expect(mostSevere(['accept', 'dry', 'measure'])).toBe('dry');
    expect(mostSevere([])).toBe('measure');
  });
});

describe('with readings', () => {
  test('clearly dry honey is accepted and its class is safe', () => {
    const ruling = ruleOnLot(lotEvidence({ readings: readingsOf([16.1, 16.2]) }));
    expect(ruling.outcome).toBe('accept');
    expect(ruling.fermentation.id).toBe('safe');
    expect(ruling.overProbability).toBeLessThan(1e-4);
  });

  test('every limit of every rule set is judged at both edges', () => {
    for (const set of RULE_SETS) {
      for (const honeyKind of HONEY_KINDS) {
        const limit = set.moistureLimitPercent[honeyKind];
        const at = (mean: number) =>
          found(
            lotEvidence({
              ruleSet: set,
              honeyKind,
              targetPercent: limit,
              readings: readingsOf([mean, mean]),
            }),
            'moisture-against-limit',
          )[0]?.bearing;
        expect(at(limit - 0.7)).toBe('accept');
        expect(at(limit)).toBe('measure');
        expect(at(limit + 0.7)).toBe(honeyKind === 'heather' ? 'divert' : 'over');
      }
    }
  });

  test('one reading near a limit does not settle it, five do', () => {
    const us = { ruleSet: ruleSet('us-grade-a-b'), targetPercent: 18.6 };
    expect(ruleOnLot(lotEvidence({ ...us, readings: readingsOf([17.95]) })).outcome).toBe(
      'measure',
    );
    const five = readingsOf([17.9, 18.0, 17.95, 17.9, 18.0]);
    expect(ruleOnLot(lotEvidence({ ...us, readings: five })).outcome).toBe('conditions');
  });

  test('within the limit but wetter than the target: legal, above your target, with what to do', () => {
    const ruling = ruleOnLot(lotEvidence({ readings: readingsOf([18.9, 18.9]) }));
    expect(ruling.outcome).toBe('above-target');
    const found = ruling.findings.find((finding) => finding.bearing === 'above-target');
    expect(inEnglish(found?.sentence)).toMatch(
      /above your own target of 18.0 %.*; dry it, blend it/,
    );
  });

  test('over the limit', () => {
    const ruling = ruleOnLot(lotEvidence({ readings: readingsOf([21.4, 21.3]) }));
    expect(ruling.outcome).toBe('over');
    expect(ruling.overProbability).toBeGreaterThan(0.99);
    expect(inEnglish(ruling.findings[0]?.sentence)).toContain(
      'this rule set allows baker’s honey up to 23.0 %, for cooking only',
    );
    const codex = { ruleSet: ruleSet('codex-12-1981'), readings: readingsOf([21.4, 21.3]) };
    expect(inEnglish(ruleOnLot(lotEvidence(codex)).findings[0]?.sentence)).toMatch(
      /or do not jar it\.$/,
    );
  });

  test('heather at 21 % is within its own limit, with conditions', () => {
    const heather = { honeyKind: 'heather', targetPercent: 22 } as const;
    const ruling = ruleOnLot(lotEvidence({ ...heather, readings: readingsOf([21, 21.1]) }));
    expect(ruling.outcome).toBe('conditions');
    expect(ruling.findings.map((finding) => finding.bearing)).toContain('condition');
    expect(ruleOnLot(lotEvidence({ ...heather, readings: readingsOf([24, 24]) })).outcome).toBe(
      'divert',
    );
  });

  test('one wet vessel stands out although the mean is within', () => {
    const vessels = [
      { id: 'a', label: 'Bucket 1', massKg: 30 },
      { id: 'b', label: 'Bucket 2', massKg: 3 },
    ];
    const readings = [...readingsOf([16.5, 16.5]), ...readingsOf([21, 21], 'b')];
    const ruling = ruleOnLot(lotEvidence({ vessels, readings }));
    expect(ruling.belief.mean).toBeLessThan(17.2);
    expect(ruling.outcome).toBe('over');
    expect(
      inEnglish(ruling.findings.find((finding) => finding.ruleId === 'vessel-apart')?.sentence),
    ).toContain('Bucket 2');
  });

  test('a sign of fermentation outranks a dry reading, and the dry reading stays listed', () => {
    const ruling = ruleOnLot(lotEvidence({ readings: readingsOf([16]), signs: ['foam-returns'] }));
    expect(ruling.outcome).toBe('divert');
    expect(inEnglish(ruling.findings[0]?.sentence)).toContain('never heat it in a closed jar');
    expect(ruling.findings.map((finding) => finding.ruleId)).toContain('moisture-against-limit');
  });

  test('above 17.1 % an unknown yeast count is never called safe', () => {
    fc.assert(
      fc.property(fc.double({ min: 17.11, max: 24, noNaN: true }), (mean) => {
        const ruling = ruleOnLot(lotEvidence({ readings: readingsOf([mean]) }));
        expect(ruling.fermentation.id).not.toBe('safe');
        const sentence = inEnglish(
          ruling.findings.find((finding) => finding.ruleId === 'fermentation-class')?.sentence,
        );
        expect(sentence).not.toContain('safe until');
        expect(ruling.checkAgainMonths).toBeLessThanOrEqual(12);
      }),
    );
  });

  test('wetter honey never gets a milder ruling', () => {
    const severity = (mean: number) =>
      OUTCOMES.indexOf(ruleOnLot(lotEvidence({ readings: readingsOf([mean, mean]) })).outcome);
    fc.assert(
      fc.property(
        fc.double({ min: 14, max: 23, noNaN: true }),
        fc.double({ min: 0, max: 2, noNaN: true }),
        (mean, more) => severity(mean + more) <= severity(mean),
      ),
    );
  });

  test('readings that differ, vessels untested, meters unchecked and marks are all said', () => {
    const vessels = [
      { id: 'a', label: 'Bucket 1', massKg: 12 },
      { id: 'b', label: 'Bucket 2', massKg: 12 },
    ];
    const readings = readingsOf([16, 17]).map((reading) => ({
      ...reading,
      zeroCheck: 'unchecked' as const,
      marks: ['temperature-assumed' as const, 'outside-table' as const],
    }));
    const ids = ruleOnLot(lotEvidence({ vessels, readings })).findings.map(
      (finding) => finding.ruleId,
    );
    expect(ids).toEqual(
      expect.arrayContaining([
        'layered-vessel',
        'untested-vessels',
        'meter-checked',
        'reading-quality',
      ]),
    );
  });

  test('comb and meter that contradict each other are named', () => {
    const comb = { cappedShare: 1, shake: 'not-done' } as const;
    expect(
      found(lotEvidence({ comb, readings: readingsOf([21]) }), 'comb-against-meter'),
    ).toHaveLength(1);
    expect(
      found(lotEvidence({ comb, readings: readingsOf([17.5]) }), 'comb-against-meter'),
    ).toHaveLength(0);
  });
});

describe('without a meter', () => {
  test('well capped comb is accepted by capping, with a wide interval and no conformity', () => {
    const ruling = ruleOnLot(lotEvidence({ comb: { cappedShare: 0.9, shake: 'nothing-fell' } }));
    expect(ruling).toMatchObject({ outcome: 'by-comb', byCapping: true });
    const measured = ruleOnLot(lotEvidence({ readings: readingsOf([17, 17.1]) }));
    expect(measured.byCapping).toBe(false);
    expect(isAccepted(measured.outcome)).toBe(true);
    const open = ruleOnLot(lotEvidence({ comb: { cappedShare: 0.3, shake: 'runs' } }));
    expect(open.byCapping).toBe(false);
    expect(ruling.belief.expanded).toBeGreaterThan(1.5);
    expect(ruling.overProbability).toBeGreaterThan(0.001);
    expect(ruling.findings.map((finding) => inEnglish(finding.sentence)).join(' ')).toContain(
      'no statement of conformity',
    );
  });

  test.each([
    [0.8, 'not-done', 'by-comb'],
    [0.7, 'not-done', 'measure'],
    [0.6, 'nothing-fell', 'by-comb'],
    [0.4, 'nothing-fell', 'measure'],
    [1, 'drops', 'measure'],
    [0.9, 'runs', 'measure'],
  ] as const)('capped %d, shake %s: %s', (cappedShare, shake, outcome) => {
    expect(ruleOnLot(lotEvidence({ comb: { cappedShare, shake } })).outcome).toBe(outcome);
  });

  test('under a strict limit capping alone is too much of a chance', () => {
    const strict = { ruleSet: ruleSet('us-grade-a-b') };
    const comb = { cappedShare: 0.8, shake: 'not-done' } as const;
    const ruling = ruleOnLot(lotEvidence({ ...strict, comb }));
    expect(ruling.outcome).toBe('measure');
    expect(inEnglish(ruling.findings[0]?.sentence)).toContain('too risky');
  });

  test('more capping never makes it wetter or riskier', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('not-done', 'nothing-fell', 'drops', 'runs'),
        fc.double({ min: 0, max: 0.9, noNaN: true }),
        (shake, cappedShare) => {
          const at = (share: number) =>
            ruleOnLot(lotEvidence({ comb: { cappedShare: share, shake } }));
          expect(at(cappedShare + 0.1).belief.mean).toBeLessThan(at(cappedShare).belief.mean);
          expect(at(cappedShare + 0.1).overProbability).toBeLessThan(
            at(cappedShare).overProbability,
          );
        },
      ),
    );
  });

  test('nothing known at all: measure, and the limit is named all the same', () => {
    const evidence = lotEvidence();
    expect(ruleOnLot(evidence).outcome).toBe('measure');
    expect(limitPercent(evidence)).toBe(20);
  });
});

describe('storage', () => {
  test('heat is no protection from yeast', () => {
    const evidence = lotEvidence({ readings: readingsOf([18.4]), storageTemperatureC: 30 });
    const ruling = ruleOnLot(evidence);
    const found = ruling.findings.find((finding) => finding.ruleId === 'storage-temperature');
    expect(inEnglish(found?.sentence)).toContain('Stored at 30 °C');
    expect(inEnglish(found?.sentence)).toContain('no protection');
  });

  test.each([
    [5, 'hardly grows'],
    [13, 'granulates fastest'],
    [20, 'grows best'],
    [null, 'not known'],
  ] as const)('at %p °C', (storageTemperatureC, words) => {
    const evidence = lotEvidence({ readings: readingsOf([18.4]), storageTemperatureC });
    expect(inEnglish(found(evidence, 'storage-temperature')[0]?.sentence)).toContain(words);
  });
});
