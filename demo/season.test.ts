import { describe, expect, test } from '@jest/globals';
import { ruleOnLot } from '../src/core';
import { bookOf, contentsOf, evidenceFrom, isRulingOutdated, lotFilesOf } from '../src/model';
import { parseRecordFile, recordFileOf } from '../src/records';
import { demoSeason } from './season';

const season = demoSeason('2026-11-24');
const files = lotFilesOf(season);
const { meters } = bookOf(season);

function ruled(name: string) {
  const file = files.find((lotFile) => lotFile.lot.content.name === name);
  if (!file) throw new Error(`no lot ${name}`);
  return ruleOnLot(evidenceFrom(contentsOf(file), { meters }));
}

describe('demo season', () => {
  test('is a record file that the application itself would import', () => {
    const text = JSON.stringify(recordFileOf(season, '2026-11-24T00:00:00.000Z'));
    expect(parseRecordFile(text)).toMatchObject({ ok: true });
  });

  test('each lot teaches what it is there for', () => {
    expect(ruled('Borage, east field')).toMatchObject({
      outcome: 'accept',
      fermentation: { id: 'safe' },
    });
    expect(ruled('Bean field, first day').outcome).toBe('measure');
    expect(ruled('Bean field, second day').outcome).toBe('conditions');
    expect(ruled('Sea lavender, outer marsh')).toMatchObject({
      outcome: 'by-comb',
      byCapping: true,
    });
    expect(ruled('Marsh, after the rain').outcome).toBe('over');
    expect(ruled('Last of the extractor').findings[0]?.ruleId).toBe('vessel-apart');
    expect(ruled('Ling from the moor')).toMatchObject({ outcome: 'conditions', limitPercent: 23 });
    expect(ruled('Ling from the moor').belief.mean).toBeCloseTo(21, 0);
  });

  test('the hot reading: the dial is over the target, the honey is not', () => {
    const hot = ruled('Straight from the warm room');
    expect(hot.belief.mean).toBeLessThan(17.7);
    expect(hot.outcome).toBe('conditions');
  });

  test('signed lots are in order, and nobody is named', () => {
    const signed = files.filter((file) => file.ruling);
    expect(signed).toHaveLength(3);
    expect(signed.some((lotFile) => isRulingOutdated(lotFile, meters))).toBe(false);
    expect(new Set(season.map((record) => record.author))).toEqual(new Set(['HH', 'KT', 'RO']));
  });
});
