import type { Timing } from '../../core';
import { combWords } from './english/comb';

/** When honey is taken off. */
export const TIMING_NAMES: Readonly<Record<Timing, string>> = {
  'after-each-flow': combWords.afterEachFlow(),
  'once-a-year': combWords.onceAYear(),
  'out-of-room': combWords.whenTheyRunOutOf(),
  'before-next-flow': combWords.justBeforeTheNextFlow(),
};
