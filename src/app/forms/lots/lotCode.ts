const LETTERS = 'abcdefghijklmnopqrstuvwxyz';

/** The next free code of a day: 261124-a, 261124-b, and so on. */
export function nextCode(isoDay: string, taken: readonly string[]): string {
  const stem = isoDay.slice(2).replaceAll('-', '');
  const free = [...LETTERS].find((letter) => !taken.includes(`${stem}-${letter}`));
  return free ? `${stem}-${free}` : `${stem}-${taken.length + 1}`;
}
