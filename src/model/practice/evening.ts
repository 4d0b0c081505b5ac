import { EVENING_LOOKS, eveningScene, type EveningGuesses } from '../../core';
import type { PracticeLook } from '../../records';

/** What everybody said on this device or in a file that came in, side by side; the first answer counts. */
export function eveningGuesses(looks: readonly PracticeLook[], code: number): EveningGuesses[] {
  const seeds = Array.from({ length: EVENING_LOOKS }, (_, at) => eveningScene(code, at).seed);
  const own = looks.filter(({ content }) => content.evening === code);
  const names = [...new Set(own.map(({ content }) => content.reader))];
  return names.map((name) => ({
    name,
    answers: seeds.map(
      (seed) =>
        own.find(({ content }) => content.reader === name && content.seed === seed)?.content
          .answered ?? null,
    ),
  }));
}
