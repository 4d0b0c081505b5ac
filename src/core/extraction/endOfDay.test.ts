import { describe, expect, test } from '@jest/globals';
import { DomainError } from '../errors';
import { sampleLine } from '../test/extractionLine';
import { framesDoneBy } from './endOfDay';
import { planLine, honeyDoneMin } from './planLine';

const line = sampleLine({ frames: 120 });
const doneMin = (frames: number): number => honeyDoneMin(planLine({ ...line, frames }).course);

describe('frames that are done by a time', () => {
  test('as many whole loads as fit, and not one more', () => {
    const load = line.extractor.framesPerLoad * line.extractor.count;
    for (const share of [0.2, 0.5, 0.8]) {
      const endMin = line.startMin + share * (doneMin(120) - line.startMin);
      const frames = framesDoneBy(line, endMin);
      expect(frames % load).toBe(0);
      expect(frames === 0 || doneMin(frames) <= endMin).toBe(true);
      expect(doneMin(frames + load)).toBeGreaterThan(endMin);
    }
  });

  test('all of them where the day is long enough, none before it begins', () => {
    expect(framesDoneBy(line, Math.ceil(doneMin(120)))).toBe(120);
    expect(framesDoneBy(line, line.startMin)).toBe(0);
    expect(framesDoneBy(line, line.startMin + 1)).toBe(0);
  });

  test('a time that is none is refused', () => {
    expect(() => framesDoneBy(line, NaN)).toThrow(DomainError);
    expect(() => framesDoneBy(line, 3000)).toThrow(DomainError);
  });
});
