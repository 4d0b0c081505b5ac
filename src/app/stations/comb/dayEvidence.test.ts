import {
  SAMPLE_SURVEY,
  sampleLook,
  sampleLooks,
  sampleYard,
  type SampleYard,
} from '../../../records/test/sampleYard';
import { describe, expect, test } from '@jest/globals';
import { SCHOOLS, priorExpectation } from '../../../core';
import {
  bookOf,
  harvestFileOf,
  judgeFrames,
  judgingOf,
  type HarvestDay,
  climateOfDay,
  crop,
  doneFrames,
  frameCounts,
  leftForColony,
  schoolsOnDay,
} from '../../../model';
import { firstRevision, nextRevision, type AnyRecord } from '../../../records';

function dayOf(yard: SampleYard, more: readonly AnyRecord[]): HarvestDay {
  const all = [...yard.records, ...more];
  const book = bookOf(all);
  const file = harvestFileOf(all, yard.harvest.entityId);
  const judging = judgingOf(book, yard.harvest);
  return { book, harvest: yard.harvest, file, judging, judged: judgeFrames(file.stories, judging) };
}

const yard = sampleYard();
const looks = sampleLooks(yard, [sampleLook([10, 10]), sampleLook([9, 9]), sampleLook([3, 2])]);

describe('a day in figures', () => {
  test('taken and judged, frame by frame and at one stroke', () => {
    expect(frameCounts(doneFrames(dayOf(yard, looks)))).toEqual({ taken: 2, judged: 3 });
    const survey = firstRevision(yard.scribe, 'stroke', SAMPLE_SURVEY, yard.harvest.entityId);
    expect(frameCounts(doneFrames(dayOf(yard, [...looks, survey])))).toEqual({
      taken: 102,
      judged: 103,
    });
  });

  test('the crop: only what is taken counts, and the wet frame left behind does not', () => {
    const found = crop(doneFrames(dayOf(yard, looks)), priorExpectation());
    expect(found?.mass.massKg).toBeCloseTo(3.65, 1);
    expect(found?.openShare).toBeCloseTo(0.05, 6);
    expect(found?.expected.mean).toBeLessThan(18);
    expect(crop([], priorExpectation())).toBeNull();
  });

  test('what stays with its colony', () => {
    const day = dayOf(yard, looks);
    const left = leftForColony(day, yard.hives[0].entityId);
    expect(left.frames).toBe(1);
    expect(left.kg).toBeCloseTo(1.83, 1);
    expect(leftForColony(day, yard.hives[1].entityId)).toEqual({ frames: 0, kg: 0 });
  });

  test('the climate is that of the yard most of the honey is from', () => {
    expect(climateOfDay(dayOf(yard, looks))).toBe('damp');
    const elsewhere = firstRevision(yard.scribe, 'yard', {
      name: 'Dry hill',
      climate: 'dry',
      remark: '',
    });
    const content = { ...SAMPLE_SURVEY, yardId: elsewhere.entityId };
    const survey = firstRevision(yard.scribe, 'stroke', content, yard.harvest.entityId);
    expect(climateOfDay(dayOf(yard, [...looks, elsewhere, survey]))).toBe('dry');
    const gone = nextRevision(yard.scribe, survey, { withdrawn: true, reason: 'Removed' });
    expect(climateOfDay(dayOf(yard, [...looks, elsewhere, survey, gone]))).toBe('damp');
  });

  test('all schools see the same frames', () => {
    const day = dayOf(yard, looks);
    const outcomes = schoolsOnDay(day, doneFrames(day), {
      schools: SCHOOLS,
      expectation: priorExpectation(),
    });
    for (const outcome of outcomes) expect(outcome.takenFrames + outcome.leftFrames).toBe(3);
    expect(outcomes.map((outcome) => outcome.takenFrames)).toEqual([1, 2, 2, 3, 3, 2]);
  });
});
