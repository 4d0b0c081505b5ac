/** Whether some texts hold every word that is looked for, each as the beginning of one of theirs. */
export function holdsWords(texts: readonly string[], find: string): boolean {
  const wanted = find.toLowerCase().split(/\s+/).filter(Boolean);
  if (wanted.length === 0) return true;
  const words = texts.join(' ').toLowerCase().split(/\s+/);
  return wanted.every((word) => words.some((each) => each.startsWith(word)));
}
