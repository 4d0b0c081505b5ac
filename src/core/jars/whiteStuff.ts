/** Where in a jar something white is seen. */
export const WHITE_PLACES = ['top', 'glass', 'bottom', 'all-through'] as const;
export type WhitePlace = (typeof WHITE_PLACES)[number];

/** How it feels on a spoon. */
export const WHITE_FEELS = ['froth', 'grains', 'streaks'] as const;
export type WhiteFeel = (typeof WHITE_FEELS)[number];

/** Whether the jar fizzes, smells of yeast or wine, or its lid domes. */
export const SOUR_SIGNS = ['no', 'yes', 'not-tried'] as const;
export type SourSign = (typeof SOUR_SIGNS)[number];

export const WHITE_CAUSES = [
  'fermenting',
  'foam',
  'bloom',
  'beginning',
  'parted',
  'set',
  'not-clear',
] as const;
export type WhiteCause = (typeof WHITE_CAUSES)[number];

/**
 * What something white in a jar is. Signs of fermentation go before all else.
 *
 * - `foam`: air and specks of wax that rose; `bloom`: streaks of crystals at the glass where set honey
 *   drew back from it; `beginning`: crystals grow from the bottom; `parted`: thin honey stands on set
 *   honey, which ferments first; `set`: crystals all through.
 *
 * @returns `not-clear` where froth was seen and nobody smelt it: froth may be either
 * @source common practice, no source
 */
export function whiteStuff(place: WhitePlace, feel: WhiteFeel, sour: SourSign): WhiteCause {
  if (sour === 'yes') return 'fermenting';
  if (feel === 'froth') {
    if (place !== 'top') return 'not-clear';
    return sour === 'no' ? 'foam' : 'not-clear';
  }
  if (place === 'glass') return 'bloom';
  if (place === 'bottom') return feel === 'streaks' ? 'bloom' : 'beginning';
  return place === 'top' ? 'parted' : 'set';
}
