import type { ReactElement } from 'react';
import { resolvedGuess, type GuessResolved } from '../../../../core';
import { classOf, makeUpColours, type LotFile } from '../../../../model';
import { selectPreferences, useAppSelector } from '../../../../store';
import { COLOUR_NAMES, colourName } from '../../../format/colour';
import { formatQuantity } from '../../../format/units';
import { PlainTable } from '../../../ui/PlainTable';

const RESOLVED: Readonly<Record<GuessResolved, string>> = {
  right: 'as guessed',
  'glass-is-lighter': 'lighter in glass: old wax misled',
  'glass-is-darker': 'darker in glass than guessed',
};

/** What was guessed in the comb, beside the colour in glass. */
export function CombGuesses({ file }: { file: LotFile }): ReactElement | null {
  const preferences = useAppSelector(selectPreferences);
  if (!file.frames) return null;
  const guesses = [...makeUpColours(file.frames.content)].sort(([, a], [, b]) => b - a);
  if (guesses.length === 0) {
    return <p className="mt-2 text-base">Nobody guessed its colour in the comb.</p>;
  }
  const inGlass = file.colours.at(-1);
  const glass = inGlass && classOf(inGlass.content);
  return (
    <div className="mt-4">
      <h3 className="text-xl font-bold">Guessed in the comb</h3>
      <PlainTable
        label="Colour guessed in the comb beside the colour in glass"
        head={['In the comb', 'Honey', 'In glass']}
        rows={guesses.map(([guess, kg]) => [
          COLOUR_NAMES[guess],
          formatQuantity(kg, 'mass', preferences),
          glass === undefined
            ? 'not read yet'
            : guess === 'mixed'
              ? colourName(glass)
              : `${colourName(glass)}, ${RESOLVED[resolvedGuess(guess, glass)]}`,
        ])}
      />
    </div>
  );
}
