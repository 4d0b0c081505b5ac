import { COLOUR_CLASSES, type ColourClassId } from './pfund';

/** Colours that honey in the comb is guessed to have. */
export const GUESSED_COLOURS = ['very-light', 'light', 'amber', 'dark', 'very-dark'] as const;
export type GuessedColour = (typeof GUESSED_COLOURS)[number];

/**
 * Classes in glass that a guess in the comb usually turns out to be, light first.
 *
 * @source common practice, no source; old wax makes light honey look dark
 */
const USUAL_CLASSES: Readonly<Record<GuessedColour, readonly [ColourClassId, ColourClassId]>> = {
  'very-light': ['water-white', 'white'],
  light: ['white', 'extra-light-amber'],
  amber: ['light-amber', 'amber'],
  dark: ['amber', 'dark-amber'],
  'very-dark': ['dark-amber', 'dark-amber'],
};

/** How a guess in the comb compares with the colour in glass. */
export type GuessResolved = 'right' | 'glass-is-lighter' | 'glass-is-darker';

const placeOf = (id: ColourClassId): number =>
  COLOUR_CLASSES.findIndex((colourClass) => colourClass.id === id);

/**
 * A colour guessed in the comb, held against the colour in glass.
 *
 * @param guess - as seen against the light
 * @param inGlass - class read in glass
 * @source classes as in `USUAL_CLASSES`
 */
export function resolvedGuess(guess: GuessedColour, inGlass: ColourClassId): GuessResolved {
  const [lightest, darkest] = USUAL_CLASSES[guess];
  if (placeOf(inGlass) < placeOf(lightest)) return 'glass-is-lighter';
  return placeOf(inGlass) > placeOf(darkest) ? 'glass-is-darker' : 'right';
}
