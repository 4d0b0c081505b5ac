import type { COMB_STEPS } from '../../../records';
import { rulingWords } from '../../words/english/ruling';

export type CombStep = (typeof COMB_STEPS)[number];

/** What is done with comb honey before it is sold. */
export const COMB_STEP_NAMES: Readonly<Record<CombStep, string>> = {
  drain: rulingWords.cutEdgesDrainedOvernightOn(),
  get freeze() {
    return rulingWords.frozenAgainstMothTwoDays();
  },
  weigh: rulingWords.eachPieceWeighed(),
  pack: rulingWords.packedAirtightWithNoDrips(),
  label: rulingWords.labelledCombHoneyNetWeight(),
};
