import { describe, expect, test } from '@jest/globals';
import { interpretReading } from '../moisture/interpretReading';
import { readingBudget } from '../moisture/readingBudget';
import { lotMoisture } from '../moisture/lotMoisture';
import { SPREAD_PRIORS } from '../moisture/spreads';
import { tankMoisture } from '../blending/blendTask';
import { lotEvidence, readingsOf } from '../test/lotEvidence';
import { ruleOnLot } from './engine';
import type { LotEvidence, ReadingEvidence } from './evidence';
import { flipsOf } from './flips';
import { readingsInTime, type HoneyEvent } from './honeyEvents';
import { anyVesselOver, vesselEstimate } from './vesselMoistures';

const at = (day: number, values: readonly number[], vesselId = 'a') =>
  readingsOf(values, vesselId).map((one, place) => ({
    ...one,
    id: `${day}-${vesselId}-${place}`,
    takenDay: day,
  }));

/** The evidence that readings and events make, as the records put it together. */
function inTime(
  readings: readonly ReadingEvidence[],
  events: readonly HoneyEvent[],
  more: Partial<LotEvidence> = {},
): LotEvidence {
  const { present, earlier } = readingsInTime(readings, events);
  return lotEvidence({ ...more, readings: present, ...(earlier.length > 0 && { earlier }) });
}

const bucketsOf = (count: number, massKg: number | null = 20) =>
  Array.from({ length: count }, (_, place) => ({
    id: `b${place + 1}`,
    label: `Bucket ${place + 1}`,
    massKg,
  }));

const said = (evidence: LotEvidence): string =>
  ruleOnLot(evidence)
    .findings.map((one) => one.sentence)
    .join('\n');

describe('readings have a date, and honey has events', () => {
  const dried: HoneyEvent = { kind: 'drying', atDay: 110 };

  test('19.4 before drying and 16.6 after is 16.6', () => {
    const evidence = inTime([...at(100, [19.4]), ...at(111, [16.6])], [dried]);
    const { belief, findings } = ruleOnLot(evidence);
    expect(belief.mean).toBeCloseTo(16.6, 6);
    expect(belief.expanded).toBeLessThan(0.8);
    expect(findings.find((one) => one.ruleId === 'earlier-readings')).toMatchObject({
      bearing: 'note',
      sentence: '1 reading from before it was dried: history, not part of the figure.',
    });
  });

  test('five of 17.0 and one of 19.4 two hundred days later is a finding, not 17.4 accepted', () => {
    const evidence = inTime([...at(100, [17, 17, 17, 17, 17]), ...at(300, [19.4])], []);
    const ruling = ruleOnLot(evidence);
    expect(ruling.belief.mean).toBeCloseTo(19.4, 6);
    expect(ruling.outcome).toBe('measure');
    expect(said(evidence)).toMatch(/17\.0 ± .* before it stood for a long time, 19\.4 ± .* now/);
    expect(said(evidence)).toContain('closed honey takes up no water');
  });

  test('the same a month apart is one state of the honey', () => {
    expect(inTime([...at(100, [17, 17]), ...at(130, [17.2])], []).readings).toHaveLength(3);
  });

  test('nobody read it since it was dried: it is read first, whatever comb and meter said', () => {
    const comb = { cappedShare: 0.9, shake: 'nothing-fell' } as const;
    const evidence = inTime(at(100, [16.2, 16.2]), [dried], { comb });
    const ruling = ruleOnLot(evidence);
    expect(ruling).toMatchObject({ outcome: 'measure', nextStep: 'read' });
    expect(ruling.belief).toMatchObject({ basis: 'earlier' });
    expect(ruling.belief.expanded).toBeGreaterThan(1.5);
    expect(said(evidence)).toContain('Nobody has read it since it was dried');
  });

  test('one vessel that stood open does not age the readings of the others', () => {
    const open: HoneyEvent = { kind: 'standing-open', atDay: 105, vesselId: 'b2' };
    const readings = [...at(100, [17], 'b1'), ...at(100, [17], 'b2')];
    const { present, earlier } = readingsInTime(readings, [open]);
    expect(present.map((one) => one.vesselId)).toEqual(['b1']);
    expect(earlier.map((one) => [one.vesselId, one.before])).toEqual([['b2', 'standing-open']]);
  });

  test('a wet bucket read long ago stays named, though another was read since', () => {
    const readings = [...at(100, [16.2], 'b1'), ...at(100, [21.4], 'b3'), ...at(300, [16.3], 'b1')];
    const evidence = inTime(readings, [], { vessels: bucketsOf(3) });
    expect(ruleOnLot(evidence).outcome).toBe('over');
    expect(said(evidence)).toMatch(/Bucket 3 \(21\.4 ± .*\) is over 20\.0 % by itself/);
  });
});

describe('water by a laboratory', () => {
  const karlFischer = (value: number, expanded: number | null = 0.2) => ({
    from: 'Harbour laboratory, 2026-08-20',
    values: { karlFischerPercent: { value, expanded } },
  });
  const comb = { cappedShare: 0.9, shake: 'nothing-fell' } as const;

  test('22.0 ± 0.2 outranks comb nine tenths capped', () => {
    const evidence = lotEvidence({ comb, laboratory: karlFischer(22) });
    const ruling = ruleOnLot(evidence);
    expect(ruling).toMatchObject({ outcome: 'over', byCapping: false });
    expect(ruling.belief).toMatchObject({ basis: 'laboratory', mean: 22 });
  });

  test('beside the readings it agrees, or it blocks acceptance until the meter is checked', () => {
    const readings = readingsOf([16.2, 16.2]);
    const agreed = lotEvidence({ readings, laboratory: karlFischer(16.5) });
    const apart = lotEvidence({ readings, laboratory: karlFischer(17.4) });
    expect(ruleOnLot(agreed).outcome).toBe('accept');
    expect(ruleOnLot(apart)).toMatchObject({ outcome: 'measure', nextStep: 'check-zero' });
  });

  test('a report without its ± is not taken as exact, and one of before is history', () => {
    expect(
      ruleOnLot(lotEvidence({ laboratory: karlFischer(16, null) })).belief.expanded,
    ).toBeCloseTo(0.4, 1);
    const old = lotEvidence({ comb, laboratory: { ...karlFischer(22), waterIsEarlier: true } });
    expect(ruleOnLot(old).belief.basis).toBe('comb');
    expect(said(old)).toContain('from before the honey changed: history');
  });
});

describe('nothing is dropped in silence', () => {
  test.each([
    [{ unreadable: 1 }, 'With what the meter was found to be off by, 1 reading would be beyond'],
    [{ unknown: ['rule-set'] as const }, 'The rule set of this lot is not in these books'],
    [{ unknown: ['school'] as const }, 'The rule by which its frames were judged is not in'],
    [{ unknown: ['frame-format'] as const }, 'The frame size of a box is not in these books'],
    [{ rivals: 1 }, 'One record of this lot came in from elsewhere in another version'],
    [
      { unasked: [{ label: 'Moor, upper row', frames: 200 }] },
      '200 frames of Moor, upper row came from boxes that are not in the book',
    ],
  ])('%j is one finding, and nothing is accepted past it', (more, sentence) => {
    const dry = lotEvidence({ readings: readingsOf([15.9, 15.9]) });
    expect(ruleOnLot(dry).outcome).toBe('accept');
    const evidence = { ...dry, ...more };
    expect(ruleOnLot(evidence).outcome).toBe('measure');
    const found = ruleOnLot(evidence).findings.filter((one) => one.bearing === 'measure');
    expect(found).toHaveLength(1);
    expect(found[0]?.sentence).toContain(sentence);
  });

  test('boxes that turn out treated block the lot for every use', () => {
    const evidence = lotEvidence({
      readings: readingsOf([15.9, 15.9]),
      circumstances: {
        nectar: 'not-said',
        sourceHealth: 'not-said',
        residues: [],
        treated: null,
        brood: 'none',
        wetEquipment: false,
        taint: 'none',
        lastFlowInBoxes: false,
        setState: 'liquid',
        outsideBoxes: 'given',
      },
    });
    expect(ruleOnLot(evidence).outcome).toBe('reject');
  });
});

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
    const without = flipsOf(evidence, ruling).find((one) => one.id === 'without-vessels');
    expect(without?.sentence).toBe('Without Bucket 3: accept.');
    expect(ruleOnLot(without!.evidence).outcome).toBe('accept');
  });

  test('nine at 19.2 and one at 20.1: that one is named, the others are not', () => {
    const evidence = each([...Array.from({ length: 9 }, () => 19.2), 20.1]);
    const found = ruleOnLot(evidence).findings.filter((one) => one.ruleId === 'vessel-apart');
    expect(found.map((one) => one.sentence).join()).toMatch(/^Bucket 10 \(20\.1 ± /);
    expect(found.map((one) => one.sentence).join()).not.toContain('Bucket 9');
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
    const readings = free.readings.map((one) => ({
      ...one,
      budget: { resolution: 0, temperature: 0, calibration: 0, relation: 0, sample: 0 },
    }));
    const evidence = { ...free, readings };
    const { belief } = ruleOnLot(evidence);
    const none = belief.measured!.vessels.reduce((product, one) => {
      const z = (20 - one.meanPercent) / one.uncertainty.standard;
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
  test('vessels of 5, 5 and 200 kg with the small two read: U is near 0.8', () => {
    const vessels = [5, 5, 200].map((massKg, place) => ({ id: `b${place + 1}`, massKg }));
    const readings = [...readingsOf([17], 'b1'), ...readingsOf([17], 'b2')];
    const { uncertainty } = lotMoisture(readings, vessels);
    expect(uncertainty.expanded).toBeGreaterThan(0.7);
    expect(uncertainty.expanded).toBeLessThan(0.95);
    const alike = lotMoisture(
      readings,
      vessels.map((one) => ({ ...one, massKg: 70 })),
    );
    expect(alike.uncertainty.expanded).toBeLessThan(0.55);
  });

  test('the spread is s²·[Σ(wᵢ − Mᵢ)² over read + Σ Mⱼ² over unread], worked out by hand', () => {
    const vessels = [10, 30, 60].map((massKg, place) => ({ id: `b${place + 1}`, massKg }));
    const readings = [...readingsOf([17], 'b1'), ...readingsOf([17], 'b2')];
    const { components } = lotMoisture(readings, vessels);
    const between = components.find((one) => one.id === 'between-vessels')!.standard;
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
    expect(2 * blended).toBeGreaterThan(0.95 * 2 * belief.standardUncertainty);
    expect(2 * blended).toBeLessThan(1.1 * 2 * belief.standardUncertainty);
  });
});

describe('a meter whose ATC nobody knows', () => {
  const dial = { scale: 'water', dialValue: 18, temperatureC: 30 } as const;
  const condition = { resolution: 0.2, zeroCheck: 'checked' } as const;
  const read = (atc: boolean | null) => {
    const found = interpretReading({ ...dial, atc });
    if (found.status !== 'read') throw new Error('read');
    return found;
  };

  test('shows both values, stands between them, and its ± covers both', () => {
    const [withAtc, without, unknown] = [read(true), read(false), read(null)];
    const [high, low] = unknown.eitherPercent!;
    expect(high).toBeCloseTo(withAtc.moisturePercent, 9);
    expect(low).toBeCloseTo(without.moisturePercent, 9);
    expect(unknown.moisturePercent).toBeGreaterThan(low);
    expect(unknown.moisturePercent).toBeLessThan(high);
    expect(unknown.marks).toContain('atc-unknown');
    const budget = readingBudget({ ...dial, atc: null }, condition);
    const alone = lotMoisture(
      [{ id: 'r', vesselId: null, moisturePercent: unknown.moisturePercent, budget }],
      [],
    );
    const { expanded } = alone.uncertainty;
    expect(unknown.moisturePercent - expanded).toBeLessThan(low);
    expect(unknown.moisturePercent + expanded).toBeGreaterThan(high);
  });

  test('at 20 °C it does not matter', () => {
    const cool = interpretReading({ ...dial, temperatureC: 20, atc: null });
    expect(cool).toMatchObject({ status: 'read', marks: [] });
    expect(cool).not.toHaveProperty('eitherPercent');
  });
});

describe('what would settle it', () => {
  const near = (mean: number, calibration: number, zeroCheck: 'checked' | 'unchecked') =>
    lotEvidence({
      readings: readingsOf([mean, mean, mean, mean]).map((one) => ({
        ...one,
        zeroCheck,
        budget: { ...one.budget, calibration },
      })),
    });

  test.each([
    [
      'one reading near the limit: read more',
      lotEvidence({ readings: readingsOf([19.7]) }),
      'read',
    ],
    ['an unchecked meter: its zero', near(19.5, 0.6, 'unchecked'), 'check-zero'],
    [
      'a checked meter with an error of its own: a second one',
      near(19.55, 0.35, 'checked'),
      'other-meter',
    ],
    ['on the limit: nothing will', near(20, 0.3, 'checked'), 'treat-as-over'],
  ] as const)('%s', (_, evidence, step) => {
    expect(ruleOnLot(evidence)).toMatchObject({ outcome: 'measure', nextStep: step });
  });
});
