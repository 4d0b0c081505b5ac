import { expect, test } from '@jest/globals';
import type { KeptJudgedFrame } from '../../../model';
import { frameSum } from './frameSum';

const judged = (slot: number, act: string, boxId = 'box'): KeptJudgedFrame =>
  ({ act, check: { slot, boxId } }) as KeptJudgedFrame;

test('what was judged of a box is summed by what becomes of it, in the order of the frames', () => {
  const frames = [
    judged(5, 'take'),
    judged(1, 'take'),
    judged(2, 'take-to-dry'),
    judged(4, 'put-back'),
    judged(6, 'leave'),
    judged(3, 'take', 'another box'),
  ];
  expect(frameSum(frames, 'box')).toBe('take 3 (1, 2, 5), put back 2 (4, 6)');
  expect(frameSum([judged(1, 'take')], 'box')).toBe('take 1 (1)');
  expect(frameSum([judged(1, 'put-back')], 'box')).toBe('put back 1 (1)');
  expect(frameSum([], 'box')).toBe('');
});
