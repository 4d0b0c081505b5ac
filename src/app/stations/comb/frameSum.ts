import { TAKING_ACTS } from '../../../core';
import type { KeptJudgedFrame } from '../../../model';
import { momentWords } from '../../words/english/moment';

/** "take 4 (1, 2, 3, 5), put back 2 (4, 6)": what was judged of a box so far; empty before the first. */
export function frameSum(judged: readonly KeptJudgedFrame[], boxId: string): string {
  const own = judged
    .filter(({ check }) => check.boxId === boxId)
    .sort((a, b) => a.check.slot - b.check.slot);
  const slotsOf = (taken: boolean): number[] =>
    own.filter(({ act }) => TAKING_ACTS.includes(act) === taken).map(({ check }) => check.slot);
  const [taken, back] = [slotsOf(true), slotsOf(false)];
  return [
    taken.length > 0 && momentWords.sumTaken({ count: taken.length, slots: taken.join(', ') }),
    back.length > 0 && momentWords.sumBack({ count: back.length, slots: back.join(', ') }),
  ]
    .filter((part) => part !== false)
    .join(', ');
}
