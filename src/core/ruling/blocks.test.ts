import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { anyEvidence } from '../test/anyEvidence';
import { lotEvidence, readingsOf, ruleSet } from '../test/lotEvidence';
import { blocksOf } from './blocks';
import { cheapestEvidence } from './flips/cheapestEvidence';
import { NO_CIRCUMSTANCES, type Circumstances } from './circumstances';
import { ruleOnLot } from './engine';
import type { LotEvidence } from './evidence';
import { flipsOf } from './flips/flips';
import { OUTCOMES } from './outcome';
import { shareNeeded, waysOf } from './flips/ways';
import { inEnglish } from '../test/inEnglish';
import { say } from '../message/message';

const dry = readingsOf([16.2, 16.3]);
const said = (change: Partial<Circumstances>, more: Partial<LotEvidence> = {}): LotEvidence =>
  lotEvidence({
    readings: dry,
    circumstances: { ...NO_CIRCUMSTANCES, sourceHealth: 'healthy', ...change },
    ...more,
  });
const ruled = (change: Partial<Circumstances>, more: Partial<LotEvidence> = {}) =>
  ruleOnLot(said(change, more));
const open = (evidence: LotEvidence): string[] =>
  ruleOnLot(evidence)
    .ways.filter((way) => way.open)
    .map((way) => way.id);

describe('order of severity, as a table', () => {
  test.each<[string, Partial<LotEvidence>, string]>([
    [
      'a drug beside signs of fermentation',
      { signs: ['gas'], circumstances: { ...NO_CIRCUMSTANCES, residues: ['drug'] } },
      'reject',
    ],
    [
      'signs beside honey over the limit',
      { signs: ['gas'], readings: readingsOf([22, 22]) },
      'divert',
    ],
    [
      'over the limit beside a taste not made',
      {
        readings: readingsOf([22, 22]),
        circumstances: { ...NO_CIRCUMSTANCES, taint: 'not-tasted' },
      },
      'over',
    ],
    [
      'over the target beside a taste not made',
      {
        readings: readingsOf([19, 19]),
        circumstances: { ...NO_CIRCUMSTANCES, taint: 'not-tasted' },
      },
      'measure',
    ],
    [
      'set honey over the target with drier honey in store',
      {
        readings: readingsOf([19, 19]),
        honeyKind: 'heather',
        targetPercent: 18,
        drierStock: { massKg: 40, moisturePercent: 16 },
      },
      'blend',
    ],
    [
      'a taste not made beside a condition',
      {
        readings: dry,
        finestMeshUm: 50,
        circumstances: { ...NO_CIRCUMSTANCES, taint: 'not-tasted' },
      },
      'measure',
    ],
    ['dry honey with a condition', { readings: dry, finestMeshUm: 50 }, 'conditions'],
    ['dry honey', { readings: dry }, 'accept'],
  ])('%s', (_, change, outcome) => {
    expect(ruleOnLot(lotEvidence(change)).outcome).toBe(outcome);
  });

  test('a finding never hides another: adding a circumstance never takes one away', () => {
    fc.assert(
      fc.property(anyEvidence, (evidence) => {
        const before = ruleOnLot(evidence);
        const after = ruleOnLot({ ...evidence, signs: ['gas'], finestMeshUm: 50 });
        const kept = new Set(after.findings.map((finding) => finding.ruleId));
        // Blending is no way out for honey that ferments, so that proposal itself falls away.
        const gone = before.findings.filter(
          (finding) => !kept.has(finding.ruleId) && finding.bearing !== 'blend',
        );
        expect(gone).toEqual([]);
        expect(OUTCOMES.indexOf(after.outcome)).toBeLessThanOrEqual(
          OUTCOMES.indexOf(before.outcome),
        );
      }),
    );
  });
});

describe('what blocks every use', () => {
  test.each<[string, Partial<Circumstances>, Partial<LotEvidence>]>([
    ['toxic nectar', { nectar: 'toxic' }, {}],
    ['doubtful nectar, until it is cleared', { nectar: 'doubtful' }, {}],
    ['a drug', { residues: ['drug'] }, {}],
    ['a repellent', { residues: ['repellent'] }, {}],
    ['a taint that was tasted', { taint: 'tainted' }, {}],
    ['moth chemicals', { residues: ['moth-chemical'] }, {}],
    [
      'the waiting time of a label',
      { treated: { product: 'strips', freeFromDay: 101 } },
      { takenDay: 100 },
    ],
    [
      'frames of a treated hive',
      {},
      {
        treatedFrames: [
          { from: 'Hive 4', because: say('judging.onTheHiveDuringTreatment', { name: 'strips' }) },
        ],
      },
    ],
    [
      'a smell of repellent',
      {},
      { senses: { faults: ['repellent'], foam: 'none', impurities: [] } },
    ],
  ])('%s: rejected, and no way is open', (_, change, more) => {
    const evidence = said(change, more);
    expect(ruleOnLot(evidence).outcome).toBe('reject');
    expect(open(evidence)).toEqual([]);
    expect(blocksOf(evidence)).toHaveLength(1);
  });

  test('taken on the day on which the waiting time is over, it is free', () => {
    const treated = { product: 'strips', freeFromDay: 101 };
    expect(ruled({ treated }, { takenDay: 101 }).outcome).toBe('accept');
    const [flip] = flipsOf(
      said({ treated }, { takenDay: 100 }),
      ruled({ treated }, { takenDay: 100 }),
    );
    expect(flip).toMatchObject({ id: 'treatment-over', outcome: 'accept' });
    expect(inEnglish(flip?.sentence)).toContain('12 Apr 1970 or later');
  });
});

describe('ways, each only where it is allowed', () => {
  test('no feeding back of fermented, overheated, diseased or unknown honey', () => {
    expect(open(said({}))).toContain('feed-back');
    expect(open(said({}, { signs: ['gas'] }))).not.toContain('feed-back');
    expect(open(said({ sourceHealth: 'diseased' }))).not.toContain('feed-back');
    expect(open(said({ sourceHealth: 'unknown' }))).not.toContain('feed-back');
    expect(open(lotEvidence({ readings: dry }))).not.toContain('feed-back');
    const hmf = (value: number) => ({
      from: 'a laboratory',
      values: { hmfMgPerKg: { value, expanded: 2 } },
    });
    expect(open(said({}, { laboratory: hmf(31) }))).not.toContain('feed-back');
    expect(open(said({}, { laboratory: hmf(30) }))).toContain('feed-back');
  });

  test('why honey is not fed back is said: what is known, not what might be', () => {
    const why = (evidence: LotEvidence): string => {
      const ways = waysOf(evidence, ruleOnLot(evidence).belief);
      return inEnglish(ways.find(({ id }) => id === 'feed-back')?.because);
    };
    expect(why(said({}))).toContain('its own healthy colony');
    expect(why(said({ sourceHealth: 'unknown' }))).toContain('not known');
    expect(why(said({ sourceHealth: 'diseased' }))).toContain('Honey of a diseased colony');
    expect(why(said({}, { suspectHives: ['Hive 7'] }))).toContain('marked as suspect');
  });

  test('baker’s honey only where the rule set has it, up to its own limit', () => {
    const at = (value: number, id: string) =>
      open(said({}, { readings: readingsOf([value, value]), ruleSet: ruleSet(id) }));
    expect(at(22.9, 'eu-2001-110')).toContain('bakers');
    expect(at(23.1, 'eu-2001-110')).not.toContain('bakers');
    expect(at(21, 'codex-12-1981')).not.toContain('bakers');
  });

  test('syrup goes back to its bees or nowhere', () => {
    expect(open(said({ residues: ['syrup'] }))).toEqual(['feed-back']);
    expect(ruled({ residues: ['syrup'] }).outcome).toBe('divert');
  });

  test('the share of drier honey follows from conservation of water', () => {
    expect(shareNeeded(20, 16, 18)).toBeCloseTo(0.5, 12);
    expect(shareNeeded(20, 18.5, 18)).toBeNull();
    expect(shareNeeded(17, 16, 18)).toBeNull();
  });

  test('each way is said in one finished sentence, whatever the evidence', () => {
    fc.assert(
      fc.property(anyEvidence, (evidence) => {
        for (const way of waysOf(evidence, ruleOnLot(evidence).belief)) {
          expect(inEnglish(way.because)).toMatch(/^[A-Z].*[.]$/);
        }
      }),
    );
  });
});

describe('circumstances', () => {
  test.each<[string, Partial<Circumstances>, Partial<LotEvidence>, string]>([
    ['larvae spun out', { brood: 'larvae' }, {}, 'divert'],
    ['sealed brood', { brood: 'sealed' }, {}, 'conditions'],
    ['wet equipment, measured after', { wetEquipment: true }, {}, 'conditions'],
    [
      'wet equipment, by capping',
      { wetEquipment: true },
      { readings: [], comb: { cappedShare: 1, shake: 'nothing-fell' } },
      'measure',
    ],
    ['a scented board, not tasted', { taint: 'not-tasted' }, {}, 'measure'],
    ['a scented board, tasted clean', { taint: 'clean' }, {}, 'accept'],
    ['last flow in boxes, no flower named', { lastFlowInBoxes: true }, {}, 'accept'],
    ['set in part', { setState: 'part' }, {}, 'conditions'],
    ['a diseased source', { sourceHealth: 'diseased' }, {}, 'conditions'],
  ])('%s', (_, change, more, outcome) => {
    expect(ruled(change, more).outcome).toBe(outcome);
  });

  const band = (low: number, likely: number, high: number) => ({ low, likely, high });
  test.each([
    [band(0.1, 0.2, 0.3), 'accept'],
    [band(0.3, 0.4, 0.6), 'conditions'],
    [band(0.8, 1.1, 1.6), 'measure'],
    [band(1.1, 1.6, 2.4), 'divert'],
  ])('warmth spent %j: %s', (spentShare, outcome) => {
    expect(ruled({}, { heat: { spentShare, hmf: spentShare } }).outcome).toBe(outcome);
  });

  test('what a laboratory measured outranks the estimate of warmth', () => {
    const heat = { spentShare: band(1.1, 1.6, 2.4), hmf: band(44, 64, 96) };
    const laboratory = { from: 'a laboratory', values: { hmfMgPerKg: { value: 12, expanded: 2 } } };
    expect(ruled({}, { heat, laboratory }).outcome).toBe('accept');
  });

  test('honey that took up water again is not judged by what the comb was like', () => {
    const drying = { days: 4, course: { fromPercent: 17, toPercent: 18 }, rewetted: true };
    const comb = { cappedShare: 1, shake: 'nothing-fell' } as const;
    expect(ruled({}, { drying, readings: [], comb }).outcome).toBe('measure');
    expect(ruled({}, { drying }).outcome).toBe('conditions');
  });

  test('a colour in glass that does not agree with the guess in the comb is said, and condemns nothing', () => {
    const at = (inGlass: 'white' | 'dark-amber') =>
      ruled({}, { colour: { guess: 'light', inGlass } });
    const said = at('dark-amber').findings.find((finding) => finding.ruleId === 'colour-apart');
    expect(inEnglish(said?.sentence)).toContain('Guessed light in the comb, dark amber in glass');
    expect(at('dark-amber').outcome).toBe('accept');
    expect(at('white').findings.some((finding) => finding.ruleId === 'colour-apart')).toBe(false);
  });

  test('containers more than a point apart are told apart', () => {
    const vessels = ['a', 'b'].map((id) => ({ id, label: `Bucket ${id}`, massKg: 12 }));
    const at = (value: number) =>
      ruleOnLot(
        lotEvidence({ vessels, readings: [...readingsOf([15.9]), ...readingsOf([value], 'b')] }),
      );
    const spread = (value: number) =>
      at(value).findings.filter((finding) => finding.ruleId === 'spread-of-vessels');
    expect(spread(16.8)).toEqual([]);
    expect(inEnglish(spread(16.95)[0]?.sentence)).toContain('Bucket b 16.9 %');
  });
});

describe('with no meter reading at all', () => {
  test.each<[string, Partial<LotEvidence>, string | null]>([
    ['nothing known', {}, 'look'],
    ['half capped, no shake test', { comb: { cappedShare: 0.6, shake: 'not-done' } }, 'shake'],
    ['shaken already', { comb: { cappedShare: 0.6, shake: 'drops' } }, 'reading'],
    [
      'not tasted',
      {
        comb: { cappedShare: 1, shake: 'nothing-fell' },
        circumstances: { ...NO_CIRCUMSTANCES, taint: 'not-tasted' },
      },
      'taste',
    ],
    ['measured', { readings: dry }, null],
  ])('%s: the cheapest next evidence', (_, change, id) => {
    const evidence = lotEvidence(change);
    expect(cheapestEvidence(evidence, ruleOnLot(evidence))?.id ?? null).toBe(id);
  });
});
