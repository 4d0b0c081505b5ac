import type { PDFDocument, PDFFont, PDFPage, RGB } from '@cantoo/pdf-lib';

/** Where and how a line is written. */
export interface Pen {
  readonly x: number;
  readonly y: number;
  readonly size: number;
  readonly color: RGB;
}

/** One sign as it is written: by which font, as which sign, how wide at a size of 1. */
interface Letter {
  readonly font: PDFFont;
  readonly sign: string;
  readonly width: number;
}

/** What stands where no font has a sign. */
const INSTEAD = '?';

/** Size at which widths are read [pt]: large, so that they are not rounded. */
const READ_AT_PT = 1000;

/** Several fonts that write one text together: each sign comes from the first font that has it. */
export class Typeface {
  private readonly missed = new Set<string>();
  private readonly known = new Map<string, Letter | null>();

  private constructor(
    private readonly fonts: readonly {
      readonly font: PDFFont;
      readonly has: ReadonlySet<number>;
    }[],
  ) {}

  /** @param files - fonts, the preferred one first; at least one */
  static async embedded(document: PDFDocument, files: readonly ArrayBuffer[]): Promise<Typeface> {
    const fonts = await Promise.all(
      files.map(async (file) => {
        const font = await document.embedFont(file, { subset: true });
        return { font, has: new Set(font.getCharacterSet()) };
      }),
    );
    return new Typeface(fonts);
  }

  /** Signs that were to be written and that no font has. */
  get missing(): readonly string[] {
    return [...this.missed];
  }

  private ownLetter(sign: string): Letter | null {
    const code = sign.codePointAt(0) ?? 0;
    const font = this.fonts.find((item) => item.has.has(code))?.font;
    return font
      ? { font, sign, width: font.widthOfTextAtSize(sign, READ_AT_PT) / READ_AT_PT }
      : null;
  }

  private letter(sign: string): Letter | null {
    const known = this.known.get(sign);
    if (known !== undefined) return known;
    const own = this.ownLetter(sign);
    if (!own) this.missed.add(sign);
    const letter = own ?? this.ownLetter(INSTEAD);
    this.known.set(sign, letter);
    return letter;
  }

  private letters(text: string): Letter[] {
    return [...text.normalize('NFC')].flatMap((sign) => this.letter(sign) ?? []);
  }

  /** [pt] */
  width(text: string, size: number): number {
    return size * this.letters(text).reduce((sum, letter) => sum + letter.width, 0);
  }

  draw(page: PDFPage, text: string, { x, ...pen }: Pen): void {
    let at = x;
    let run: Letter[] = [];
    const write = (): void => {
      const [first] = run;
      if (!first) return;
      page.drawText(run.map((item) => item.sign).join(''), { ...pen, x: at, font: first.font });
      at += pen.size * run.reduce((sum, item) => sum + item.width, 0);
      run = [];
    };
    for (const letter of this.letters(text)) {
      if (run[0] && run[0].font !== letter.font) write();
      run.push(letter);
    }
    write();
  }
}

/** A PDF that was made, and the signs that it could not write. */
export interface MadePdf {
  readonly bytes: Uint8Array;
  readonly missing: readonly string[];
}

/** Signs that some typefaces could not write. */
export const missingIn = (...faces: readonly Typeface[]): readonly string[] => [
  ...new Set(faces.flatMap((typeface) => typeface.missing)),
];
