import { describe, expect, test } from '@jest/globals';
import { lotMoisture, ruleOnLot } from '../../core';
import { instrumentContentSchema } from '../../records/bench/instrument';
import { contentsOf, evidenceFrom, readingEvidence } from './lotEvidence';
import { evidenceIdsOf, isRulingOutdated, lotFileOf } from './lotFile';
import { lastCheck, meteredReading, metersOf, wouldBePercent } from './meters';
import { repeatabilityFor, repeatabilityOf, replicateSets } from './readers';
import {
  readingContentSchema,
  type Reading,
  type ReadingContent,
} from '../../records/bench/reading';
import { firstRevision, nextRevision } from '../../records/revise';
import { signedRulingContent } from './signedRuling';
import {
  SAMPLE_CHECK,
  SAMPLE_INSTRUMENT,
  sampleBenchWork,
  sampleMeter,
} from '../../records/test/sampleBench';
import { sentence } from '../../records/test/sentence';
import { SAMPLE_READING, countingScribe, sampleLot } from '../../records/test/sampleLot';
import { lotFilesOf } from './lotFile';
import { knownFor, ledgerOf } from './ledger';
import { zeroCheckContentSchema } from '../../records/bench/zeroCheck';
import { plainRelated } from '../test/plainRelated';
import { bookOf } from '../day/book';
import { NO_METERS } from './meters';
import { inEnglish } from '../../core/test/inEnglish';
import { IN_CODES } from '../test/inCodes';

const onMeter = (instrumentId: string, change: Partial<ReadingContent> = {}): ReadingContent => ({
  ...SAMPLE_READING,
  scale: 'nD',
  resolution: 0.0005,
  dialValue: 1.49,
  temperatureC: 20,
  instrumentId,
  takenAt: '2026-08-01T10:00:00.000Z',
  ...change,
});

describe('a meter and its readings', () => {
  const scribe = countingScribe('meter');
  const wet = { dialValues: [1.468, 1.468], takenAt: '2026-07-20T10:00:00.000Z' };
  const { instrument, checks } = sampleMeter(scribe, [wet]);
  const meters = metersOf([instrument], checks);
  const id = instrument.entityId;

  test('a known offset is taken off, and the record stays as it was read', () => {
    const content = onMeter(id);
    const plain = meteredReading(content, new Map());
    const metered = meteredReading(content, meters);
    expect(plain.dial.offsetIndex).toBeUndefined();
    expect(metered.dial.offsetIndex).toBeCloseTo(-0.001, 9);
    expect(metered.condition.zeroCheck).toBe('checked');
    const [raw, corrected] = [new Map(), meters].map(
      (known) => readingEvidence({ entityId: 'r', content }, known)?.moisturePercent ?? NaN,
    );
    expect(raw! - corrected!).toBeCloseTo(0.39, 1);
    expect(content.dialValue).toBe(1.49);
  });

  test('the first check acts backwards: half an hour late it says what it had said before', () => {
    const oil = { dialValues: [17.4], takenAt: '2026-08-01T10:30:00.000Z' };
    const at = (takenAt: string) => {
      const meter = sampleMeter(countingScribe('late'), []);
      const check = firstRevision(
        countingScribe('check'),
        'zero-check',
        {
          reference: 'certified-oil',
          statedNd20: 1.49,
          indexPerC: null,
          scale: 'water',
          resolution: 0.2,
          atc: false,
          ...oil,
          temperatureC: 20,
          adjusted: false,
          who: 'AB',
          remark: '',
        },
        meter.instrument.entityId,
      );
      const known = metersOf([meter.instrument], [check]);
      const content = onMeter(meter.instrument.entityId, {
        scale: 'water',
        dialValue: 17.8,
        resolution: 0.2,
        temperatureC: 20,
        takenAt,
      });
      const read = readingEvidence({ entityId: 'r', content }, known)!;
      const { meanPercent, uncertainty } = lotMoisture([read], []);
      return { mean: meanPercent, expanded: uncertainty.expanded, zero: read.zeroCheck };
    };
    const before = at('2026-08-01T10:00:00.000Z');
    const after = at('2026-08-01T11:00:00.000Z');
    expect(before.mean).toBeCloseTo(19, 1);
    expect(before.expanded).toBeCloseTo(0.8, 1);
    expect(before.zero).toBe('checked');
    expect(before.mean).toBeCloseTo(after.mean, 6);
    expect(before.expanded).toBeCloseTo(after.expanded, 3);
    const longBefore = at('2026-02-01T10:00:00.000Z');
    expect(longBefore.mean).toBeCloseTo(19, 1);
    expect(longBefore.expanded).toBeGreaterThan(before.expanded + 0.02);
  });

  test('a jump flags readings since the last good check, shows what each would be, changes none', () => {
    const good = { dialValues: [1.469], takenAt: '2026-07-20T10:00:00.000Z' };
    const jumped = { dialValues: [1.466], takenAt: '2026-08-10T10:00:00.000Z' };
    const meter = sampleMeter(countingScribe('jump'), [good, jumped]);
    const known = metersOf([meter.instrument], meter.checks);
    const own = meter.instrument.entityId;
    const between = meteredReading(onMeter(own), known);
    const was = readingEvidence({ entityId: 'r', content: onMeter(own) }, known);
    expect(between.doubtedBy?.id).toBe(meter.checks[1]!.id);
    expect(wouldBePercent(between)! - was!.moisturePercent).toBeCloseTo(-1.17, 1);
    expect(was?.wouldBePercent).toBeCloseTo(wouldBePercent(between)!, 9);
    const earlier = onMeter(own, { takenAt: '2026-07-10T10:00:00.000Z' });
    const later = onMeter(own, { takenAt: '2026-08-11T10:00:00.000Z' });
    for (const item of [earlier, later]) expect(meteredReading(item, known).doubtedBy).toBeNull();
    expect(lastCheck(known.get(own)!)?.id).toBe(meter.checks[1]!.id);
  });

  test('practice says nothing of the honey', () => {
    const content = onMeter(id, { practice: true });
    expect(readingEvidence({ entityId: 'r', content }, meters)).toBeNull();
  });

  test('wrong meters and checks get one sentence each', () => {
    const pairs = [
      sentence(instrumentContentSchema, {
        ...SAMPLE_INSTRUMENT,
        scale: 'water',
        reachesWater: true,
      }),
      sentence(instrumentContentSchema, { ...SAMPLE_INSTRUMENT, range: [30, 12] }),
      sentence(instrumentContentSchema, { ...SAMPLE_INSTRUMENT, atcRangeC: [30, 10] }),
      sentence(zeroCheckContentSchema, { ...SAMPLE_CHECK, statedNd20: null }),
      sentence(zeroCheckContentSchema, { ...SAMPLE_CHECK, dialValues: [1.469, 1.2] }),
      sentence(zeroCheckContentSchema, { ...SAMPLE_CHECK, dialValues: [] }),
      sentence(zeroCheckContentSchema, { ...SAMPLE_CHECK, statedNd20: 1.33 }),
      sentence(zeroCheckContentSchema, { ...SAMPLE_CHECK, indexPerC: 1 }),
      sentence(zeroCheckContentSchema, {
        ...SAMPLE_CHECK,
        reference: 'water',
        scale: 'water',
        dialValues: [0],
      }),
      sentence(readingContentSchema, { ...SAMPLE_READING, atcRangeC: [40, 10] }),
    ];
    expect(pairs).toMatchInlineSnapshot(`
      [
        "A scale of % water does not reach water itself: choose Brix or nD.",
        "The first value must be the lower one.",
        "The first value must be the lower one.",
        "Type the index at 20 °C from the label of the oil.",
        "On this reference the dial shows 1.462 to 1.507, not 1.2: look again.",
        "Type what the dial showed.",
        "This must be between 1.465 and 1.506.",
        "This must be between 0 and 0.001.",
        "A scale of % water does not reach water: use an oil.",
        "The first value must be the lower one.",
      ]
    `);
  });
});

describe('how well a reader repeats', () => {
  const scribe = countingScribe('reader');
  const read = (
    lotId: string,
    dials: readonly number[],
    change: Partial<ReadingContent> = {},
  ): Reading[] =>
    dials.map((dialValue) =>
      firstRevision(scribe, 'reading', { ...SAMPLE_READING, dialValue, ...change }, lotId),
    );

  test('replicates of one vessel, spot, meter, reader and day belong together', () => {
    const readings = [
      ...read('one', [17.2, 17.4]),
      ...read('one', [18], { spot: 'top' }),
      ...read('one', [18.2], { reader: 'CD' }),
      ...read('two', [16, 16.2, 16.4]),
      ...read('two', [16], { takenAt: '2026-08-02T10:00:00.000Z' }),
    ];
    const sizes = replicateSets(readings).map((replicateSet) => replicateSet.values.length);
    expect(sizes).toEqual([2, 1, 1, 3, 1]);
    expect(repeatabilityOf('AB', replicateSets(readings))).toMatchObject({ degreesOfFreedom: 8 });
  });

  test('a lot’s own replicates do not count twice, and nobody’s readings teach nothing', () => {
    const sets = replicateSets([
      ...read('one', [17.2, 17.4]),
      ...read('two', [16, 17], { reader: '' }),
    ]);
    expect(sets).toHaveLength(1);
    expect(repeatabilityFor({ lotId: 'one', readers: ['AB'] }, sets).from).toBe('assumed');
    expect(repeatabilityFor({ lotId: 'two', readers: ['AB', ''] }, sets).from).toBe('mixed');
  });

  test('a stream says nothing of who reads; practice does', () => {
    const stream = read('one', [17.2, 17.4], { settledStandard: 0.01 });
    const practice = read('one', [17.2, 17.4], { practice: true });
    expect(replicateSets(stream)).toEqual([]);
    expect(replicateSets(practice)).toHaveLength(1);
  });
});

describe('a lot with everything from the bench', () => {
  const scribe = countingScribe('lot');
  const records = sampleLot(scribe);
  const [lot, bucket, , reading] = records;
  const { instrument, checks } = sampleMeter(scribe, [{}]);
  const meters = metersOf([instrument], checks);
  const own = firstRevision(
    scribe,
    'reading',
    onMeter(instrument.entityId, { containerId: bucket!.entityId, item: 2 }),
    lot!.entityId,
  );
  const work = sampleBenchWork(scribe, {
    lotId: lot!.entityId,
    bucketId: bucket!.entityId,
    readingId: reading!.entityId,
  });
  const all = [...records, own, ...work];
  const file = lotFileOf(all)!;

  test('its evidence holds plan, senses, laboratory and claims', () => {
    const evidence = evidenceFrom(contentsOf(file), { meters });
    expect(evidence.plan?.plannedIds).toHaveLength(1);
    expect(evidence.laboratory?.from).toBe('A laboratory, 2026-08-20');
    expect(ruleOnLot(evidence).findings.map((finding) => finding.ruleId)).toEqual(
      expect.arrayContaining(['sampling-plan', 'laboratory-limits', 'senses-and-purity']),
    );
  });

  test('a signed ruling rests on the checks behind its readings too: a later jump is said', () => {
    const evidence = evidenceFrom(contentsOf(file), { meters });
    const evidenceIds = evidenceIdsOf(file, meters);
    expect(evidenceIds).toContain(checks[0]!.id);
    const signature = {
      outcome: 'accept',
      initials: 'AB',
      overrideReason: 'x',
      remark: '',
    } as const;
    const content = signedRulingContent(
      signature,
      {
        evidence,
        ruling: ruleOnLot(evidence),
        evidenceIds,
      },
      IN_CODES,
    );
    const signed = lotFileOf([...all, firstRevision(scribe, 'ruling', content, lot!.entityId)])!;
    expect(isRulingOutdated(signed, meters)).toBe(false);
    const jump = firstRevision(
      scribe,
      'zero-check',
      { ...SAMPLE_CHECK, dialValues: [1.465], takenAt: '2026-08-20T10:00:00.000Z' },
      instrument.entityId,
    );
    expect(isRulingOutdated(signed, metersOf([instrument], [...checks, jump]))).toBe(true);
    const quiet = nextRevision(scribe, jump, {
      content: { ...jump.content, dialValues: [1.469] },
      reason: 'Typing slip',
    });
    expect(isRulingOutdated(signed, metersOf([instrument], [...checks, quiet]))).toBe(false);
  });

  test('suspicious vessels are reported to the rules with their reason', () => {
    const marked = file.containers.map(({ entityId, content }) => ({
      entityId,
      content: { ...content, suspects: [{ item: 2, because: 'drip' as const }] },
    }));
    const { vessels } = evidenceFrom(
      { ...contentsOf(file), containers: marked },
      { meters: NO_METERS },
    );
    expect(vessels.map((vessel) => inEnglish(vessel.suspectBecause))).toEqual([
      '',
      'drained from cappings',
    ]);
  });

  test('the ledger knows what other lots teach', () => {
    const other = sampleLot(countingScribe('other'));
    const ledger = ledgerOf(lotFilesOf([...all, ...other]), {
      ...plainRelated(0),
      book: { ...bookOf([]), meters },
    });
    const contents = contentsOf(file);
    const known = knownFor(ledger, { lotId: lot!.entityId, contents });
    expect(ledger.files).toHaveLength(2);
    expect(known.meters).toBe(meters);
    expect(known.repeatability).toMatchObject({ degreesOfFreedom: 5 });
  });
});
