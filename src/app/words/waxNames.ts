import type { CombState, WaxAct, WaxForm } from '../../core';
import { waxWords } from './english/wax';

export const WAX_ACT_NAMES: Readonly<Record<WaxAct, string>> = {
  gathered: waxWords.gathered(),
  melted: waxWords.melted(),
  made: waxWords.made(),
  gone: waxWords.gone(),
};

export const WAX_FORM_NAMES: Readonly<Record<WaxForm, string>> = {
  cappings: waxWords.cappings(),
  'burr-comb': waxWords.burrComb(),
  'old-comb': waxWords.oldComb(),
  'raw-wax': waxWords.rawWax(),
  block: waxWords.block(),
  foundation: waxWords.foundation(),
  salve: waxWords.salve(),
  candles: waxWords.candles(),
};

export const COMB_STATE_NAMES: Readonly<Record<CombState, string>> = {
  drawn: waxWords.drawn(),
  'half-drawn': waxWords.halfDrawn(),
  bare: waxWords.bare(),
  'to-melt': waxWords.toMelt(),
};
