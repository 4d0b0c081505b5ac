/** Deeper than any record by far: what is deeper is made to break whoever reads it. */
const MOST_DEPTH = 64;

/** No record is longer: a photograph takes some hundred thousand characters. */
const MOST_ELEMENT = 40_000_000;

/** All that stands beside the records; they are most of a file. */
const MOST_REST = 1_000_000;

/** A file that no Ripenum wrote: refused as soon as that is seen. */
export class TooMuchError extends Error {
  /** @param element - place of the record that is too deep or too long; null: beside the records */
  constructor(readonly element: number | null) {
    super();
  }
}

/**
 * Parts a file of JSON as it comes in, so that it is never one text: the elements of the arrays that
 * stand at its top level go out one by one, the rest is kept as a skeleton with empty arrays. What each
 * part says, and whether it is JSON at all, is left to the platform's own parser.
 */
export class FileScanner {
  private skeletonText = '';
  /** the element that is being read, in pieces */
  private element: string[] = [];
  private depth = 0;
  private inText = false;
  /** the last character of the chunk before was an escape */
  private escaped = false;
  private inArray = false;
  private elements = 0;
  /** length of the element that is being read */
  private length = 0;
  /** the next escape of the chunk: looked for once, not again for every string */
  private slash = 0;

  /** @param onElement - the text of one element, and where it stands; may throw to stop */
  constructor(private readonly onElement: (text: string, at: number) => void) {}

  /** What has been read besides the elements of arrays. */
  get skeleton(): string {
    return this.skeletonText;
  }

  /** @throws SyntaxError where an element is missing between commas; TooMuchError */
  feed(chunk: string): void {
    let from = 0;
    let at = 0;
    this.slash = chunk.indexOf('\\');
    while (at < chunk.length) {
      if (this.inText) {
        at = this.endOfText(chunk, at);
        continue;
      }
      const sign = chunk[at];
      if (sign === '"') this.inText = true;
      else if (sign === '{' || sign === '[') {
        this.depth += 1;
        if (this.depth > MOST_DEPTH) throw this.tooMuch();
        if (this.depth === 2 && sign === '[') {
          this.take(chunk.slice(from, at + 1));
          from = at + 1;
          this.inArray = true;
          this.elements = 0;
        }
      } else if (sign === '}' || sign === ']') {
        if (this.inArray && this.depth === 2) {
          this.take(chunk.slice(from, at));
          from = at;
          this.finishElement(true);
          this.inArray = false;
        }
        this.depth -= 1;
      } else if (sign === ',' && this.inArray && this.depth === 2) {
        this.take(chunk.slice(from, at));
        from = at + 1;
        this.finishElement(false);
      }
      at += 1;
    }
    this.take(chunk.slice(from));
  }

  /** Where the text goes on after a string, or the end of the chunk within it. */
  private endOfText(chunk: string, from: number): number {
    let at = from;
    if (this.escaped) {
      this.escaped = false;
      at += 1;
    }
    while (at < chunk.length) {
      const quote = chunk.indexOf('"', at);
      if (this.slash >= 0 && this.slash < at) this.slash = chunk.indexOf('\\', at);
      if (this.slash >= 0 && (quote < 0 || this.slash < quote)) {
        if (this.slash + 1 >= chunk.length) {
          this.escaped = true;
          return chunk.length;
        }
        at = this.slash + 2;
        continue;
      }
      if (quote < 0) return chunk.length;
      this.inText = false;
      return quote + 1;
    }
    return at;
  }

  private take(piece: string): void {
    if (piece === '') return;
    if (this.inArray) {
      this.element.push(piece);
      this.length += piece.length;
      if (this.length > MOST_ELEMENT) throw this.tooMuch();
    } else {
      this.skeletonText += piece;
      if (this.skeletonText.length > MOST_REST) throw this.tooMuch();
    }
  }

  private tooMuch(): TooMuchError {
    return new TooMuchError(this.inArray ? this.elements : null);
  }

  private finishElement(isLast: boolean): void {
    const text = this.element.join('');
    this.element = [];
    this.length = 0;
    const isBlank = text.trim() === '';
    if (isBlank && isLast && this.elements === 0) return;
    if (isBlank) throw new SyntaxError('an element of a list is missing');
    this.onElement(text, this.elements);
    this.elements += 1;
  }
}
