import { describe, expect, test } from '@jest/globals';
import { interpretReading } from '../moisture/interpretReading';
import { readingBudget } from '../moisture/readingBudget';
import { lotMoisture } from '../moisture/lotMoisture';
import { bucketsOf, lotEvidence, readingsOf, said } from '../test/lotEvidence';
import { NO_CIRCUMSTANCES } from './circumstances';
import { ruleOnLot } from './engine';
import type { LotEvidence, ReadingEvidence } from './evidence';
import { readingsInTime, type HoneyEvent } from './honeyEvents';
import { inEnglish } from '../test/inEnglish';

const at = (day: number, values: readonly number[], vesselId = 'a') =>
  readingsOf(values, vesselId).map((reading, place) => ({
    ...reading,
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

describe('readings have a date, and honey has events', () => {
  const dried: HoneyEvent = { kind: 'drying', atDay: 110 };

  test('19.4 before drying and 16.6 after is 16.6', () => {
    const evidence = inTime([...at(100, [19.4]), ...at(111, [16.6])], [dried]);
    const { belief, findings } = ruleOnLot(evidence);
    expect(belief.mean).toBeCloseTo(16.6, 6);
    expect(belief.expanded).toBeLessThan(0.8);
    const history = findings.find((finding) => finding.ruleId === 'earlier-readings');
    expect(history?.bearing).toBe('note');
    expect(inEnglish(history?.sentence)).toBe(
      '1 reading from before it was dried: history, no longer counted.',
    );
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
    expect(said(evidence)).toContain('It has not been read since it was dried');
  });

  test('one vessel that stood open does not age the readings of the others', () => {
    const open: HoneyEvent = { kind: 'standing-open', atDay: 105, vesselId: 'b2' };
    const readings = [...at(100, [17], 'b1'), ...at(100, [17], 'b2')];
    const { present, earlier } = readingsInTime(readings, [open]);
    expect(present.map((reading) => reading.vesselId)).toEqual(['b1']);
    expect(
      earlier.map((earlierReading) => [earlierReading.vesselId, earlierReading.before]),
    ).toEqual([['b2', 'standing-open']]);
  });

  test('a wet bucket read long ago stays named, though another was read since', () => {
    const readings = [...at(100, [16.2], 'b1'), ...at(100, [21.4], 'b3'), ...at(300, [16.3], 'b1')];
    const evidence = inTime(readings, [], { vessels: bucketsOf(3) });
    expect(ruleOnLot(evidence).outcome).toBe('over');
    expect(said(evidence)).toMatch(/Bucket 3 \(21\.4 ± .*\) by itself is over 20\.0 %/);
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
    [{ unreadable: 1 }, 'Corrected by the zero check, 1 reading would be beyond'],
    [{ unknown: ['rule-set'] as const }, 'The rule set of this lot is not in your records'],
    [{ unknown: ['school'] as const }, 'The rule its frames were judged by is not in'],
    [{ unknown: ['frame-format'] as const }, 'The frame size of a box is not in your records'],
    [{ rivals: 1 }, 'One record of this lot came in from elsewhere in a different version'],
    [
      { unasked: [{ label: 'Moor, upper row', frames: 200 }] },
      '200 frames of Moor, upper row came from boxes that are not in your records',
    ],
  ])('%j is one finding, and nothing is accepted past it', (more, sentence) => {
    const dry = lotEvidence({ readings: readingsOf([15.9, 15.9]) });
    expect(ruleOnLot(dry).outcome).toBe('accept');
    const evidence = { ...dry, ...more };
    expect(ruleOnLot(evidence).outcome).toBe('measure');
    const found = ruleOnLot(evidence).findings.filter((finding) => finding.bearing === 'measure');
    expect(found).toHaveLength(1);
    expect(inEnglish(found[0]?.sentence)).toContain(sentence);
  });

  test('boxes that turn out treated block the lot for every use', () => {
    const evidence = lotEvidence({
      readings: readingsOf([15.9, 15.9]),
      circumstances: { ...NO_CIRCUMSTANCES, outsideBoxes: 'given' },
    });
    expect(ruleOnLot(evidence).outcome).toBe('reject');
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

  test('far from 20 °C its ± grows with what the two answers differ by', () => {
    const hot = { ...dial, temperatureC: 40 } as const;
    const doubt = (atc: boolean | null): number =>
      readingBudget({ ...hot, atc }, condition).temperature;
    // 20 °C at 0.00023 each is 1.8 points; one of the two ends is true, so half of it counts in full
    expect(doubt(null)).toBeCloseTo(Math.hypot(doubt(false), 0.9), 1);
    expect(doubt(null)).toBeGreaterThan(0.85);
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
      readings: readingsOf([mean, mean, mean, mean]).map((reading) => ({
        ...reading,
        zeroCheck,
        budget: { ...reading.budget, calibration },
      })),
    });

  test.each([
    [
      'one reading near the limit: read more',
      lotEvidence({ readings: readingsOf([19.36]) }),
      'read',
    ],
    ['an unchecked meter: its zero', near(19.25, 0.6, 'unchecked'), 'check-zero'],
    [
      'a checked meter with an error of its own: a second one',
      near(19.3, 0.35, 'checked'),
      'other-meter',
    ],
    ['on the limit: nothing will', near(20, 0.3, 'checked'), 'treat-as-over'],
  ] as const)('%s', (_, evidence, step) => {
    expect(ruleOnLot(evidence)).toMatchObject({ outcome: 'measure', nextStep: step });
  });
});
