import { describe, expect, test } from '@jest/globals';
import { DAY_MS, NO_CIRCUMSTANCES, ruleOnLot, schoolOf } from '../../core';
import { relatedEvidence, framesToAsk, storedHoney, type RelatedRecords } from './relatedEvidence';
import type { BatchCheckContent } from '../../records/room/batchCheck';
import type { BatchContent } from '../../records/room/dryingBatch';
import { honeyHouseOf } from '../line/extractionFile';
import type { GivenContent } from '../../records/hives/given';
import { harvestFileOf } from '../day/harvestFile';
import { judgeFrames, judgingOf } from '../day/judging';
import { freshLotContent } from '../../records/lots/lot';
import { contentsOf, evidenceFrom } from './lotEvidence';
import { lotFileOf, type LotFile } from './lotFile';
import { lotFrameOf, lotFramesContent } from './lotComposition';
import { firstRevision } from '../../records/revise';
import { roomFilesOf } from '../room/roomFile';
import { countingScribe, sampleLot } from '../../records/test/sampleLot';
import { SAMPLE_EXTRACTION } from '../../records/test/sampleExtraction';
import { SAMPLE_BATCH, SAMPLE_ROOM } from '../../records/test/sampleRoom';
import {
  sampleBook,
  sampleGiven,
  sampleLook,
  sampleLooks,
  sampleYard,
} from '../../records/test/sampleYard';
import { plainRelated } from '../test/plainRelated';
import { NO_METERS } from './meters';
import { inEnglish } from '../../core/test/inEnglish';

const NOW_MS = Date.parse('2026-11-24T08:00:00Z');

const NOTHING = plainRelated(NOW_MS);

const plainLot = (): LotFile => lotFileOf(sampleLot())!;

/** A lot of two frames of Hive 7, taken on 10 August; what was given is found out afterwards. */
function lotOfHive(given: Partial<GivenContent> | null, cleared = '') {
  const yard = sampleYard({}, `around-${cleared}`);
  const looks = sampleLooks(yard, [sampleLook([9, 9]), sampleLook([10, 9])]);
  const before = sampleBook(yard, looks);
  const { stories } = harvestFileOf([...yard.records, ...looks], yard.harvest.entityId);
  const frames = judgeFrames(stories, judgingOf(before, yard.harvest)).map((frame) => ({
    ...lotFrameOf(frame, before, yard.harvest),
    cleared,
  }));
  const lot = firstRevision(yard.scribe, 'lot', freshLotContent('a', '2026-08-10'));
  const basis = { harvestId: yard.harvest.entityId, school: schoolOf('four-fifths') };
  const composition = firstRevision(
    yard.scribe,
    'lot-frames',
    lotFramesContent(frames, { ...basis, climate: 'damp' }),
    lot.entityId,
  );
  const book = sampleBook(yard, [...looks, ...(given ? [sampleGiven(yard, given)] : [])]);
  const known = looks.filter((look) => look.kind === 'frame');
  const related = { ...NOTHING, book, frames: new Map(known.map((item) => [item.entityId, item])) };
  return { file: lotFileOf([lot, composition])!, related };
}

describe('a treatment that is found out after the frames were taken', () => {
  const during = { fromDay: '2026-08-01', toDay: '2026-08-08' };

  test('with the boxes on it names the hive and blocks the lot', () => {
    const { file, related } = lotOfHive(during);
    const { treatedFrames } = relatedEvidence(file, related, []);
    expect(treatedFrames).toHaveLength(1);
    expect(treatedFrames![0]).toMatchObject({ from: 'Hive 7' });
    expect(inEnglish(treatedFrames![0]!.because)).toContain('thymol strips');
    const evidence = evidenceFrom(contentsOf(file), {
      meters: NO_METERS,
      related: relatedEvidence(file, related, []),
    });
    expect(ruleOnLot(evidence).outcome).toBe('reject');
    expect(ruleOnLot(evidenceFrom(contentsOf(file), { meters: NO_METERS })).outcome).not.toBe(
      'reject',
    );
  });

  test.each<[string, Partial<GivenContent> | null]>([
    ['nothing was given', null],
    ['it began after the frames were taken', { fromDay: '2026-08-11', toDay: '2026-08-20' }],
    ['it ended before the box went on', { fromDay: '2026-05-01', toDay: '2026-05-20' }],
    ['it went to another hive', { ...during, colonyIds: ['someone else'] }],
    ['the boxes were off meanwhile', { ...during, boxesOn: false }],
  ])('says nothing where %s', (_, given) => {
    const { file, related } = lotOfHive(given);
    expect(relatedEvidence(file, related, []).treatedFrames).toBeUndefined();
  });

  test('the waiting time of a label runs on after its end', () => {
    const early = { fromDay: '2026-05-01', toDay: '2026-05-20' };
    const waiting = (waitDays: number) => {
      const { file, related } = lotOfHive({ ...early, boxesOn: false, waitDays });
      return relatedEvidence(file, related, []).treatedFrames;
    };
    expect(waiting(5)).toBeUndefined();
    expect(waiting(30)).toHaveLength(1);
  });

  test('what the keeper cleared by the label stays cleared', () => {
    const { file, related } = lotOfHive(during, 'the label allows it');
    expect(relatedEvidence(file, related, []).treatedFrames).toBeUndefined();
  });

  test('frames are looked up only where something given may touch them', () => {
    expect(framesToAsk(...pair(lotOfHive(during)))).toHaveLength(2);
    expect(framesToAsk(...pair(lotOfHive({ fromDay: '2026-08-11', toDay: null })))).toEqual([]);
    expect(framesToAsk(...pair(lotOfHive(null)))).toEqual([]);
    expect(framesToAsk(plainLot(), NOTHING.book)).toEqual([]);
  });
});

function pair({ file, related }: ReturnType<typeof lotOfHive>): [LotFile, RelatedRecords['book']] {
  return [file, related.book];
}

type Checked = readonly [percent: number, of: 'open' | 'capped' | 'all'];

function driedLot(batch: Partial<BatchContent>, checks: readonly Checked[]) {
  const file = plainLot();
  const scribe = countingScribe('room');
  const room = firstRevision(scribe, 'warm-room', SAMPLE_ROOM);
  const kept = firstRevision(
    scribe,
    'batch',
    { ...SAMPLE_BATCH, lotIds: [file.lot.entityId], ...batch },
    room.entityId,
  );
  const read = checks.map(([percent, of], at) => {
    const content: BatchCheckContent = {
      takenAt: new Date(Date.parse(SAMPLE_BATCH.inAt) + (at + 1) * DAY_MS).toISOString(),
      who: 'ab',
      found: { by: 'moisture', of, percent, plusMinus: 0.3 },
      remark: '',
    };
    return firstRevision(scribe, 'batch-check', content, kept.entityId);
  });
  const rooms = roomFilesOf([room, kept, ...read]);
  return relatedEvidence(file, { ...NOTHING, rooms }, []).drying;
}

describe('days in a warm room', () => {
  test('are counted until now while the batch is in, else until it came out', () => {
    expect(driedLot({}, [])?.days).toBeCloseTo(4, 9);
    const out = { outAt: '2026-11-22T20:00:00.000Z' };
    expect(driedLot(out, [])?.days).toBeCloseTo(2.5, 9);
    expect(driedLot({ lotIds: [] }, [])).toBeUndefined();
  });

  test('have a course from two readings of the whole, and wet again is reported', () => {
    expect(driedLot({}, [[19, 'all']])?.course).toBeNull();
    expect(
      driedLot({}, [
        [19, 'all'],
        [15, 'open'],
        [17.6, 'all'],
      ]),
    ).toMatchObject({ course: { fromPercent: 19, toPercent: 17.6 }, rewetted: false });
    const within = driedLot({}, [
      [18, 'all'],
      [18.3, 'all'],
    ]);
    expect(within?.rewetted).toBe(false);
    const beyond = driedLot({}, [
      [19, 'all'],
      [17.4, 'all'],
      [18.2, 'all'],
    ]);
    expect(beyond?.rewetted).toBe(true);
  });
});

describe('what else is written down elsewhere', () => {
  test('the finest of all meshes on the days of the lot', () => {
    const file = plainLot();
    const scribe = countingScribe('mesh');
    const day = (lotId: string | null, openings: readonly number[]) =>
      firstRevision(scribe, 'extraction', {
        ...SAMPLE_EXTRACTION,
        lotId,
        strainer: {
          ...SAMPLE_EXTRACTION.strainer,
          meshes: openings.map((openingUm) => ({
            ...SAMPLE_EXTRACTION.strainer.meshes[0]!,
            openingUm,
          })),
        },
      });
    const own = file.lot.entityId;
    const of = (...days: ReturnType<typeof day>[]) =>
      relatedEvidence(file, { ...NOTHING, house: honeyHouseOf(days) }, []).finestMeshUm;
    expect(of(day(own, [600, 200]), day(own, [400]), day('another', [50]))).toBe(200);
    expect(of(day(null, [80]))).toBeUndefined();
  });

  test('drier honey of the same kind from other lots, by mass', () => {
    const file = plainLot();
    const honey = (lotId: string, massKg: number, moisturePercent: number) =>
      ({ lotId, honeyKind: 'ordinary', massKg, moisturePercent }) as const;
    const stored = [
      honey('b', 10, 16),
      honey('c', 30, 17),
      honey('too wet', 100, 17.9),
      honey(file.lot.entityId, 100, 15),
      { ...honey('ling', 100, 15), honeyKind: 'heather' as const },
    ];
    const { drierStock } = relatedEvidence(file, NOTHING, stored);
    expect(drierStock?.massKg).toBe(40);
    expect(drierStock?.moisturePercent).toBeCloseTo((10 * 16 + 30 * 17) / 40, 12);
    expect(relatedEvidence(file, NOTHING, stored.slice(2)).drierStock).toBeUndefined();
  });

  test('honey counts as stored only measured, sound, unblocked and there', () => {
    const evidence = evidenceFrom(contentsOf(plainLot()), { meters: NO_METERS });
    expect(storedHoney('a', evidence, 12)).toMatchObject({ lotId: 'a', massKg: 12 });
    expect(storedHoney('a', evidence, 0)).toBeNull();
    expect(storedHoney('a', { ...evidence, readings: [] }, 12)).toBeNull();
    expect(storedHoney('a', { ...evidence, signs: ['gas'] }, 12)).toBeNull();
    const circumstances = { ...NO_CIRCUMSTANCES, residues: ['drug'] as const };
    expect(storedHoney('a', { ...evidence, circumstances }, 12)).toBeNull();
  });

  test('nothing written down adds nothing', () => {
    expect(relatedEvidence(plainLot(), NOTHING, [])).toEqual({});
  });
});
