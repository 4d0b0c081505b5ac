/** Points in a millimetre. */
export const PT_PER_MM = 72 / 25.4;

/** One blank for whatever blanks stand in a text: lines are broken anew. */
export const plain = (text: string): string => text.replace(/\s+/g, ' ');

/** Breaks a text into lines of a width; a word that is too long by itself is cut. */
export function brokenLines(
  text: string,
  widthOf: (part: string) => number,
  width: number,
): string[] {
  const lines: string[] = [];
  let line = '';
  const put = (word: string): void => {
    const longer = line === '' ? word : `${line} ${word}`;
    if (widthOf(longer) <= width) {
      line = longer;
      return;
    }
    if (line !== '') lines.push(line);
    line = word;
    while (widthOf(line) > width && line.length > 1) {
      let cut = line.length - 1;
      while (cut > 1 && widthOf(line.slice(0, cut)) > width) cut -= 1;
      lines.push(line.slice(0, cut));
      line = line.slice(cut);
    }
  };
  plain(text).split(' ').forEach(put);
  lines.push(line);
  return lines;
}
