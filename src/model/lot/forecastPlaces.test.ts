import { describe, expect, test } from '@jest/globals';
import { stateShares } from '../../core';
import { combPlaces, cropPlace, readerPlaces } from './forecastPlaces';

const lot = (at: number, mean: number) => ({
  lotId: `l${at}`,
  code: `L${at}`,
  day: `2026-0${1 + (at % 8)}-1${at % 10}`,
  shares: stateShares({ capped: 1 }),
  measured: { mean, standardUncertainty: 0.2 },
});

describe('what was forecast, from the keeper’s own records', () => {
  test('a lot as its comb let expect lies in the middle, a wet one far up', () => {
    const [plain] = combPlaces([lot(0, 17.8)]);
    const [wet] = combPlaces([lot(0, 20.5)]);
    expect(plain).toBeCloseTo(0.5, 1);
    expect(wet).toBeGreaterThan(0.97);
  });

  test('lots before it teach; lots after it do not', () => {
    const lots = [16.4, 16.5, 16.4, 16.6, 16.5, 16.5].map((mean, at) => lot(at, mean));
    const places = combPlaces(lots);
    expect(places[0]).toBeLessThan(0.2);
    expect(places[5]!).toBeGreaterThan(places[0]!);
  });

  test('a crop a few percent under what was judged is as forecast', () => {
    const judged = { massKg: 100, standardUncertaintyKg: 8 };
    expect(cropPlace(judged, { massKg: 94, standardUncertaintyKg: 0.2 })).toBeCloseTo(0.5, 1);
    expect(cropPlace(judged, { massKg: 70, standardUncertaintyKg: 0.2 })).toBeLessThan(0.01);
  });

  test('readers each by themselves, single readings say nothing', () => {
    const set = (reader: string, ...values: number[]) => ({ reader, lotId: 'l', values });
    const places = readerPlaces([set('AB', 17, 17.1), set('AB', 18), set('CD', 17, 18.4)]);
    expect(places.get('AB')).toHaveLength(1);
    expect(places.get('CD')![0]).toBeGreaterThan(0.97);
  });
});
