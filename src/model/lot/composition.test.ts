import { describe, expect, test } from '@jest/globals';
import { ruleOnLot, schoolOf } from '../../core';
import { harvestFileOf } from '../day/harvestFile';
import { judgeFrames, judgingOf } from '../day/judging';
import { contentsOf, evidenceFrom } from './lotEvidence';
import { evidenceIdsOf, lotFileOf } from './lotFile';
import { freshLotContent } from '../../records/lots/lot';
import {
  lotFrameOf,
  lotFrameOfSurvey,
  lotFramesContent,
  compositionCount,
  compositionMass,
  compositionShake,
  compositionStates,
} from './lotComposition';
import { plainRelated } from '../test/plainRelated';
import { pastLotsBefore, pastLotsOf, teachingLots } from './pastLots';
import { firstRevision } from '../../records/revise';
import { framesOfSurvey, surveyParts, verdictOfSurvey } from '../day/surveyEvidence';
import type { Book } from '../day/book';
import type { SurveyContent } from '../../records/hives/survey';
import { SAMPLE_READING } from '../../records/test/sampleLot';
import {
  sampleBook,
  sampleGiven,
  sampleLook,
  sampleLooks,
  sampleYard,
} from '../../records/test/sampleYard';
import { NO_METERS } from './meters';
import { inEnglish } from '../../core/test/inEnglish';

/** A lot made of some frames, with readings if asked for. */
function lotOf(
  tenths: readonly (readonly [number, number])[],
  { dial = null as number | null, day = '2026-08-10', excuse = '' } = {},
) {
  const yard = sampleYard({ day }, `lot-${tenths.length}-${dial ?? 0}-${day}`);
  const looks = sampleLooks(
    yard,
    tenths.map((tenth) => sampleLook(tenth, { blockExcuse: excuse })),
  );
  const book = sampleBook(yard, excuse === '' ? [] : [sampleGiven(yard)]);
  const { stories } = harvestFileOf([...yard.records, ...looks], yard.harvest.entityId);
  const frames = judgeFrames(stories, judgingOf(book, yard.harvest)).map((frame) =>
    lotFrameOf(frame, book, yard.harvest),
  );
  const { scribe } = yard;
  const lot = firstRevision(scribe, 'lot', freshLotContent('a', day));
  const basis = { harvestId: yard.harvest.entityId, school: schoolOf('four-fifths') };
  const content = lotFramesContent(frames, { ...basis, climate: 'damp' });
  const composition = firstRevision(scribe, 'lot-frames', content, lot.entityId);
  const readings =
    dial === null
      ? []
      : [firstRevision(scribe, 'reading', { ...SAMPLE_READING, dialValue: dial }, lot.entityId)];
  const file = lotFileOf([lot, composition, ...readings]);
  if (!file) throw new Error('no lot');
  return { file, content };
}

describe('the make-up of a lot', () => {
  test('says by name where each frame is from, and in which flow', () => {
    const { content } = lotOf([[9, 9]]);
    expect(content.frames[0]).toMatchObject({
      hive: 'Hive 7',
      box: 'Box 1',
      slot: 1,
      yard: 'Dyke',
      flows: ['Sea lavender'],
      cleared: '',
    });
    expect(content.school.name).toBe('Four fifths');
  });

  test('a frame put back in one flow and taken in the next carries both', () => {
    const yard = sampleYard({ day: '2026-07-01' }, 'flows');
    const beans = firstRevision(yard.scribe, 'flow', {
      name: 'Beans',
      plant: 'field beans',
      yardIds: [],
      expectedStart: '2026-06-10',
      expectedEnd: '2026-07-05',
      observedStart: null,
      observedEnd: null,
      remark: '',
    });
    const { content } = yard.harvest;
    const first = { ...yard.harvest, content: { ...content, flowId: beans.entityId } };
    const second = firstRevision(yard.scribe, 'harvest', { ...content, day: '2026-08-10' });
    const records = [
      ...yard.records.filter((record) => record !== yard.harvest),
      beans,
      first,
      second,
    ];
    const before = sampleLooks({ ...yard, records, harvest: first }, [sampleLook([4, 4])]);
    const now = sampleLooks({ ...yard, records, harvest: second }, [sampleLook([9, 9])], before);
    const book = sampleBook({ ...yard, records });
    const { stories } = harvestFileOf([...records, ...before, ...now], second.entityId);
    const [judged] = judgeFrames(stories, judgingOf(book, second));
    expect(lotFrameOf(judged!, book, second).flows).toEqual(['Beans', 'Sea lavender']);
  });

  test('pools the honey by mass: all of it is in some state', () => {
    const { content } = lotOf([
      [10, 10],
      [8, 8],
    ]);
    expect(compositionCount(content)).toBe(2);
    expect(compositionStates(content).capped).toBeCloseTo(0.9, 6);
    expect(compositionMass(content).massKg).toBeCloseTo(3.65, 1);
    const kg = content.frames.flatMap((frame) => Object.values(frame.states));
    expect(kg.reduce((sum, value) => sum + value, 0)).toBeCloseTo(
      compositionMass(content).massKg,
      6,
    );
  });

  test('a trace of wet comb does not speak for the lot, a share of it does', () => {
    const states = { capped: 0.9, 'not-done': 0, 'nothing-fell': 0.09, drops: 0.01, runs: 0 };
    expect(compositionShake(states)).toBe('nothing-fell');
    expect(compositionShake({ ...states, capped: 0.86, drops: 0.05 })).toBe('drops');
  });

  test('without a reading the lot is ruled on by its frames and their school', () => {
    const { file } = lotOf([
      [9, 9],
      [10, 9],
    ]);
    const ruling = ruleOnLot(evidenceFrom(contentsOf(file), { meters: NO_METERS }));
    expect(ruling.belief.basis).toBe('comb');
    const sentence = inEnglish(
      ruling.findings.find((finding) => finding.ruleId === 'ripe-by-comb')?.sentence,
    );
    expect(sentence).toContain('93 % capped');
    expect(sentence).toContain('rule “Four fifths”');
    expect(evidenceIdsOf(file, NO_METERS)).toHaveLength(2);
  });

  test('frames cleared by the keeper set a condition on every ruling', () => {
    const { file } = lotOf([[10, 10]], { dial: 17, excuse: 'label allows it.' });
    const found = ruleOnLot(evidenceFrom(contentsOf(file), { meters: NO_METERS })).findings.filter(
      (finding) => finding.ruleId === 'cleared-frames',
    );
    expect(found).toHaveLength(1);
    expect(found[0]).toMatchObject({ bearing: 'condition' });
    expect(inEnglish(found[0]?.sentence)).toContain('Hive 7');
    expect(inEnglish(found[0]?.sentence)).toContain('“label allows it”');
  });
});

describe('own lots teach', () => {
  test('judged and measured lots correct what the next is expected to be, never the other way', () => {
    const early = lotOf([[10, 10]], { dial: 16.4, day: '2026-06-20' }).file;
    const late = lotOf([[10, 10]], { day: '2026-08-20' }).file;
    const past = pastLotsOf(
      teachingLots([early, late], plainRelated(Date.parse('2026-11-24T08:00:00Z'))),
    );
    expect(past.map((datedPastLot) => datedPastLot.lotId)).toEqual([early.lot.entityId]);
    const expected = (file: typeof late) => {
      const { entityId: lotId, content } = file.lot;
      const before = pastLotsBefore(past, { lotId, day: content.date });
      return ruleOnLot(evidenceFrom(contentsOf(file), { meters: NO_METERS, pastLots: before }))
        .belief;
    };
    const untaught = ruleOnLot(evidenceFrom(contentsOf(late), { meters: NO_METERS })).belief;
    expect(expected(late).mean).toBeLessThan(untaught.mean - 0.5);
    expect(expected(late).standardUncertainty).toBeLessThan(untaught.standardUncertainty);
    expect(pastLotsBefore(past, { lotId: early.lot.entityId, day: '2026-06-20' })).toEqual([]);
  });
});

describe('judged at one stroke', () => {
  const survey: SurveyContent = {
    scope: 'yard',
    label: 'Upper row',
    yardId: null,
    boxes: 20,
    framesPerBox: 10,
    formatId: 'langstroth-medium',
    honeyTenths: 10,
    cappedTenths: 8,
    shake: 'nothing-fell',
    start: 0.4,
    sampleSize: 4,
    looks: [],
    act: 'take',
    remark: '',
  };
  const partsOf = (content: SurveyContent, book: Book) =>
    surveyParts({ id: 's', content }, { book, day: '2026-08-01' });
  const look = (cappedTenths: number, position: number) => ({ position, cappedTenths });

  test('without close looks all frames are alike; with them they fall into their proportions', () => {
    const book = sampleBook(sampleYard());
    expect(partsOf(survey, book).map((part) => part.evidence.count)).toEqual([200]);
    const looks = [look(9, 1), look(9, 60), look(5, 110), look(9, 170)];
    const groups = partsOf({ ...survey, looks }, book).map((part) => part.evidence);
    expect(groups.map((group) => group.count)).toEqual([150, 50]);
    expect(framesOfSurvey(survey)).toBe(200);
    const kg = groups.reduce((sum, group) => sum + group.honey.massKg, 0);
    expect(kg / 200).toBeCloseTo(1.83, 1);
  });

  test('the sample speaks from the second look on', () => {
    const book = sampleBook(sampleYard());
    expect(verdictOfSurvey({ ...survey, looks: [look(9, 1)] }, 'four-fifths', book)).toBeNull();
    const looks = [look(9, 1), look(9, 60), look(5, 110), look(9, 170)];
    const verdict = verdictOfSurvey({ ...survey, looks }, 'four-fifths', book);
    expect(verdict?.short).toBe(1);
    expect(verdict?.share).toBeCloseTo(0.8, 9);
    expect(verdict!.shortAtMost).toBeGreaterThan(100);
  });

  test('goes into a lot by its count', () => {
    const yard = sampleYard();
    const book = sampleBook(yard);
    const record = firstRevision(yard.scribe, 'stroke', survey, yard.harvest.entityId);
    const [part] = partsOf(survey, book);
    const frame = lotFrameOfSurvey(record, part!, { book, harvest: yard.harvest });
    expect(frame).toMatchObject({ count: 200, box: 'Upper row', slot: null, frameId: null });
  });
});
