import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { priorExpectation, type ShakeResult } from '../capping/expectation';
import { honeyFrame, honeySide } from '../test/frameEvidence';
import { compareSchools, plainComparison } from './compare';
import { NO_CONTEXT, decideFrames, type DecideContext } from './decide';
import { CAPPING_RATE_PRIOR, finishing } from './finishing';
import { DECISIONS, type FrameAct } from './forced';
import { frameCapping, pooledStates, type FrameEvidence } from './frameEvidence';
import { SCHOOLS, schoolOf } from './school';
import { inEnglish } from '../test/inEnglish';

const acts = (frames: readonly FrameEvidence[], schoolId: string, context?: DecideContext) =>
  decideFrames(frames, schoolOf(schoolId), context).map((frame) => frame.act);
const actOf = (frame: FrameEvidence, schoolId = 'four-fifths'): FrameAct =>
  acts([frame], schoolId)[0]!;

const tenth = fc.integer({ min: 0, max: 10 });
const shake = fc.constantFrom<ShakeResult>('not-done', 'nothing-fell', 'drops', 'runs');
const anyFrame = fc
  .record({ a: tenth, b: tenth, shake, massKg: fc.double({ min: 0.2, max: 4, noNaN: true }) })
  .map(({ a, b, shake: shaken, massKg }) =>
    honeyFrame([a, b], { shake: shaken, honey: { massKg, standardUncertaintyKg: 0.1 } }),
  );
const anySchool = fc.constantFrom(...SCHOOLS);
const isTaken = (act: FrameAct): boolean => act === 'take' || act === 'take-to-dry';

describe('each school on the same frame', () => {
  test.each<[readonly [number, number], ShakeResult, Record<string, FrameAct>]>([
    [
      [10, 10],
      'not-done',
      {
        'full-capping': 'take',
        'four-fifths': 'take',
        'whole-lot': 'take',
        'early-and-dry': 'take',
        'mix-then-dry': 'take',
        'meter-first': 'take',
      },
    ],
    [
      [9, 8],
      'not-done',
      {
        'full-capping': 'put-back',
        'four-fifths': 'take',
        'whole-lot': 'take',
        'early-and-dry': 'take',
        'mix-then-dry': 'take',
      },
    ],
    [
      [9, 6],
      'nothing-fell',
      { 'full-capping': 'put-back', 'four-fifths': 'take', 'early-and-dry': 'take-to-dry' },
    ],
    [
      [9, 6],
      'not-done',
      { 'four-fifths': 'put-back', 'whole-lot': 'put-back', 'early-and-dry': 'take-to-dry' },
    ],
    [
      [3, 3],
      'drops',
      { 'four-fifths': 'put-back', 'early-and-dry': 'take-to-dry', 'mix-then-dry': 'take' },
    ],
    [
      [3, 3],
      'runs',
      { 'whole-lot': 'put-back', 'early-and-dry': 'put-back', 'mix-then-dry': 'put-back' },
    ],
  ])('%p tenths, %s', (sides, shaken, expected) => {
    for (const [school, act] of Object.entries(expected)) {
      expect([school, actOf(honeyFrame(sides, { shake: shaken }), school)]).toEqual([school, act]);
    }
  });

  test('the pooled school hides one bad frame among good ones, and stops before the second', () => {
    const good = Array.from({ length: 4 }, () => honeyFrame([9, 9]));
    const bad = [honeyFrame([4, 5]), honeyFrame([4, 5])];
    expect(acts([...good, ...bad], 'whole-lot').filter(isTaken)).toHaveLength(5);
    expect(acts([...good, ...bad], 'four-fifths').filter(isTaken)).toHaveLength(4);
  });

  test('meter first reads open cells against the limit', () => {
    const read = (cellMoisturePercent: number) => honeyFrame([5, 5], { cellMoisturePercent });
    expect(actOf(read(18.2), 'meter-first')).toBe('take');
    expect(actOf(read(21), 'meter-first')).toBe('put-back');
    expect(actOf(honeyFrame([5, 5]), 'meter-first')).toBe('put-back');
  });

  test('an unknown school is the default one; own ones are found', () => {
    const own = { ...schoolOf('full-capping'), id: 'own', name: 'Ours', ripeShare: 0.9 };
    expect(schoolOf('nobody').id).toBe('four-fifths');
    expect(schoolOf('own', [own]).ripeShare).toBe(0.9);
  });
});

describe('what holds for every school', () => {
  const block = { givenId: 'g', kind: 'treatment', name: 'a strip', why: 'during' } as const;
  test.each<[string, Partial<FrameEvidence>, FrameAct]>([
    ['larvae of beetles', { beetles: 'larvae' }, 'nothing'],
    ['the queen', { queenSeen: true }, 'put-back'],
    ['a treatment', { blocks: [block] }, 'leave'],
    ['a nest of brood', { brood: 'nest' }, 'leave'],
    ['a few cells of brood', { brood: 'few-cells' }, 'put-back'],
    ['hardly any honey', { honey: { massKg: 0.05, standardUncertaintyKg: 0 } }, 'strip'],
    ['no honey', { sides: [honeySide(0, 'not-done', 0), honeySide(0, 'not-done', 0)] }, 'nothing'],
  ])('%s decides before any school', (_name, change, act) => {
    for (const { id } of SCHOOLS) {
      expect([id, actOf(honeyFrame([10, 10], change), id)]).toEqual([id, act]);
    }
  });

  test('a few brood cells or a block can be overridden with a reason, a nest cannot', () => {
    expect(actOf(honeyFrame([10, 10], { brood: 'few-cells', broodExcused: true }))).toBe('take');
    expect(actOf(honeyFrame([10, 10], { blocks: [block], blocksCleared: true }))).toBe('take');
    expect(actOf(honeyFrame([10, 10], { brood: 'nest', broodExcused: true }))).toBe('leave');
  });

  test('sections go by their pieces', () => {
    expect(actOf(honeyFrame([9, 9], { sections: { ripe: 3, all: 8 } }))).toBe('comb-honey');
    expect(actOf(honeyFrame([9, 9], { sections: { ripe: 0, all: 8 } }))).toBe('put-back');
  });

  test('one sentence for every frame, and never an act of another name', () => {
    fc.assert(
      fc.property(fc.array(anyFrame, { minLength: 1, maxLength: 8 }), anySchool, (all, school) => {
        const decisions = decideFrames(all, school);
        expect(decisions.map((decision) => decision.frameId)).toEqual(all.map((frame) => frame.id));
        for (const { act, sentence } of decisions) {
          expect(DECISIONS).toContain(act);
          expect(inEnglish(sentence)).toMatch(/^[A-Z0-9].*\.$/);
          expect(inEnglish(sentence)).not.toMatch(/NaN|undefined|\.\./);
        }
      }),
    );
  });
});

/** The same frame with one side capped further by a tenth. */
function furtherCapped(frame: FrameEvidence, at: number): FrameEvidence {
  const sides = frame.sides.map((side, index) =>
    index === at
      ? honeySide(Math.min(10, Math.round(side.shares.capped * 10) + 1), side.shake)
      : side,
  );
  return { ...frame, sides };
}

describe('properties', () => {
  const frames = fc.array(anyFrame, { minLength: 1, maxLength: 10 });

  test('more capping never makes a school take fewer frames, nor drop the frame itself', () => {
    fc.assert(
      fc.property(frames, fc.nat(9), fc.nat(1), anySchool, (all, which, side, school) => {
        const at = which % all.length;
        const more = all.map((frame, index) => (index === at ? furtherCapped(frame, side) : frame));
        const [before, after] = [decideFrames(all, school), decideFrames(more, school)];
        const taken = (list: typeof before) =>
          list.filter((frameDecision) => isTaken(frameDecision.act)).length;
        expect(taken(after)).toBeGreaterThanOrEqual(taken(before));
        if (isTaken(before[at]!.act)) expect(isTaken(after[at]!.act)).toBe(true);
      }),
      { numRuns: 400 },
    );
  });

  test('what the pooled school takes reaches its share; one more frame would not', () => {
    fc.assert(
      fc.property(frames, (all) => {
        const taken = all.filter((_, at) => isTaken(acts(all, 'whole-lot')[at]!));
        if (taken.length === 0) return;
        expect(pooledStates(taken)!.capped).toBeGreaterThanOrEqual(0.8 - 1e-6);
      }),
    );
  });

  test('the share of a frame lies between those of its sides, states sum to one', () => {
    fc.assert(
      fc.property(anyFrame, (frame) => {
        const shares = frame.sides.map((side) => side.capped!.share);
        expect(frameCapping(frame)!.share).toBeGreaterThanOrEqual(Math.min(...shares) - 1e-9);
        expect(frameCapping(frame)!.share).toBeLessThanOrEqual(Math.max(...shares) + 1e-9);
        const states = Object.values(pooledStates([frame])!);
        expect(states.reduce((sum, state) => sum + state, 0)).toBeCloseTo(1, 9);
      }),
    );
  });
});

describe('what stays with the colony', () => {
  const school = { ...schoolOf('four-fifths'), stays: 'colony-first' as const };
  const box = [honeyFrame([10, 10]), honeyFrame([9, 9]), honeyFrame([9, 8])].map((frame) => ({
    ...frame,
    colonyId: 'hive',
  }));

  test('a colony-first school keeps back the least capped frames until the target is met', () => {
    const context = { ...NO_CONTEXT, lackingKg: new Map([['hive', 3]]) };
    const decisions = decideFrames(box, school, context);
    expect(decisions.map((decision) => decision.act)).toEqual(['take', 'leave', 'leave']);
    expect(inEnglish(decisions[2]?.sentence)).toContain('3.0 kg short');
    expect(decisions[2]?.alternatives()[0]?.act).toBe('take');
  });

  test('with nothing lacking, and under a school that clears, all ripe frames go', () => {
    expect(decideFrames(box, school).map((frame) => frame.act)).toEqual(['take', 'take', 'take']);
    const context = { ...NO_CONTEXT, lackingKg: new Map([['hive', 3]]) };
    expect(acts(box, 'four-fifths', context)).toEqual(['take', 'take', 'take']);
  });
});

describe('put back or take', () => {
  const task = { share: 0.5, standardUncertainty: 0.08, wantedShare: 0.8, earlier: [] };
  test('a long flow finishes it, a short one does not, none never does', () => {
    const within = (daysLeft: number | null) =>
      finishing({ ...task, daysLeft, temperatureC: 24 }).probability;
    expect(within(20)).toBeGreaterThan(0.85);
    expect(within(2)).toBeLessThan(0.3);
    expect(within(null)).toBe(0);
    expect(within(10)).toBeGreaterThan(within(5));
  });

  test('earlier looks at the same frame tell its own rate', () => {
    const fast = [{ daysAgo: 4, share: 0.1, standardUncertainty: 0.05 }];
    const slow = [{ daysAgo: 10, share: 0.5, standardUncertainty: 0.05 }];
    const rate = (earlier: typeof fast) =>
      finishing({ ...task, earlier, daysLeft: 8, temperatureC: null }).ratePerDay;
    expect(rate(fast)).toBeGreaterThan(CAPPING_RATE_PRIOR.mean);
    expect(rate(slow)).toBeLessThan(CAPPING_RATE_PRIOR.mean);
    expect(rate([])).toBe(CAPPING_RATE_PRIOR.mean);
  });

  test('cold days hardly count; ripe comb needs nothing; nonsense is refused', () => {
    const at = (temperatureC: number) => finishing({ ...task, daysLeft: 12, temperatureC });
    expect(at(12).probability).toBeLessThan(at(22).probability);
    expect(at(5).daysNeeded).toBeNull();
    expect(finishing({ ...task, share: 0.9, daysLeft: 5, temperatureC: 20 }).probability).toBe(1);
    expect(() => finishing({ ...task, daysLeft: -1, temperatureC: 20 })).toThrow('daysLeft');
  });

  test('the day to look again comes before the flow ends', () => {
    const { lookAgainInDays, daysNeeded } = finishing({ ...task, daysLeft: 4, temperatureC: 24 });
    expect(daysNeeded).toBeGreaterThan(5);
    expect(lookAgainInDays).toBe(4);
  });

  test('the best way out comes first, others stay on offer', () => {
    const late = {
      ...NO_CONTEXT,
      finishingOf: () => finishing({ ...task, daysLeft: null, temperatureC: 20 }),
    };
    const [decision] = decideFrames([honeyFrame([5, 4])], schoolOf('four-fifths'), late);
    expect(decision?.act).toBe('leave');
    expect(decision?.alternatives().map((alternative) => alternative.act)).toEqual([
      'take-to-dry',
      'strip',
      'put-back',
    ]);
  });
});

describe('schools side by side', () => {
  const frames = [honeyFrame([10, 10]), honeyFrame([9, 8]), honeyFrame([6, 3]), honeyFrame([2, 2])];
  const outcomes = compareSchools(frames, SCHOOLS, plainComparison(priorExpectation(), 20, 18));
  const of = (id: string) => outcomes.find((outcome) => outcome.school.id === id)!;

  test('every frame is taken or left, every kilogram is somewhere', () => {
    for (const outcome of outcomes) {
      expect(outcome.takenFrames + outcome.leftFrames).toBe(4);
      expect(outcome.taken.massKg + outcome.left.massKg).toBeCloseTo(7.2, 9);
    }
  });

  test('the schools disagree as keepers do', () => {
    expect(outcomes.map((outcome) => [outcome.school.id, outcome.takenFrames])).toEqual([
      ['full-capping', 1],
      ['four-fifths', 2],
      ['whole-lot', 2],
      ['early-and-dry', 4],
      ['mix-then-dry', 4],
      ['meter-first', 2],
    ]);
    expect(of('early-and-dry').openShare).toBeCloseTo(0.375, 6);
    expect(of('early-and-dry').expected!.mean).toBeGreaterThan(of('four-fifths').expected!.mean);
    expect(of('early-and-dry').overProbability!).toBeGreaterThan(
      of('full-capping').overProbability!,
    );
  });

  test('drying: days in the comb, in the tank, or no way', () => {
    expect(of('early-and-dry').drying.status).toBe('days');
    expect(of('mix-then-dry').drying.status).toBe('in-the-tank');
    expect(of('full-capping').drying.status).toBe('dry-enough');
    const strict = compareSchools(frames, SCHOOLS, plainComparison(priorExpectation(), 18, 16.5));
    expect(strict[0]?.drying.status).toBe('no-way');
  });

  test('with nothing taken there is nothing to expect', () => {
    const [none] = compareSchools(
      [honeyFrame([1, 1])],
      SCHOOLS,
      plainComparison(priorExpectation(), 20, 18),
    );
    expect(none).toMatchObject({
      takenFrames: 0,
      expected: null,
      overProbability: null,
      openShare: null,
    });
  });
});
