import { describe, expect, test } from '@jest/globals';
import { priorExpectation } from '../capping/expectation';
import { conformityProbability } from '../conformity/conformity';
import { honeyFrame, honeySide } from '../test/frameEvidence';
import { compareSchools, plainComparison } from './compare';
import { NO_CONTEXT, decideFrames } from './decide';
import type { Finishing } from './finishing';
import { mayBeTaken } from './forced';
import {
  frameCount,
  frameShake,
  pooledStates,
  worseShake,
  worseSideShare,
  type FrameEvidence,
} from './frameEvidence';
import { SCHOOLS, schoolOf } from './school';
import { inEnglish } from '../test/inEnglish';

const block = {
  source: 'given',
  from: 'Hive 7',
  product: 'strips',
  onDay: 20_000,
} as unknown as FrameEvidence['blocks'][number];

const decided = (frame: FrameEvidence, schoolId = 'four-fifths', finish: Finishing | null = null) =>
  decideFrames([frame], schoolOf(schoolId), { ...NO_CONTEXT, finishingOf: () => finish })[0]!;

describe('why a frame is taken or not', () => {
  test('the poorer side decides, and is named with what the school wants', () => {
    expect(inEnglish(decided(honeyFrame([9, 7])).sentence)).toBe(
      'Its less capped side is at 70 %; your rule wants 80 %.',
    );
    expect(inEnglish(decided(honeyFrame([9, 8])).sentence)).toBe(
      'Both sides are at least 80 % capped.',
    );
  });

  test('a side under the share passes only where nothing fell, and from the excused share on', () => {
    const excused = decided(honeyFrame([9, 6], { shake: 'nothing-fell' }));
    expect(excused.act).toBe('take');
    expect(inEnglish(excused.sentence)).toBe(
      'Its less capped side is at 60 %, but nothing fell when shaken.',
    );
    expect(decided(honeyFrame([9, 4], { shake: 'nothing-fell' })).act).not.toBe('take');
    expect(decided(honeyFrame([9, 6], { shake: 'not-done' })).act).not.toBe('take');
    const two = [honeySide(6, 'nothing-fell'), honeySide(6, 'not-done')];
    expect(decided(honeyFrame([6, 6], { sides: two })).act).not.toBe('take');
  });

  test('an empty side says nothing against a ripe one', () => {
    const sides = [honeySide(9), honeySide(0, 'runs', 0)];
    const frame = honeyFrame([9, 9], { sides });
    expect(worseSideShare(frame)).toBeCloseTo(0.9, 9);
    expect(frameShake(frame)).toBe('not-done');
    expect(decided(frame).act).toBe('take');
  });

  test('a frame without honey has no poorer side', () => {
    const frame = honeyFrame([9, 9], { sides: [honeySide(0, 'not-done', 0)] });
    expect(worseSideShare(frame)).toBeNull();
    const { act, sentence } = decided(frame);
    expect([act, inEnglish(sentence)]).toEqual(['nothing', 'No honey in it.']);
  });

  test('meter first: cells at the limit pass, above it they do not, unread ones go by capping', () => {
    const read = (percent: number | null) =>
      decided(honeyFrame([5, 5], { cellMoisturePercent: percent }), 'meter-first');
    expect(read(20).act).toBe('take');
    expect(inEnglish(read(20).sentence)).toBe('Its open cells read 20.0 %.');
    expect(inEnglish(read(20.1).sentence)).toBe('Its open cells read 20.1 %, over 20.0 %.');
    expect(inEnglish(read(null).sentence)).toMatch(/wants 80 %\. Its open cells were not read\.$/);
  });

  test('early and dry: a ripe frame needs no room, an unripe one does', () => {
    const ripe = decided(honeyFrame([8, 8]), 'early-and-dry');
    expect(ripe.act).toBe('take');
    expect(inEnglish(ripe.sentence)).toBe('80 % capped: it goes with the rest.');
    expect(decided(honeyFrame([7, 7]), 'early-and-dry').act).toBe('take-to-dry');
    expect(inEnglish(decided(honeyFrame([7, 7]), 'mix-then-dry').sentence)).toContain(
      'if it reads wet',
    );
  });

  test('the pooled school says whether a frame stands on its own or is carried by the others', () => {
    const frames = [honeyFrame([9, 9]), honeyFrame([8, 8]), honeyFrame([7, 7]), honeyFrame([2, 2])];
    const sentences = decideFrames(frames, schoolOf('whole-lot')).map((frame) =>
      inEnglish(frame.sentence),
    );
    expect(sentences).toEqual([
      '90 % capped.',
      '80 % capped.',
      'Only 70 % capped, but the whole stays at 80 % or more.',
      '20 % capped: with it the whole would fall below 80 %.',
    ]);
  });

  test('a shake that is too wet is named for what fell', () => {
    expect(inEnglish(decided(honeyFrame([9, 9], { shake: 'runs' })).sentence)).toContain(
      'runs out',
    );
    expect(inEnglish(decided(honeyFrame([9, 9], { shake: 'drops' })).sentence)).toContain(
      'Drops fall',
    );
    expect(worseShake('drops', 'nothing-fell')).toBe('drops');
    expect(worseShake('nothing-fell', 'not-done')).toBe('not-done');
  });
});

describe('what comes of a frame put back', () => {
  const finish = (probability: number, lookAgainInDays: number | null = 5): Finishing => ({
    probability,
    ratePerDay: 0.05,
    daysNeeded: 4,
    lookAgainInDays,
  });
  const next = (found: Finishing | null): string =>
    inEnglish(decided(honeyFrame([5, 5]), 'full-capping', found).next);

  test('the chance is given in tenths, and never as certain', () => {
    expect(next(finish(0.97))).toContain('more than 9 of 10 such frames');
    expect(next(finish(0.94))).toContain('about 9 of 10 such frames');
    expect(next(finish(0.62))).toContain('about 6 of 10');
    expect(next(finish(0.62))).toContain('check again in 5 days');
    expect(next(null)).toBe('Put it back while nectar is coming in.');
  });

  test('where it hardly helps, or no nectar comes, the other ways say so', () => {
    const putBack = (found: Finishing): string =>
      inEnglish(
        decided(honeyFrame([5, 5]), 'full-capping', found)
          .alternatives()
          .find((alternative) => alternative.act === 'put-back')!.sentence,
      );
    expect(putBack(finish(0.02))).toContain('less than 1 of 10');
    const idle = { probability: 0, ratePerDay: 0, daysNeeded: null, lookAgainInDays: null };
    expect(putBack(idle)).toBe('No nectar is coming in: the bees would not finish it.');
  });

  test('of ways equally good the first named comes first', () => {
    const even = decided(honeyFrame([5, 5]), 'full-capping', finish(0.3));
    expect([even.act, even.alternatives()[0]?.act]).toEqual(['put-back', 'leave']);
  });
});

describe('what a colony lacks', () => {
  const school = { ...schoolOf('four-fifths'), stays: 'colony-first' as const };
  const hived = (tenths: readonly [number, number], colonyId: string | null = 'hive') =>
    honeyFrame(tenths, { colonyId });
  const actsWith = (frames: readonly FrameEvidence[], lacking: readonly [string, number][]) =>
    decideFrames(frames, school, { ...NO_CONTEXT, lackingKg: new Map(lacking) });

  test('frames that stay anyway count first: 1.8 kg of 2 kg, then the least capped', () => {
    const acts = actsWith([hived([3, 3]), hived([10, 10]), hived([9, 9])], [['hive', 2]]);
    expect(acts.map((act) => act.act)).toEqual(['leave', 'take', 'leave']);
    expect(inEnglish(acts[0]?.next)).toBe('The colony still lacks stores.');
    expect(inEnglish(acts[2]?.sentence)).toContain('0.2 kg short');
  });

  test('frames that stay are enough where the colony lacks no more', () => {
    const acts = actsWith([hived([3, 3]), hived([10, 10])], [['hive', 1.8]]);
    expect(acts.map((act) => act.act)).toEqual(['leave', 'take']);
  });

  test('other colonies, and frames of none, are not touched', () => {
    const frames = [hived([9, 9], 'other'), hived([9, 9], null), hived([9, 9])];
    expect(actsWith(frames, [['hive', 1]]).map((act) => act.act)).toEqual([
      'take',
      'take',
      'leave',
    ]);
  });

  test('what is stripped or spoiled neither stays nor is taken', () => {
    const spoiled = { ...hived([10, 10]), beetles: 'larvae' as const };
    const acts = actsWith([spoiled, hived([10, 10]), hived([10, 10])], [['hive', 2]]);
    expect(acts.map((act) => act.act)).toEqual(['nothing', 'leave', 'leave']);
  });
});

describe('what forbids a frame', () => {
  test('only larvae, and what was given and not cleared', () => {
    const frame = honeyFrame([9, 9]);
    expect(mayBeTaken(frame)).toBe(true);
    expect(mayBeTaken({ ...frame, beetles: 'larvae' })).toBe(false);
    expect(mayBeTaken({ ...frame, beetles: 'adults' })).toBe(true);
    expect(mayBeTaken({ ...frame, blocks: [block] })).toBe(false);
    expect(mayBeTaken({ ...frame, blocks: [block], blocksCleared: true })).toBe(true);
    expect(mayBeTaken({ ...frame, beetles: 'larvae', blocksCleared: true })).toBe(false);
  });

  test('frames judged together are judged without those that are forbidden', () => {
    const ripe = honeyFrame([8, 8]);
    const queen = { ...honeyFrame([0, 0]), queenSeen: true };
    const acts = decideFrames([queen, ripe], schoolOf('whole-lot')).map((frame) => frame.act);
    expect(acts).toEqual(['put-back', 'take']);
  });

  test('a tenth of a kilogram a frame is worth spinning, less is not', () => {
    const of = (massKg: number) =>
      decided(honeyFrame([9, 9], { honey: { massKg, standardUncertaintyKg: 0.01 } })).act;
    expect(of(0.1)).toBe('take');
    expect(of(0.099)).toBe('strip');
  });

  test('names of schools: own ones first, the default where there is none', () => {
    expect(schoolOf('no such school').id).toBe('four-fifths');
    expect(schoolOf('mine', [{ ...SCHOOLS[0]!, id: 'mine', name: 'Mine' }]).name).toBe('Mine');
  });
});

describe('frames together', () => {
  test('states go by honey: a light frame counts less, half a side half', () => {
    const heavy = honeyFrame([10, 10], { honey: { massKg: 3, standardUncertaintyKg: 0.1 } });
    const light = honeyFrame([0, 0], { honey: { massKg: 1, standardUncertaintyKg: 0.1 } });
    expect(pooledStates([heavy, light])!.capped).toBeCloseTo(0.75, 9);
    const uneven = honeyFrame([10, 0], { sides: [honeySide(10, 'not-done', 5), honeySide(0)] });
    expect(pooledStates([uneven])!.capped).toBeCloseTo(1 / 3, 9);
    const empty = honeyFrame([0, 0], { sides: [honeySide(0, 'not-done', 0)] });
    expect(pooledStates([empty])).toBeNull();
    expect(pooledStates([empty, heavy])!.capped).toBeCloseTo(1, 9);
  });

  test('a stroke counts for its frames', () => {
    expect(frameCount([honeyFrame([9, 9], { count: 8 }), honeyFrame([9, 9])])).toBe(9);
  });
});

describe('schools side by side, in numbers', () => {
  const frames = [
    honeyFrame([10, 10], { honey: { massKg: 2, standardUncertaintyKg: 0.1 } }),
    honeyFrame([4, 4], { count: 3, honey: { massKg: 3, standardUncertaintyKg: 0.1 } }),
  ];
  const context = plainComparison(priorExpectation(), 20, 18);
  const of = (id: string, limits = context) =>
    compareSchools(frames, SCHOOLS, limits).find((school) => school.school.id === id)!;

  test('frames and honey taken, to be dried and left', () => {
    expect(of('early-and-dry')).toMatchObject({ takenFrames: 4, toDryFrames: 3, leftFrames: 0 });
    expect(of('early-and-dry').taken.massKg).toBeCloseTo(5, 9);
    expect(of('four-fifths')).toMatchObject({ takenFrames: 1, toDryFrames: 0, leftFrames: 3 });
    expect(of('four-fifths').left.massKg).toBeCloseTo(3, 9);
    expect(of('four-fifths').taken.massKg).toBeCloseTo(2, 9);
  });

  test('the chance to be over is what is left of the chance to conform', () => {
    const { expected, overProbability } = of('mix-then-dry');
    expect(overProbability).toBeCloseTo(1 - conformityProbability(expected!, 20), 12);
    expect(overProbability).toBeGreaterThan(0);
    expect(overProbability).toBeLessThan(1);
  });

  test('honey just at the target is dry enough; a target out of reach has no way', () => {
    const { expected } = of('mix-then-dry');
    const at = (target: number, room = context.room) =>
      of('early-and-dry', { ...context, targetPercent: target, ...(room && { room }) }).drying;
    expect(at(expected!.mean).status).toBe('dry-enough');
    expect(at(expected!.mean - 0.3)).toMatchObject({ status: 'days' });
    const wet = { temperatureC: 30, relativeHumidity: 0.95 };
    expect(at(16, wet)).toEqual({ status: 'no-way' });
  });
});
