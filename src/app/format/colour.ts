import type { ColourClassId } from '../../core';
import { classOf, pfundOf } from '../../model';
import { type COMB_COLOURS, type ColourContent } from '../../records';
import { formatsWords } from '../words/english/formats';
import { coloursWords } from '../words/english/colours';

/** Colours as they are guessed in the comb. */
export const COLOUR_NAMES: Readonly<Record<(typeof COMB_COLOURS)[number], string>> = {
  unseen: formatsWords.colourNotNoted(),
  'very-light': formatsWords.veryLight(),
  light: formatsWords.light(),
  amber: formatsWords.amber(),
  dark: formatsWords.dark(),
  'very-dark': formatsWords.veryDark(),
  mixed: formatsWords.mixed(),
};

/** "light amber" */
export const colourName = (id: ColourClassId): string => coloursWords[id]();

/** "light amber, 62 mm Pfund", or the class alone where it was judged by eye. */
export function colourWords(content: ColourContent): string {
  const pfundMm = pfundOf(content);
  const name = colourName(classOf(content));
  return pfundMm === null
    ? formatsWords.byEye({ name })
    : formatsWords.mmPfund({ name, pfundMm: Math.round(pfundMm) });
}
