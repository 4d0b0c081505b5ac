import { describe, expect, test } from '@jest/globals';
import { firstRevision } from './revise';
import { freshLotContent } from './lots/lot';
import { lotFramesContent, lotFrameOf } from '../model/lot/lotComposition';
import { harvestFileOf } from '../model/day/harvestFile';
import { judgeFrames, judgingOf } from '../model/day/judging';
import type { AnyRecord } from './record';
import { OWNER_KINDS, RECORD_KINDS } from './record';
import { parseRecordFile, recordFileOf } from './exchange/recordFile';
import { ownSchoolContentSchema } from './hives/ownSchool';
import { brokenReferences } from './references';
import { sampleExtraction } from './test/sampleExtraction';
import { sampleStore } from './test/sampleStore';
import { sampleRoom } from './test/sampleRoom';
import { sampleBenchWork, sampleMeter } from './test/sampleBench';
import { SAMPLE_READING, countingScribe, sampleLot } from './test/sampleLot';
import {
  sampleBook,
  sampleGiven,
  sampleLook,
  sampleLooks,
  sampleSeason,
  sampleYard,
} from './test/sampleYard';
import { say } from '../core';

/** At least one record of every kind, all belonging together. */
function everything(): AnyRecord[] {
  const yard = sampleYard();
  const { scribe, harvest } = yard;
  const looks = sampleLooks(yard, [sampleLook([9, 9])]);
  const frame = looks.find((look) => look.kind === 'frame')!;
  const day = harvest.entityId;
  const survey = firstRevision(
    scribe,
    'stroke',
    {
      scope: 'yard',
      label: 'Row',
      yardId: yard.records[0]!.entityId,
      boxes: 2,
      framesPerBox: 10,
      formatId: 'langstroth-medium',
      honeyTenths: 9,
      cappedTenths: 8,
      shake: 'not-done',
      start: 0.5,
      sampleSize: 5,
      looks: [],
      act: 'take',
      remark: '',
    },
    day,
  );
  const book = sampleBook(yard);
  const judging = judgingOf(book, harvest);
  const { stories } = harvestFileOf([...yard.records, ...looks], day);
  const frames = judgeFrames(stories, judging).map((judgedFrame) =>
    lotFrameOf(judgedFrame, book, harvest),
  );
  const lot = firstRevision(scribe, 'lot', freshLotContent('x', '2026-08-10'));
  const composition = lotFramesContent(frames, {
    harvestId: day,
    school: judging.school,
    climate: 'damp',
  });
  const measured = sampleLot(countingScribe('lot'));
  const [, bucket, , reading] = measured;
  const meter = sampleMeter(scribe, [{}]);
  const onMeter = { ...SAMPLE_READING, instrumentId: meter.instrument.entityId };
  return [
    ...measured,
    meter.instrument,
    ...meter.checks,
    firstRevision(scribe, 'reading', onMeter, measured[0]!.entityId),
    ...sampleBenchWork(scribe, {
      lotId: measured[0]!.entityId,
      bucketId: bucket!.entityId,
      readingId: reading!.entityId,
    }),
    ...sampleRoom(scribe, [measured[0]!.entityId]),
    ...sampleExtraction(scribe, measured[0]!.entityId),
    ...sampleStore(scribe, { lotId: measured[0]!.entityId, containerId: bucket!.entityId }),
    ...yard.records,
    ...looks,
    sampleGiven(yard),
    ...sampleSeason(yard),
    survey,
    firstRevision(scribe, 'tally', { frames: 1, boxes: 0, totes: 0 }, day),
    firstRevision(scribe, 'guess', { who: 'a', kg: 3 }, day),
    firstRevision(
      scribe,
      'photo',
      {
        frameId: frame.entityId,
        harvestId: day,
        side: 0,
        day: '2026-08-10',
        width: 10,
        height: 10,
        jpegBase64: 'AAAA',
      },
      frame.entityId,
    ),
    firstRevision(scribe, 'school', {
      ...ownSchoolContentSchema.parse(judging.school),
      name: 'Ours',
    }),
    firstRevision(scribe, 'format', {
      name: 'Own',
      areaDm2: 6,
      frameTareKg: 0.3,
      boxTareKg: 3,
    }),
    lot,
    firstRevision(scribe, 'lot-frames', composition, lot.entityId),
  ];
}

const text = (records: readonly AnyRecord[]): string =>
  JSON.stringify(recordFileOf(records, '2026-08-10T00:00:00.000Z'));

describe('records of every kind in one file', () => {
  const all = everything();

  test('there is one of each but what is signed, and the file is read whole', () => {
    const kinds = new Set(all.map((record) => record.kind));
    expect(RECORD_KINDS.filter((kind) => !kinds.has(kind))).toEqual(['ruling', 'signature']);
    const read = parseRecordFile(text(all));
    expect(read.ok && read.value.records).toEqual(all);
  });

  test('whatever another record needs cannot be left out', () => {
    const needed = new Set<string>();
    for (const gone of all) {
      const rest = all.filter((record) => record !== gone);
      if (brokenReferences(rest).length === 0) continue;
      needed.add(gone.kind);
      const read = parseRecordFile(text(rest));
      expect(read).toMatchObject({ ok: false, error: { code: 'damaged-file' } });
    }
    expect([...needed].sort()).toEqual([
      'batch',
      'blend',
      'box',
      'colony',
      'container',
      'extraction',
      'flow',
      'frame',
      'harvest',
      'instrument',
      'jar-move',
      'lot',
      'packing',
      'reading',
      'warm-room',
      'yard',
    ]);
  });

  test('a record that belongs to something of another kind is refused where it says so', () => {
    for (const [at, record] of all.entries()) {
      const owner = OWNER_KINDS[record.kind];
      const changed = all.map((row, index) =>
        index === at ? { ...row, ownerId: owner === null ? 'other' : row.entityId } : row,
      );
      const paths = brokenReferences(changed).map((brokenReference) => brokenReference.path);
      expect(paths).toContain(`records[${at}].ownerId`);
    }
  });

  test('a reading of a container in another lot is refused', () => {
    const one = sampleLot(countingScribe('one'));
    const two = sampleLot(countingScribe('two'));
    const bucket = one.find((record) => record.kind === 'container')!;
    const stray = firstRevision(
      countingScribe('stray'),
      'reading',
      { ...SAMPLE_READING, containerId: bucket.entityId, item: 1 },
      two[0]!.ownerId,
    );
    const broken = brokenReferences([...one, ...two, stray]);
    expect(broken).toEqual([
      {
        path: 'records[8].content.containerId',
        message: say('errors.isNotThere', { kind: 'container' }),
      },
    ]);
  });
});
