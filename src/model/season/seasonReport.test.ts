import { describe, expect, test } from '@jest/globals';
import { ruleOnLot } from '../../core';
import { bookOf } from '../day/book';
import { contentsOf, evidenceFrom } from '../lot/lotEvidence';
import { lotFilesOf } from '../lot/lotFile';
import { firstRevision } from '../../records/revise';
import { eyeBias, groupYields, meanBias, seasonReport, type ReportedLot } from './seasonReport';
import { countingScribe, sampleLot } from '../../records/test/sampleLot';
import type { AnyRecord } from '../../records/record';
import { NO_METERS } from '../lot/meters';

function lotOf(stem: string, change: { date?: string; plant?: string; kg?: number }): AnyRecord[] {
  return sampleLot(countingScribe(stem)).map((record) => {
    if (record.kind === 'lot') {
      return {
        ...record,
        content: {
          ...record.content,
          date: change.date ?? record.content.date,
          plant: change.plant ?? '',
        },
      };
    }
    return record.kind === 'container' && change.kg !== undefined
      ? {
          ...record,
          content: {
            ...record.content,
            count: 1,
            amount: { by: 'mass' as const, massKg: change.kg, plusMinusKg: 0.1 },
          },
        }
      : record;
  });
}

/** A lot with one frame of so much honey judged in the comb. */
function withFrames(records: AnyRecord[], honeyKg: number): AnyRecord[] {
  const lot = records[0]!;
  const frame = {
    frameId: 'f',
    checkId: 'c',
    count: 1,
    hive: 'Hive 1',
    box: 'Box 1',
    slot: 1,
    yard: 'North',
    flows: [],
    honeyKg,
    honeyStandardKg: 0.2,
    states: { capped: honeyKg },
    colours: [],
    pieces: null,
    cleared: '',
  } as const;
  const school = { id: 's', name: 'Four fifths', needsMeter: false } as never;
  const content = { harvestId: 'h', school, climate: 'ordinary', frames: [frame] } as never;
  return [
    ...records,
    firstRevision(countingScribe(`${lot.id}-f`), 'lot-frames', content, lot.entityId),
  ];
}

const reported = (records: readonly AnyRecord[]): ReportedLot[] =>
  lotFilesOf(records).map((file) => {
    const contents = contentsOf(file);
    return {
      file,
      ruling: ruleOnLot(evidenceFrom({ ...contents, frames: null }, { meters: NO_METERS })),
    };
  });

const report = (records: readonly AnyRecord[], blended: readonly string[] = []) =>
  seasonReport(reported(records), {
    book: bookOf([]),
    guesses: [],
    pastLots: [],
    blended: new Set(blended),
  });

describe('years compared', () => {
  const early = lotOf('early', { date: '2025-06-01', plant: 'beans', kg: 20 });
  const late = lotOf('late', { date: '2026-08-01', plant: 'borage', kg: 30 });
  const second = lotOf('second', { date: '2026-09-01', plant: 'borage', kg: 10 });

  test('the latest year first, each lot in its own', () => {
    const found = report([...early, ...late]);
    expect(found.years).toEqual([2026, 2025]);
    expect(found.lots.map((lot) => [lot.year, lot.foundKg])).toEqual([
      [2026, 30],
      [2025, 20],
    ]);
  });

  test('honey by flow, the most first; a blend is counted with the lots it came of', () => {
    const all = [...early, ...late, ...second];
    expect(groupYields(report(all), 2026, 'flow')).toEqual([{ name: 'borage', kg: 40 }]);
    const withBlend = report(all, [second[0]!.entityId]);
    expect(groupYields(withBlend, 2026, 'flow')).toEqual([{ name: 'borage', kg: 30 }]);
    expect(groupYields(withBlend, 2025, 'yard')).toEqual([{ name: '', kg: 20 }]);
  });

  test('one yard and one flow, however they were written', () => {
    const two = [
      ...lotOf('one', { date: '2026-08-01', plant: 'Borage', kg: 12 }),
      ...lotOf('two', { date: '2026-08-02', plant: 'borage, late', kg: 8 }),
    ];
    const flows = groupYields(report(two), 2026, 'flow');
    expect(flows).toHaveLength(1);
    expect(flows[0]!.kg).toBeCloseTo(20, 9);
    expect(flows[0]!.name.toLowerCase()).toBe('borage');
  });

  test('the eye is off by what it judged against what was found', () => {
    const judged = withFrames(late, 33);
    const found = report(judged);
    expect(eyeBias(found, 2026)).toMatchObject({ lots: 1 });
    expect(eyeBias(found, 2026)!.share).toBeCloseTo(0.1, 9);
    expect(eyeBias(found, 2025)).toBeNull();
    expect(found.lots[0]).toMatchObject({ judgedKg: 33, frames: 1, yard: 'North' });
    expect(found.lots[0]!.lostKg).toBeGreaterThan(0);
    expect(found.hives).toMatchObject([{ year: 2026, hive: 'Hive 1', frames: 1 }]);
  });

  test('losses are not known where the combs are not', () => {
    expect(report(late).lots[0]!.lostKg).toBeNull();
  });

  test('the model’s bias is the mean of expected less found', () => {
    const line = (expectedPercent: number, measuredPercent: number) => ({
      year: 2026,
      lotId: 'l',
      code: 'c',
      expectedPercent,
      measuredPercent,
    });
    expect(meanBias([line(18, 17), line(17, 17.5)])).toEqual({ percent: 0.25, lots: 2 });
    expect(meanBias([])).toBeNull();
  });
});
