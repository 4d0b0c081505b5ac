import { describe, expect, test } from '@jest/globals';
import { demoLedger } from '../../../../demo/demoLedger';
import { demoSeason } from '../../../../demo/season';
import { bookOf } from '../../../model';
import { FRESH_READING } from '../../forms/bench/readingForm';
import { lotsToMeasure } from './measureNext';
import { dueOf, dueWords, readingsOfMeter, zeroWords } from '../../words/meterState';
import { readingLines } from './readingRows';
import { isPractice, isStandIn } from '../../lot/standIns';
import { comingFrom } from './takenValue';
import { DEFAULT_PREFERENCES } from '../../../records';

const season = demoSeason('2026-11-25');
const { meters } = bookOf(season);
const ledger = demoLedger(season, Date.parse('2026-11-25T12:00:00Z'));
const NOW = '2026-11-25T12:00:00.000Z';

const meterNamed = (name: string) => {
  const found = [...meters.values()].find((meter) => meter.instrument.content.name === name);
  if (!found) throw new Error(`no meter ${name}`);
  return found;
};

describe('what to measure next in the demo season', () => {
  const lots = lotsToMeasure(ledger, DEFAULT_PREFERENCES);
  const next = (name: string) => lots.find((lot) => lot.file.lot.content.name === name)?.next;

  test('what was never measured comes first, what is signed last', () => {
    expect(lots[0]?.file.lot.content.name).toBe('Sea lavender, outer marsh');
    expect(lots[0]?.next).toBe('Not measured yet: take a reading.');
    expect(lots.at(-1)?.next).toBe('Measured and signed.');
  });

  test('a plan says how many are left, a lot near its limit what would settle it', () => {
    expect(next('Sea lavender, twenty buckets')).toBe('14 vessels of the plan to read.');
    expect(next('Bean field, first day')).toContain('zero check');
  });
});

describe('how it stands with a meter', () => {
  test('checked lately, overdue, never', () => {
    const due = (name: string) => {
      const meter = meterNamed(name);
      return dueOf(meter, readingsOfMeter(ledger.files, meter.instrument.entityId), NOW);
    };
    expect(due('House hand refractometer').because).toBeNull();
    expect(due('Wide-range digital meter').because).toBe('days');
    expect(dueWords(due('Wide-range digital meter'))).toBe('Check overdue by 6 days.');
    expect(due('Stand-in eyepiece').because).toBe('never');
    expect(dueWords({ due: true, because: 'readings', daysLeft: 3, readingsLeft: 0 })).toContain(
      'as many readings',
    );
    expect(dueWords({ due: true, because: 'days', daysLeft: 0, readingsLeft: 5 })).toBe(
      'Check due today.',
    );
  });

  test('what it is off by, in words', () => {
    expect(zeroWords(meterNamed('House hand refractometer'), NOW)).toMatch(
      /^It reads 0\.1 too wet/,
    );
    expect(zeroWords(meterNamed('Wide-range digital meter'), NOW)).toMatch(/^Its zero is right/);
    expect(zeroWords(meterNamed('Stand-in eyepiece'), NOW)).toBe('Its zero is not known.');
    // before its first full check that one acts backwards
    expect(zeroWords(meterNamed('House hand refractometer'), '2026-01-01T00:00:00.000Z')).toMatch(
      /^It reads 0\.3 too wet \(± 0\.4\)/,
    );
  });
});

describe('all readings', () => {
  test('latest first, those in doubt marked, the ling lot’s among them', () => {
    const lines = readingLines(ledger);
    expect(lines).toHaveLength(29);
    const moments = lines.map((line) => line.takenAt);
    expect([...moments].sort().reverse()).toEqual(moments);
    expect(new Set(lines.filter((line) => line.doubt).map((line) => line.lot))).toEqual(
      new Set(['Ling from the moor']),
    );
  });
});

describe('how a value in the form came in', () => {
  const standIn = meterNamed('Stand-in digital meter').instrument.entityId;
  const form = { ...FRESH_READING, instrumentId: standIn, dialValue: '81.2' };
  const taken = { instrumentId: standIn, dial: '81.2', settledStandard: 0.01 };

  test('a settled value stands until it is typed over', () => {
    expect(comingFrom(form, taken, meters)).toEqual({ source: 'meter', settledStandard: 0.01 });
    expect(comingFrom({ ...form, dialValue: '81.3' }, taken, meters)).toEqual({ source: 'typed' });
    expect(comingFrom(form, null, meters).source).toBe('typed');
    const eyepiece = meterNamed('Stand-in eyepiece').instrument.entityId;
    expect(comingFrom({ ...form, instrumentId: eyepiece }, taken, meters).source).toBe('eyepiece');
  });

  test('a stand-in is practice in one’s own lots, not in the made-up season', () => {
    expect(isStandIn(meters, standIn)).toBe(true);
    expect(isPractice(meters, standIn, 'mine')).toBe(true);
    expect(isPractice(meters, standIn, 'demo')).toBe(false);
    const hand = meterNamed('House hand refractometer').instrument.entityId;
    expect(isPractice(meters, hand, 'mine')).toBe(false);
  });
});
