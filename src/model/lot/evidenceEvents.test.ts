import { describe, expect, test } from '@jest/globals';
import { NO_CIRCUMSTANCES, ruleOnLot, schoolOf } from '../../core';
import type { RelatedRecords } from './relatedEvidence';
import { relatedEvidence } from './relatedEvidence';
import { harvestFileOf } from '../day/harvestFile';
import { judgeFrames, judgingOf } from '../day/judging';
import { freshLotContent } from '../../records/lots/lot';
import { contentsOf, evidenceFrom } from './lotEvidence';
import { lotFileOf, type LotFile } from './lotFile';
import { lotFrameOf, lotFramesContent } from './lotComposition';
import { pastLotsOf, teachingLots } from './pastLots';
import { firstRevision, nextRevision } from '../../records/revise';
import { ripePieces } from './ripePieces';
import { roomFilesOf } from '../room/roomFile';
import { surveyParts, surveyPartsOfDay } from '../day/surveyEvidence';
import type { SurveyContent } from '../../records/hives/survey';
import { SAMPLE_READING, countingScribe } from '../../records/test/sampleLot';
import { SAMPLE_BATCH, SAMPLE_ROOM } from '../../records/test/sampleRoom';
import { sampleBook, sampleLook, sampleLooks, sampleYard } from '../../records/test/sampleYard';
import { plainRelated } from '../test/plainRelated';
import { NO_METERS } from './meters';

const NOW_MS = Date.parse('2026-11-24T08:00:00Z');

const AROUND = plainRelated(NOW_MS);

/** A lot with eight tenths capped, read once on some day, liquid or with crystals. */
function readLot(stem: string, day: string, sample: 'clear' | 'crystals' = 'clear'): LotFile {
  const scribe = countingScribe(stem);
  const lot = firstRevision(scribe, 'lot', freshLotContent(stem, '2026-08-01'));
  const comb = { cappedTenths: 8, shake: 'not-done' } as const;
  const content = { ...SAMPLE_READING, dialValue: 16.2, sample, takenAt: `${day}T12:00:00.000Z` };
  return lotFileOf([
    lot,
    firstRevision(scribe, 'comb-judgement', comb, lot.entityId),
    firstRevision(scribe, 'reading', content, lot.entityId),
  ])!;
}

/** A room in which some lots dried from the third to the sixth of August. */
function driedIn(lotIds: string[]): RelatedRecords {
  const scribe = countingScribe('room');
  const room = firstRevision(scribe, 'warm-room', SAMPLE_ROOM);
  const batch = {
    ...SAMPLE_BATCH,
    lotIds,
    inAt: '2026-08-03T08:00:00.000Z',
    outAt: '2026-08-06T08:00:00.000Z',
  };
  const records = [room, firstRevision(scribe, 'batch', batch, room.entityId)];
  return { ...AROUND, rooms: roomFilesOf(records) };
}

describe('what comb is worth is taught by honey as it came from the comb', () => {
  test('lots read after drying teach nothing; read before it they do', () => {
    const dried = Array.from({ length: 5 }, (_, at) => readLot(`dried-${at}`, '2026-08-07'));
    const related = driedIn(dried.map((lotFile) => lotFile.lot.entityId));
    expect(pastLotsOf(teachingLots(dried, related))).toEqual([]);
    expect(pastLotsOf(teachingLots(dried, AROUND))).toHaveLength(5);
    const before = readLot('before', '2026-08-02');
    expect(pastLotsOf(teachingLots([before], driedIn([before.lot.entityId])))).toHaveLength(1);
  });

  test('crystals on the prism teach nothing', () => {
    expect(pastLotsOf(teachingLots([readLot('set', '2026-08-02', 'crystals')], AROUND))).toEqual(
      [],
    );
  });
});

describe('boxes judged in one go', () => {
  const yard = sampleYard();
  const survey: SurveyContent = {
    scope: 'box',
    label: 'Hive 7',
    yardId: null,
    boxIds: [yard.box.entityId],
    boxes: 1,
    framesPerBox: 10,
    formatId: 'langstroth-medium',
    honeyTenths: 10,
    cappedTenths: 9,
    shake: 'not-done',
    start: 0.4,
    sampleSize: 2,
    looks: [],
    act: 'take',
    remark: '',
  };
  const record = firstRevision(yard.scribe, 'stroke', survey, yard.harvest.entityId);
  const partsWith = (more: Parameters<typeof harvestFileOf>[0]) => {
    const book = sampleBook(yard, more);
    const file = harvestFileOf([...yard.records, record, ...more], yard.harvest.entityId);
    return surveyPartsOfDay(record, { book, harvest: yard.harvest, file });
  };
  const framesOf = (parts: ReturnType<typeof partsWith>): number =>
    parts.reduce((sum, part) => sum + part.evidence.count, 0);

  test('a frame looked at by itself takes its share; a second stroke over the box takes all of it', () => {
    expect(framesOf(partsWith([]))).toBe(10);
    const looks = sampleLooks(yard, [sampleLook([9, 9]), sampleLook([2, 2])]);
    expect(framesOf(partsWith(looks))).toBe(8);
    const again = firstRevision(yard.scribe, 'stroke', survey, yard.harvest.entityId);
    expect(framesOf(partsWith([again]))).toBe(0);
  });

  test('each box has its share of every tenth that was seen, and its hive', () => {
    const looks = [9, 9, 9, 5].map((cappedTenths, position) => ({ position, cappedTenths }));
    const both = { ...survey, boxIds: [yard.box.entityId], boxes: 3, looks };
    const parts = surveyParts(
      { id: 's', content: both },
      { book: sampleBook(yard), day: '2026-08-10' },
    );
    const of = (inBook: boolean) =>
      parts.filter((part) => (part.box !== null) === inBook).map((part) => part.evidence.count);
    expect(of(true).reduce((sum, value) => sum + value, 0)).toBe(10);
    expect(of(false).reduce((sum, value) => sum + value, 0)).toBe(20);
    expect(of(true).length).toBe(2);
    expect(parts[0]?.evidence.colonyId).toBe(yard.hives[0].entityId);
  });
});

/** A lot of the frames that a day takes, with the evidence that the books give of it. */
function lotOfLooks(looks: Parameters<typeof sampleLooks>[1], suspect = false) {
  const yard = sampleYard({}, `pieces-${suspect}`);
  const hive = nextRevision(yard.scribe, yard.hives[0], {
    content: { ...yard.hives[0].content, health: suspect ? 'suspect' : 'sound' },
    reason: 'Looked at',
  });
  const seen = sampleLooks(yard, looks);
  const book = sampleBook(yard, [...seen, hive]);
  const { stories } = harvestFileOf([...yard.records, ...seen], yard.harvest.entityId);
  const frames = judgeFrames(stories, judgingOf(book, yard.harvest)).map((frame) =>
    lotFrameOf(frame, book, yard.harvest),
  );
  const lot = firstRevision(yard.scribe, 'lot', freshLotContent('a', '2026-08-10'));
  const basis = { harvestId: yard.harvest.entityId, school: schoolOf('four-fifths') };
  const composition = lotFramesContent(frames, { ...basis, climate: 'ordinary' });
  const file = lotFileOf([
    lot,
    firstRevision(yard.scribe, 'lot-frames', composition, lot.entityId),
  ])!;
  const kept = new Map(stories.map((story) => [story.frameId, story.frameRecord]));
  const related = relatedEvidence(file, { ...AROUND, book, frames: kept }, []);
  return { file, evidence: evidenceFrom(contentsOf(file), { meters: NO_METERS, related }) };
}

describe('comb honey by its pieces', () => {
  test('nine ripe pieces of twelve: only they count, weigh and are ruled', () => {
    const sections = sampleLook([7, 8], { pieces: 'rrrrrrrrrnnn' });
    const whole = sampleLook([7, 8]);
    const { file, evidence } = lotOfLooks([sections]);
    expect(ripePieces(file, [])).toMatchObject({ pieces: 9 });
    const full = lotOfLooks([whole]).file.frames!.content.frames[0]!.honeyKg;
    expect(ripePieces(file, []).massKg).toBeCloseTo(full * 0.75, 6);
    expect(evidence.comb?.cappedShare).toBe(1);
    expect(ruleOnLot(evidence).outcome).toBe('by-comb');
  });
});

describe('what the books know of the hives', () => {
  test('honey of a hive marked as suspect is not fed back, whatever was said of the lot', () => {
    const { evidence } = lotOfLooks([sampleLook([9, 9])], true);
    expect(evidence.suspectHives).toEqual(['Hive 7']);
    const circumstances = { ...NO_CIRCUMSTANCES, sourceHealth: 'healthy' } as const;
    const { ways, findings } = ruleOnLot({ ...evidence, circumstances });
    expect(ways.find((way) => way.id === 'feed-back')).toMatchObject({ open: false });
    expect(findings.find((finding) => finding.ruleId === 'source-colony')?.bearing).toBe(
      'condition',
    );
    expect(lotOfLooks([sampleLook([9, 9])]).evidence.suspectHives).toBeUndefined();
  });

  test('a rule set, a school, a frame size that the books do not have is each one finding', () => {
    const { file } = lotOfLooks([sampleLook([9, 9])]);
    const gone = {
      ...file,
      lot: { ...file.lot, content: { ...file.lot.content, ruleSetId: 'gone' } },
    };
    const known = relatedEvidence(gone, AROUND, []);
    expect(known.unknown).toContain('rule-set');
    expect(evidenceFrom(contentsOf(gone), { meters: NO_METERS }).unknown).toEqual(['rule-set']);
  });
});
