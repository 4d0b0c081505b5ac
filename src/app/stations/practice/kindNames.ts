import type { CaseChoice, CombKind } from '../../../core';
import { practiceWords } from '../../words/english/practice';

export const KIND_NAMES: Readonly<Record<CombKind, string>> = {
  plain: practiceWords.plain(),
  dark: practiceWords.dark(),
  patchy: practiceWords.patchy(),
  brood: practiceWords.brood(),
  gaps: practiceWords.gaps(),
  bees: practiceWords.bees(),
  glare: practiceWords.glare(),
};

export const CHOICE_NAMES: Readonly<Record<CaseChoice, string>> = {
  within: practiceWords.choiceWithin(),
  over: practiceWords.choiceOver(),
  'accept-all': practiceWords.choiceAcceptAll(),
  'hold-one': practiceWords.choiceHoldOne(),
  take: practiceWords.choiceTake(),
  leave: practiceWords.choiceLeave(),
  'jar-soon': practiceWords.choiceJarSoon(),
  'hold-taste': practiceWords.choiceHoldTaste(),
  'stir-in': practiceWords.choiceStirIn(),
  excuses: practiceWords.choiceExcuses(),
  'does-not': practiceWords.choiceDoesNot(),
  brood: practiceWords.choiceBrood(),
  'capped-honey': practiceWords.choiceCappedHoney(),
  'read-anyway': practiceWords.choiceReadAnyway(),
  'melt-first': practiceWords.choiceMeltFirst(),
};

/** Hundredths as points of a hundred. */
export const points = (share: number): number => Math.round(100 * Math.abs(share));

/** To which side an eye leans. */
export function leaning(bias: number): string {
  if (points(bias) < 1) return practiceWords.evenly();
  return bias > 0
    ? practiceWords.tooMuch({ points: points(bias) })
    : practiceWords.tooLittle({ points: points(bias) });
}
