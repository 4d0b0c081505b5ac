import type { ReactElement } from 'react';
import { resolvedGuess, type GuessResolved } from '../../../../core';
import { classOf, compositionColours, type LotFile } from '../../../../model';
import { selectPreferences, useAppSelector } from '../../../../store';
import { COLOUR_NAMES, colourName } from '../../../format/colour';
import { formatQuantity } from '../../../format/units';
import { PlainTable } from '../../../ui/PlainTable';
import { benchWords } from '../../../words/english/bench';
import { commonWords } from '../../../words/english/common';

const RESOLVED: Readonly<Record<GuessResolved, string>> = {
  right: benchWords.asGuessed(),
  'glass-is-lighter': benchWords.lighterInGlassOldWax(),
  'glass-is-darker': benchWords.darkerInGlassThanGuessed(),
};

/** What was guessed in the comb, beside the colour in glass. */
export function CombGuesses({ file }: { file: LotFile }): ReactElement | null {
  const preferences = useAppSelector(selectPreferences);
  if (!file.frames) return null;
  const guesses = [...compositionColours(file.frames.content)].sort(([, a], [, b]) => b - a);
  if (guesses.length === 0) {
    return <p className="mt-2 text-base">{benchWords.itsColourInTheComb()}</p>;
  }
  const inGlass = file.colours.at(-1);
  const glass = inGlass && classOf(inGlass.content);
  return (
    <div className="mt-4">
      <h3 className="text-xl font-bold">{benchWords.guessedInTheComb()}</h3>
      <PlainTable
        label={benchWords.colourGuessedInTheComb()}
        head={[benchWords.inTheComb(), commonWords.honey(), benchWords.inGlass()]}
        rows={guesses.map(([guess, kg]) => [
          COLOUR_NAMES[guess],
          formatQuantity(kg, 'mass', preferences),
          glass === undefined
            ? benchWords.notReadYet()
            : guess === 'mixed'
              ? colourName(glass)
              : `${colourName(glass)}, ${RESOLVED[resolvedGuess(guess, glass)]}`,
        ])}
      />
    </div>
  );
}
