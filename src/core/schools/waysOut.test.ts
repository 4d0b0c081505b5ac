import { describe, expect, test } from '@jest/globals';
import type { ShakeResult } from '../capping/expectation';
import { honeyFrame } from '../test/frameEvidence';
import { NO_CONTEXT, decideFrames } from './decide';
import type { FrameAct } from './forced';
import type { FrameEvidence } from './frameEvidence';
import { schoolOf } from './school';

describe('ways out of a frame that is not taken', () => {
  const none = { ...NO_CONTEXT, finishingOf: () => null };
  const waysOf = (frame: FrameEvidence): FrameAct[] => {
    const [decision] = decideFrames([frame], schoolOf('full-capping'), none);
    return [decision!.act, ...decision!.alternatives().map((alternative) => alternative.act)];
  };

  test.each([
    [[9, 9], true],
    [[9, 8], false],
    [[8, 7], false],
  ] as const)('a comb keeps for spring from nine tenths: %p', (sides, keeps) => {
    expect(waysOf(honeyFrame(sides)).includes('keep-for-spring')).toBe(keeps);
  });

  test.each([
    [0.6, 1, true],
    [0.61, 1, false],
    [1.2, 2, true],
    [1.5, 2, false],
  ])('stripping %d kg of %d frames comes before leaving it: %p', (massKg, count, first) => {
    const honey = { massKg, standardUncertaintyKg: 0.05 };
    const ways = waysOf(honeyFrame([5, 4], { honey, count }));
    expect(ways.indexOf('strip') < ways.indexOf('leave')).toBe(first);
  });

  test('wet honey is dried last of all', () => {
    const dried = (shaken: ShakeResult) =>
      waysOf(honeyFrame([5, 4], { shake: shaken })).indexOf('take-to-dry');
    expect(dried('drops')).toBeGreaterThan(dried('nothing-fell'));
  });
});
