import { format } from 'date-fns';

const LETTERS = 'abcdefghijklmnopqrstuvwxyz';

/** The next free code of a day: 261124-a, 261124-b, and so on. */
export function nextCode(day: Date, taken: readonly string[]): string {
  const stem = format(day, 'yyMMdd');
  const free = [...LETTERS].find((letter) => !taken.includes(`${stem}-${letter}`));
  return free ? `${stem}-${free}` : `${stem}-${taken.length + 1}`;
}
