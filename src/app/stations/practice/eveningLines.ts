import { EVENING_LOOKS, type EveningGuesses } from '../../../core';

/** Guesses as a line that can be read out, typed or sent: a name and ten tenths, a dash for none. */
export function lineOf({ name, answers }: EveningGuesses): string {
  const tenths = answers.map((answer) => (answer === null ? '–' : String(Math.round(10 * answer))));
  return [name === '' ? '?' : name.replaceAll(/\s+/g, '_'), ...tenths].join(' ');
}

function readLine(line: string): EveningGuesses | null {
  const [name, ...rest] = line.trim().split(/[\s,;]+/);
  if (name === undefined || rest.length !== EVENING_LOOKS) return null;
  const answers = rest.map((text) => {
    if (text === '–' || text === '-') return null;
    const tenths = Number(text);
    return Number.isInteger(tenths) && tenths >= 0 && tenths <= 10 ? tenths / 10 : NaN;
  });
  return answers.some((answer) => Number.isNaN(answer)) ? null : { name, answers };
}

/** Lines of guesses as they were typed, and those that are none. */
export function readLines(text: string): { read: EveningGuesses[]; notRead: string[] } {
  const lines = text.split('\n').filter((line) => line.trim() !== '');
  const read = lines.map(readLine);
  return {
    read: read.flatMap((guesses) => (guesses ? [guesses] : [])),
    notRead: lines.filter((_, at) => read[at] === null),
  };
}
