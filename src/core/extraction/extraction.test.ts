import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { DomainError } from '../errors';
import { cleanUpSteps, type CleanUpSituation } from './cleanUp';
import { KIT_ITEMS, KIT_LEAD_DAYS, extractorFrames, kitNeeds, standInCost } from './kitList';
import { loadsOf, oppositePairs } from './loads';
import { spunOut } from './spunOut';
import { TOOLS, judgeTools } from './tools';

describe('loads', () => {
  test('full loads first; an odd rest is balanced by a wet frame', () => {
    expect(loadsOf(43, 20)).toEqual([
      { frames: 20, counterweights: 0 },
      { frames: 20, counterweights: 0 },
      { frames: 3, counterweights: 1 },
    ]);
    expect(loadsOf(6, 4)[1]).toEqual({ frames: 2, counterweights: 0 });
    expect(loadsOf(5, 4)[1]).toEqual({ frames: 1, counterweights: 1 });
    // thirds balance in a cage of nine
    expect(loadsOf(12, 9)[1]).toEqual({ frames: 3, counterweights: 0 });
    expect(loadsOf(0, 9)).toEqual([]);
    expect(() => loadsOf(-1, 4)).toThrow(DomainError);
    expect(() => loadsOf(4, 0)).toThrow(DomainError);
  });

  test('pairs of neighbours by weight are never more uneven than pairs by chance', () => {
    const weights = fc.array(fc.double({ min: 0.5, max: 4, noNaN: true }), {
      minLength: 2,
      maxLength: 20,
    });
    fc.assert(
      fc.property(weights, (kgs) => {
        const frames = kgs.map((kg, at) => ({ id: String(at), kg }));
        const uneven = (pairs: readonly (readonly [{ kg: number }, { kg: number } | null])[]) =>
          pairs.reduce((sum, [a, b]) => sum + (b ? Math.abs(a.kg - b.kg) : 0), 0);
        const asTheyCome = frames.flatMap((frame, at) =>
          at % 2 === 0 && frames[at + 1] ? [[frame, frames[at + 1]!] as const] : [],
        );
        const even = kgs.length % 2 === 0;
        if (even)
          expect(uneven(oppositePairs(frames))).toBeLessThanOrEqual(uneven(asTheyCome) + 1e-9);
        expect(
          oppositePairs(frames)
            .flat()
            .filter((oppositePair) => oppositePair !== null),
        ).toHaveLength(kgs.length);
      }),
    );
  });
});

describe('tools', () => {
  const combs = { face: 'sunken', isNew: true, frames: 100, honeyKgPerFrame: 1.5 } as const;

  test('sunken comb is for a fork; a hot knife is wrong for its face and for new comb', () => {
    const judged = judgeTools(combs, TOOLS);
    expect(judged[0]?.tool.kind).toBe('fork');
    expect(
      judged.find((toolJudgement) => toolJudgement.tool.kind === 'hot-knife')?.against,
    ).toEqual(['face', 'new-comb']);
    expect(judgeTools({ ...combs, face: 'proud', isNew: false }, TOOLS)[0]?.against).toEqual([]);
  });

  test('time and loss are frames times those of the tool', () => {
    const [fork] = judgeTools(combs, TOOLS);
    expect(fork?.minutes).toBe(150);
    expect(fork?.lossKg).toBeCloseTo(100 * 1.5 * 0.02, 9);
    expect(() => judgeTools(combs, [])).toThrow(DomainError);
    expect(() => judgeTools({ ...combs, frames: -1 }, TOOLS)).toThrow(DomainError);
  });
});

describe('a frame weighed before and after spinning', () => {
  const frame = { beforeKg: 2.2, afterKg: 0.44, tareKg: 0.4, plusMinusKg: 0.03 };

  test('empty, to be spun on, or not settled by such a scale', () => {
    expect(spunOut(frame)).toMatchObject({
      verdict: 'empty',
      outKg: expect.closeTo(1.76, 9) as unknown,
    });
    expect(spunOut({ ...frame, afterKg: 0.8 }).verdict).toBe('spin-on');
    expect(spunOut({ ...frame, plusMinusKg: 0.1 }).verdict).toBe('not-settled');
    expect(spunOut(frame).leftShare.likely).toBeCloseTo(0.04 / 1.8, 9);
  });

  test('after cannot be heavier than before, nor before lighter than the frame', () => {
    expect(() => spunOut({ ...frame, afterKg: 2.5 })).toThrow(DomainError);
    expect(() => spunOut({ ...frame, beforeKg: 0.3 })).toThrow(DomainError);
  });
});

describe('kit', () => {
  test('pails and jars for what is likely, and enough for nineteen of twenty seasons', () => {
    const needs = kitNeeds({
      honey: { massKg: 100, standardUncertaintyKg: 15 },
      pailKg: 12.5,
      jarKg: 0.5,
      jarredShare: 0.5,
    });
    const of = (item: string) => needs.find((need) => need.item === item);
    expect(of('pails')).toMatchObject({ likely: 8, enough: 10 });
    expect(of('jars')).toMatchObject({ likely: 103, enough: 129 });
    expect(of('fine-mesh')).toMatchObject({ likely: 1, enough: 1 });
    expect(() =>
      kitNeeds({
        honey: { massKg: NaN, standardUncertaintyKg: 0 },
        pailKg: 10,
        jarKg: 1,
        jarredShare: 1,
      }),
    ).toThrow(DomainError);
  });
});

describe('what is ordered, and what stands in', () => {
  test('everything has its lead time; jars take longest', () => {
    const days = KIT_ITEMS.map((item) => KIT_LEAD_DAYS[item]);
    expect(Math.min(...days)).toBeGreaterThan(0);
    expect(Math.max(...days)).toBe(KIT_LEAD_DAYS.jars);
  });

  test('a bread knife for 80 kg: fifty frames, a minute each, and honey in the wax', () => {
    expect(standInCost('uncapping-tool', 80)?.hours).toBeCloseTo(50 / 60, 6);
    expect(standInCost('uncapping-tool', 80)?.lossKg).toBeCloseTo(1.6, 6);
    expect(standInCost('coarse-mesh', 80)).toEqual({ hours: 2, lossKg: 0 });
    expect(standInCost('jars', 80)).toBeNull();
    expect(() => standInCost('jars', -1)).toThrow(DomainError);
  });

  test('an extractor for a family and for a house', () => {
    expect(extractorFrames(20, 4)).toBe(1);
    expect(extractorFrames(240, 8)).toBe(6);
    expect(extractorFrames(0, 4)).toBe(0);
    expect(() => extractorFrames(10, 0)).toThrow(DomainError);
    expect(() => extractorFrames(-1, 4)).toThrow(DomainError);
  });
});

describe('cleaning up', () => {
  const calm: CleanUpSituation = {
    flowNow: false,
    nextFlowNamed: false,
    disease: 'none-known',
    originLost: false,
  };
  const tasks = (change: Partial<CleanUpSituation>) =>
    cleanUpSteps({ ...calm, ...change }).map((cleanUpStep) => cleanUpStep.task);

  test('bees off first; wet combs go home only without a flow', () => {
    expect(tasks({})[0]).toBe('bees-off');
    expect(tasks({})).toContain('wet-home');
    expect(tasks({ flowNow: true })).not.toContain('wet-over-cover');
    expect(tasks({ flowNow: true })).toContain('stored-dry');
  });

  test('nothing goes to any colony while a disease is suspected or the origin is lost', () => {
    for (const change of [{ disease: 'suspected' }, { originLost: true }] as const) {
      expect(tasks(change)).toContain('wet-not-yet');
      expect(tasks(change)).not.toContain('wet-home');
    }
  });

  test('where nobody looked, only their own colony may have them', () => {
    expect(tasks({ disease: 'unknown' })).toContain('wet-home');
    expect(tasks({ disease: 'unknown' })).not.toContain('wet-over-cover');
  });

  test.each(['home', 'robbed-out', 'washed', 'stored'] as const)(
    '%s: whatever the school, sick or lost combs go nowhere, and unknown ones are not robbed out',
    (way) => {
      expect(tasks({ way, disease: 'suspected' })[1]).toBe('wet-not-yet');
      expect(tasks({ way, originLost: true })[1]).toBe('wet-not-yet');
      expect(tasks({ way, disease: 'unknown' })).not.toContain('robbed-out');
      expect(tasks({ way, flowNow: true })).not.toContain('robbed-out');
    },
  );

  test('each school has its own way with sound combs', () => {
    expect(tasks({ way: 'robbed-out' })[1]).toBe('robbed-out');
    expect(tasks({ way: 'washed' })[1]).toBe('washed');
    expect(tasks({ way: 'stored' })[1]).toBe('stored-wet');
    expect(tasks({ way: 'home' })).toEqual(tasks({}));
  });

  test('boxes are cleaned before a flow whose name goes on a label', () => {
    expect(tasks({ nextFlowNamed: true })).toContain('boxes-cleaned');
    expect(tasks({})).not.toContain('boxes-cleaned');
  });
});
