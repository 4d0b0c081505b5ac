import { describe, expect, test } from '@jest/globals';
import { ruleOnLot } from '../../core';
import { current, heads } from '../../records/heads';
import { contentsOf, evidenceFrom } from './lotEvidence';
import { evidenceIdsOf, isRulingOutdated, lotFileOf, lotFilesOf, type LotFile } from './lotFile';
import type { AnyRecord, RecordOf } from '../../records/record';
import { firstRevision, nextRevision } from '../../records/revise';
import { signedRulingContent } from './signedRuling';
import { SAMPLE_READING, countingScribe, sampleLot } from '../../records/test/sampleLot';
import { NO_METERS } from './meters';
import { IN_CODES } from '../test/inCodes';

function fileOf(records: readonly AnyRecord[]): LotFile {
  const file = lotFileOf(records);
  if (!file) throw new Error('no lot');
  return file;
}

const scribe = () => countingScribe('later');
const reading = (records: readonly AnyRecord[]) => records[3] as RecordOf<'reading'>;

describe('revisions', () => {
  test('a correction holds, the former entry stays in the history', () => {
    const records = sampleLot();
    const former = reading(records);
    const corrected = nextRevision(scribe(), former, {
      content: { ...former.content, dialValue: 18 },
      reason: 'Typing slip',
    });
    const file = fileOf([...records, corrected]);
    expect(file.readings.map((item) => item.content.dialValue)).toEqual([18]);
    expect(file.history).toContain(former);
    expect(corrected).toMatchObject({
      supersedes: former.id,
      entityId: former.entityId,
      reason: 'Typing slip',
    });
  });

  test('what was removed no longer counts, and a revision can bring it back', () => {
    const records = sampleLot();
    const gone = nextRevision(scribe(), reading(records), { withdrawn: true, reason: 'Removed' });
    expect(fileOf([...records, gone]).readings).toHaveLength(0);
    const back = nextRevision(countingScribe('back'), gone, { reason: 'Undone' });
    expect(fileOf([...records, gone, back]).readings).toHaveLength(1);
  });

  test('two tabs that correct the same entry: the later holds, whatever the order of arrival', () => {
    const records = sampleLot();
    const a = nextRevision(countingScribe('a'), reading(records), { reason: 'a' });
    const b = {
      ...nextRevision(countingScribe('b'), reading(records), { reason: 'b' }),
      recordedAt: '2026-09-01T00:00:00.000Z',
    };
    for (const order of [
      [a, b],
      [b, a],
    ]) {
      const holding = heads([...records, ...order]).find((head) => head.entityId === a.entityId);
      expect(holding?.reason).toBe('b');
    }
  });

  test('revisions that supersede each other in a circle still leave one that holds', () => {
    const [lot] = sampleLot();
    const circle = [
      { ...lot!, id: 'x', supersedes: 'y' },
      { ...lot!, id: 'y', supersedes: 'x' },
    ];
    expect(heads(circle)).toHaveLength(1);
  });

  test('a lot that was removed has no file', () => {
    const records = sampleLot();
    const gone = nextRevision(scribe(), records[0]!, { withdrawn: true, reason: 'Removed' });
    expect(lotFileOf([...records, gone])).toBeNull();
    expect(current([...records, gone]).some((record) => record.kind === 'lot')).toBe(false);
  });

  test('lots are listed with the latest extraction first', () => {
    const older = sampleLot(countingScribe('older')).map((record) =>
      record.kind === 'lot'
        ? { ...record, content: { ...record.content, date: '2026-07-01' } }
        : record,
    );
    const codes = lotFilesOf([...older, ...sampleLot()]).map((lotFile) => lotFile.lot.content.date);
    expect(codes).toEqual(['2026-08-01', '2026-07-01']);
  });
});

describe('evidence of a lot', () => {
  test('an entry of two buckets is two vessels, with the mass of each', () => {
    const evidence = evidenceFrom(contentsOf(fileOf(sampleLot())), { meters: NO_METERS });
    expect(evidence.vessels.map(({ label, massKg }) => [label, massKg])).toEqual([
      ['Bucket 1', 12],
      ['Bucket 2', 12],
    ]);
    expect(evidence.readings[0]?.vesselId).toBe(evidence.vessels[0]?.id);
    expect(evidence.readings[0]?.moisturePercent).toBeCloseTo(17.4 - 0.181, 2);
  });

  test('an unknown rule set falls back to the default one', () => {
    const contents = contentsOf(fileOf(sampleLot()));
    const evidence = evidenceFrom(
      { ...contents, lot: { ...contents.lot, ruleSetId: 'gone' } },
      { meters: NO_METERS },
    );
    expect(evidence.ruleSet.id).toBe('eu-2001-110');
  });
});

describe('signed rulings', () => {
  function signedFile(): AnyRecord[] {
    const records = sampleLot();
    const file = fileOf(records);
    const evidence = evidenceFrom(contentsOf(file), { meters: NO_METERS });
    const ruling = ruleOnLot(evidence);
    const signature = {
      outcome: ruling.outcome,
      initials: 'AB',
      overrideReason: 'unused',
      remark: '',
    };
    const content = signedRulingContent(
      signature,
      {
        evidence,
        ruling,
        evidenceIds: evidenceIdsOf(file, NO_METERS),
      },
      IN_CODES,
    );
    return [...records, firstRevision(scribe(), 'ruling', content, file.lot.ownerId)];
  }

  test('a ruling rests on the evidence at hand, and is out of date once that changes', () => {
    const records = signedFile();
    expect(isRulingOutdated(fileOf(records), NO_METERS)).toBe(false);
    const more = firstRevision(
      countingScribe('more'),
      'reading',
      SAMPLE_READING,
      records[0]!.ownerId,
    );
    expect(isRulingOutdated(fileOf([...records, more]), NO_METERS)).toBe(true);
    const corrected = nextRevision(countingScribe('new'), reading(records), {
      reason: 'Looked again',
    });
    expect(isRulingOutdated(fileOf([...records, corrected]), NO_METERS)).toBe(true);
    expect(isRulingOutdated(fileOf(sampleLot()), NO_METERS)).toBe(false);
  });

  test('the reason for deciding otherwise is kept only where one decided otherwise', () => {
    const ruling = fileOf(signedFile()).ruling;
    expect(ruling?.content).toMatchObject({
      outcome: 'conditions',
      proposedOutcome: 'conditions',
      overrideReason: '',
    });
    expect(ruling?.content.findings.length).toBeGreaterThan(2);
  });
});
