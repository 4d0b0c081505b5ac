import { describe, expect, test } from '@jest/globals';
import { FEWEST_LOOKS } from '../../core';
import { firstRevision, type PracticeLook } from '../../records';
import { countingScribe } from '../../records/test/sampleLot';
import { freshSide } from '../day/freshLook';
import { cappingOf, sharesOf } from '../day/frameEvidence';
import { withSetPoints } from '../day/photoSide';
import { combLooks, eyeOfReader, practiceReaders } from './eyes';

const scribe = countingScribe();

/** Looks of somebody who sees a tenth too much. */
const looksOf = (reader: string, count: number): PracticeLook[] =>
  Array.from({ length: count }, (_, at) =>
    firstRevision(scribe, 'practice-look', {
      drill: 'capping',
      reader,
      seed: at,
      of: 'plain',
      answered: Math.min(1, ((at % 10) + 1) / 10),
      truth: (at % 10) / 10,
      at: `2026-08-21T10:${String(10 + (at % 50))}:00.000Z`,
      evening: null,
    }),
  );

describe('an eye at the hive', () => {
  const looks = [...looksOf('KT', 40), ...looksOf('RO', FEWEST_LOOKS - 1)];
  const glance = {
    ...freshSide(),
    quick: { honeyTenths: 10, cappedTenths: 8, undrawnTenths: 0, broodTenths: 0 },
  };

  test('belongs to its reader alone, and to nobody without initials', () => {
    expect(practiceReaders(looks)).toEqual(['KT', 'RO']);
    expect(combLooks(looks, 'RO')).toHaveLength(FEWEST_LOOKS - 1);
    expect(eyeOfReader(looks, 'KT')?.looks).toBe(40);
    expect(eyeOfReader(looks, 'RO')).toBeNull();
    expect(eyeOfReader(looksOf('', 40), '')).toBeNull();
  });

  test('takes its bias off a glance, in the share and in what stands for honey', () => {
    const eye = eyeOfReader(looks, 'KT')!;
    expect(cappingOf(glance)?.share).toBeCloseTo(0.8, 9);
    expect(cappingOf(glance, eye)!.share).toBeLessThan(0.75);
    expect(sharesOf(glance, eye).capped).toBeCloseTo(cappingOf(glance, eye)!.share, 9);
    expect(sharesOf(glance, eye).capped + sharesOf(glance, eye).open).toBeCloseTo(1, 9);
  });

  test('never touches what was counted or painted', () => {
    const eye = eyeOfReader(looks, 'KT')!;
    const counted = {
      ...glance,
      method: 'points' as const,
      points: 'c'.repeat(18) + 'o'.repeat(6),
    };
    const painted = {
      ...glance,
      method: 'paint' as const,
      cells: 'c'.repeat(110) + 'o'.repeat(110),
    };
    expect(cappingOf(counted, eye)).toEqual(cappingOf(counted));
    expect(cappingOf(painted, eye)).toEqual(cappingOf(painted));
  });
});

test('a point that the keeper sets on a photograph is the keeper’s, the rest stays a guess', () => {
  const cells = Array.from({ length: 48 }, (): [number, number] => [90, 5]);
  const proposal = { touched: '0'.repeat(48), cells, tiles: cells, doubt: 0.2 };
  const before = 'c'.repeat(48);
  const after = 'ooo' + 'c'.repeat(45);
  const side = { ...freshSide(), method: 'points' as const };
  const proposed = cappingOf({ ...side, points: before, proposal })!;
  const set = withSetPoints(before, after, proposal);
  expect(set.touched).toBe('111' + '0'.repeat(45));
  const now = cappingOf({ ...side, points: after, proposal: set })!;
  expect(proposed.share).toBeCloseTo(90 / 95, 2);
  expect(now.share).toBeLessThan(proposed.share - 0.03);
  expect(withSetPoints(after, before, set).touched).toBe(set.touched);
});
