import { describe, expect, test } from '@jest/globals';
import { lotEvidence, readingsOf } from '../test/lotEvidence';
import { NO_CIRCUMSTANCES } from './circumstances';
import { ruleOnLot } from './engine';
import type { DryingHistory, LotEvidence } from './evidence';
import type { Finding } from './rule';
import { inEnglish } from '../test/inEnglish';

const dry = readingsOf([16.2, 16.3]);

function finding(evidence: LotEvidence, ruleId: string): Finding | undefined {
  const found = ruleOnLot(evidence).findings.filter((item) => item.ruleId === ruleId);
  expect(found.length).toBeLessThanOrEqual(1);
  return found[0];
}

describe('days in the warm room', () => {
  const drying = (change: Partial<DryingHistory> = {}): DryingHistory => ({
    days: 3.2,
    course: { fromPercent: 19.4, toPercent: 17.1 },
    rewetted: false,
    ...change,
  });

  test('are reported with their course', () => {
    const found = finding(lotEvidence({ readings: dry, drying: drying() }), 'drying-history');
    expect(found?.bearing).toBe('note');
    expect(inEnglish(found?.sentence)).toContain('3.2 days in a warm room, 19.4 % to 17.1 % there');
    const bare = drying({ course: null });
    expect(inEnglish(finding(lotEvidence({ drying: bare }), 'drying-history')?.sentence)).toBe(
      '3.2 days in a warm room.',
    );
    expect(finding(lotEvidence({ readings: dry }), 'drying-history')).toBeUndefined();
  });

  test('honey that took water up again: a condition where it was read, else it is to be read', () => {
    const wet = drying({ rewetted: true });
    const read = finding(lotEvidence({ readings: dry, drying: wet }), 'drying-history');
    expect(read?.bearing).toBe('condition');
    expect(inEnglish(read?.sentence)).toContain('took up water again');
    const unread = lotEvidence({ drying: wet });
    expect(finding(unread, 'drying-history')?.bearing).toBe('measure');
    expect(ruleOnLot(unread).outcome).toBe('measure');
  });
});

describe('the finest mesh', () => {
  test.each([
    [200, 'note'],
    [100, 'note'],
    [99, 'condition'],
    [50, 'condition'],
  ])('%i µm: %s', (finestMeshUm, bearing) => {
    const evidence = lotEvidence({ readings: dry, finestMeshUm });
    expect(finding(evidence, 'finest-mesh')?.bearing).toBe(bearing);
    expect(ruleOnLot(evidence).outcome).toBe(bearing === 'note' ? 'accept' : 'conditions');
  });
});

describe('honey that has set', () => {
  test('in part is wetter where it is liquid; whole or not at all says nothing', () => {
    const said = (setState: 'liquid' | 'part' | 'set' | 'creamed') =>
      finding(
        lotEvidence({ readings: dry, circumstances: { ...NO_CIRCUMSTANCES, setState } }),
        'set-honey',
      );
    expect(said('part')?.bearing).toBe('condition');
    expect(said('liquid')).toBeUndefined();
    expect(said('set')).toBeUndefined();
    expect(said('creamed')).toBeUndefined();
  });
});

describe('colour against what was guessed in the comb', () => {
  test('apart is reported with what may be behind it', () => {
    const lighter = { guess: 'dark', inGlass: 'white' } as const;
    const darker = { guess: 'light', inGlass: 'dark-amber' } as const;
    const words = (colour: NonNullable<LotEvidence['colour']>) =>
      inEnglish(finding(lotEvidence({ readings: dry, colour }), 'colour-apart')?.sentence);
    expect(words(lighter)).toContain('old wax makes light honey look dark');
    expect(words(darker)).toContain('another flow may be in it, or it was heated');
    expect(words({ guess: 'light', inGlass: 'white' })).toBe('');
  });
});

describe('a blend that nobody measured', () => {
  const blend = (mean: number, standardUncertainty = 0.2) =>
    lotEvidence({ blended: { mean, standardUncertainty } });

  test.each([
    [16.8, 'accept'],
    [22, 'over'],
    [19.9, 'measure'],
  ] as const)('computed at %d %%: %s', (mean, bearing) => {
    const ruling = ruleOnLot(blend(mean));
    expect(ruling.belief.basis).toBe('blend');
    const found = ruling.findings.filter((item) => item.ruleId === 'computed-blend');
    expect(found[0]?.bearing).toBe(bearing);
    expect(inEnglish(found[0]?.sentence)).toContain(
      'from the measured containers that were blended',
    );
  });

  test('is accepted only on the condition that it is stirred and read', () => {
    const ruling = ruleOnLot(blend(16.8));
    expect(ruling.outcome).toBe('conditions');
    expect(
      ruling.findings.some((item) => inEnglish(item.sentence).startsWith('Stir the blend well')),
    ).toBe(true);
  });

  test('a reading of its own outranks what was computed', () => {
    const ruling = ruleOnLot({ ...blend(22), readings: dry });
    expect(ruling.belief.basis).toBe('readings');
    expect(ruling.findings.map((item) => item.ruleId)).not.toContain('computed-blend');
  });
});

describe('a laboratory’s values', () => {
  const by = (values: NonNullable<LotEvidence['laboratory']>['values']): LotEvidence =>
    lotEvidence({ readings: dry, laboratory: { from: 'a laboratory', values } });

  test('Karl Fischer far from the refractometer asks for the meter to be checked', () => {
    const at = (value: number) =>
      finding(by({ karlFischerPercent: { value, expanded: 0.2 } }), 'laboratory-water');
    expect(at(16.3)?.bearing).toBe('note');
    expect(at(19)?.bearing).toBe('measure');
    expect(inEnglish(at(19)?.sentence)).toMatch(/more than your readings/);
    expect(inEnglish(at(13.5)?.sentence)).toMatch(/less than your readings/);
  });

  test('without a meter its true water stands, and that limits are by refractometry', () => {
    const evidence = { ...by({ karlFischerPercent: { value: 17, expanded: 0.2 } }), readings: [] };
    expect(inEnglish(finding(evidence, 'laboratory-water')?.sentence)).toContain(
      'by refractometry',
    );
  });

  test.each([
    ['hmfMgPerKg', 20, 'note'],
    ['hmfMgPerKg', 40.1, 'condition'],
    ['hmfMgPerKg', 60, 'divert'],
    ['diastaseSchade', 12, 'note'],
    ['diastaseSchade', 5, 'divert'],
    ['sucrosePercent', 9, 'divert'],
    ['insolublePercent', 0.05, 'note'],
    ['insolublePercent', 0.3, 'condition'],
  ] as const)('%s of %d: %s', (name, value, bearing) => {
    const ruling = ruleOnLot(by({ [name]: { value, expanded: 0.2 * value } }));
    const found = ruling.findings.filter((item) => item.ruleId === 'laboratory-limits');
    expect(found.map((item) => item.bearing)).toEqual([bearing]);
  });
});
